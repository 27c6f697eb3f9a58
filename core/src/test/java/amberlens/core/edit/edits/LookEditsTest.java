package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.look.Flash;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.look.Looks;
import amberlens.core.material.look.StockLook;
import amberlens.core.model.project.Carried;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Owner;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class LookEditsTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size SMALL = new Size(2000, 1500);
    private static final Size LARGE = new Size(4000, 3000);

    private static Shot shot(String id, String media, Size size, int start, int length) {
        CameraTrack camera = CameraTrack.still(Pose.neutral(size, FRAME));
        return new Shot(id, id, media, 1, start, length, true, camera, Extras.NONE);
    }

    private static Project two() {
        return Project.empty("Fernhollow")
                .withMedia(List.of(Media.photo("m1", "/a.jpg", SMALL), Media.photo("m2", "/b.jpg", LARGE)))
                .withShots(List.of(shot("s1", "m1", SMALL, 0, 101), shot("s2", "m2", LARGE, 101, 51)));
    }

    private static Shot shot(Project project, String id) {
        return project.shot(id).orElseThrow();
    }

    private static LookSet clearing() {
        return StockLook.CLEARING.make(SMALL, FRAME, 101);
    }

    private static LookSet spotlight() {
        return StockLook.DIM_SURROUND.make(SMALL, FRAME, 101);
    }

    private static Project dressed() {
        Project one = LookEdits.add(Set.of("s1"), clearing()).apply(two());
        return LookEdits.add(Set.of("s1"), spotlight()).apply(one);
    }

    @Test
    void looks_are_numbered_by_kind_and_a_number_that_is_free_is_taken_again() {
        Project three = LookEdits.add(Set.of("s1"), clearing()).apply(dressed());
        assertThat(shot(three, "s1").looks().stream().map(look -> look.owner().id()))
                .containsExactly("tone-1", "mask-1", "tone-2");
        Look first = shot(three, "s1").looks().getFirst();
        Project less = LookEdits.remove("s1", first).apply(three);
        assertThat(shot(less, "s1").camera().channels().properties().stream()
                        .map(one -> one.owner().id()))
                .doesNotContain("tone-1")
                .contains("tone-2", "mask-1");
        Project again = LookEdits.add(Set.of("s1"), clearing()).apply(less);
        assertThat(shot(again, "s1").looks().getLast().number()).isEqualTo(1);
    }

    @Test
    void copied_looks_are_fitted_to_picture_and_length() {
        Project project = dressed();
        Project copied =
                LookEdits.copy(project, shot(project, "s1"), Set.of("s1", "s2")).apply(project);
        Shot there = shot(copied, "s2");
        assertThat(there.looks()).isEqualTo(shot(copied, "s1").looks());
        Look tone = there.looks().getFirst();
        List<Key<Double>> keys =
                there.camera().get(tone.own(LookKinds.SATURATION)).keys();
        assertThat(keys.stream().map(Key::at)).containsExactly(10, 35);
        Look mask = there.looks().get(1);
        assertThat(mask.at(there.camera(), LookKinds.MASK_CENTRE, 0)).isEqualTo(new FramePoint(2000, 1500));
        assertThat(mask.at(there.camera(), LookKinds.MASK_FEATHER, 0)).isCloseTo(150.0, within(1e-9));
        assertThat(there.camera().scale()).isEqualTo(shot(two(), "s2").camera().scale());
    }

    @Test
    void linked_looks_follow_until_they_are_changed_by_themselves() {
        Project project = dressed();
        History<String> history = new History<>(CarryEdits.carry(new Carried("s1", Set.of(), true), Set.of("s2"), true)
                .apply(project));
        Look tone = shot(history.present(), "s1").looks().getFirst();
        history.apply(LookEdits.switchOn("s1", tone, false), "");
        assertThat(shot(history.present(), "s2").looks().getFirst().on()).isFalse();
        history.apply(
                CameraEdits.setValue("tint", shot(history.present(), "s1"), tone.own(LookKinds.TINT), 0, 30.0), "");
        Shot second = shot(history.present(), "s2");
        assertThat(tone.at(second.camera(), LookKinds.TINT, 0)).isEqualTo(30.0);
        assertThat(second.settings().carried()).isPresent();
        history.apply(CameraEdits.setValue("own", second, tone.own(LookKinds.TINT), 0, -10.0), "");
        assertThat(shot(history.present(), "s2").settings().carried()).isEmpty();
        history.undo();
        assertThat(shot(history.present(), "s2").settings().carried()).isPresent();
    }

    @Test
    void all_looks_are_put_aside_taken_up_and_taken_away_together() {
        Project both =
                LookEdits.copy(dressed(), shot(dressed(), "s1"), Set.of("s2")).apply(dressed());
        Project aside = LookEdits.switchAll(Set.of("s1", "s2"), false).apply(both);
        assertThat(aside.shots()).allMatch(shot -> shot.looks().stream().noneMatch(Look::on));
        assertThat(LookEdits.switchAll(Set.of("s1", "s2"), true).apply(aside).shots())
                .isEqualTo(both.shots());
        Project bare = LookEdits.removeAll(Set.of("s1", "s2")).apply(both);
        assertThat(bare.shots()).isEqualTo(two().shots());
    }

    @Test
    void a_look_moves_in_the_list_and_stops_at_its_ends() {
        Look mask = shot(dressed(), "s1").looks().get(1);
        Project up = LookEdits.move("s1", mask, -1).apply(dressed());
        assertThat(shot(up, "s1").looks().getFirst()).isEqualTo(mask);
        assertThat(LookEdits.move("s1", mask, -5).apply(up).shots()).isEqualTo(up.shots());
    }

    @Test
    void amounts_without_a_look_are_dropped_and_too_many_looks_refused() {
        Owner nobody = new Owner("tone", 7);
        CameraTrack strange = shot(two(), "s1")
                .camera()
                .with(LookKinds.TINT.ownedBy(nobody), Channel.constant(ValueKinds.NUMBER, 5.0));
        assertThat(shot(two(), "s1").withCamera(strange).camera())
                .isEqualTo(shot(two(), "s1").camera());
        var many = new LookDraft(SMALL, FRAME, 10);
        for (int i = 0; i <= Looks.MOST; i++) {
            many.add(LookKinds.CALM);
        }
        assertThatThrownBy(() -> LookEdits.add(Set.of("s1"), many.named("many")).apply(two()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("200");
    }

    @Test
    void a_flash_is_there_at_once_and_a_pulse_swells_and_both_are_over_before_the_next() {
        var frames = new TreeSet<>(List.of(20, 24, 60));
        LookSet flash = Flash.FLASH.make(SMALL, FRAME, 101, FrameRate.of(25), frames);
        Look tone = flash.looks().getFirst();
        assertThat(tone.at(flash.camera(), LookKinds.EXPOSURE, 19)).isZero();
        for (int at : frames) {
            assertThat(tone.at(flash.camera(), LookKinds.EXPOSURE, at)).isEqualTo(1.6);
        }
        assertThat(tone.at(flash.camera(), LookKinds.EXPOSURE, 23)).isLessThan(1.6);
        assertThat(tone.at(flash.camera(), LookKinds.EXPOSURE, 40)).isZero();
        assertThat(tone.at(flash.camera(), LookKinds.EXPOSURE, 59)).isZero();
        LookSet pulse = Flash.PULSE.make(SMALL, FRAME, 101, FrameRate.of(25), new TreeSet<>(List.of(60)));
        assertThat(tone.at(pulse.camera(), LookKinds.EXPOSURE, 57)).isBetween(0.1, 0.5);
        assertThatThrownBy(() -> Flash.FLASH.make(SMALL, FRAME, 101, FrameRate.of(25), new TreeSet<>()))
                .hasMessageContaining("marker");
    }
}
