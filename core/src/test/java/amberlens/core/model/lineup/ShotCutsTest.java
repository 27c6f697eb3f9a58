package amberlens.core.model.lineup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.footage.Source;
import amberlens.core.material.layering.Fade;
import amberlens.core.model.project.Alternative;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** What goes along when shots are cut, slipped and put together: keys, markers, locks, versions, footage, fades. */
class ShotCutsTest {
    private static final Size SIZE = new Size(1920, 1080);
    private static final Media POND =
            Media.footage("m1", Media.Kind.FILM, "pond.mp4", SIZE, new Footage(FrameRate.of(50), 400));
    private static final Media PLAN = Media.photo("m2", "plan.png", SIZE);

    private static CameraTrack turning(int... frames) {
        return CameraTrack.still(Pose.neutral(SIZE, SIZE))
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER,
                        java.util.Arrays.stream(frames)
                                .mapToObj(frame -> Key.of(frame, (double) frame, Leg.LINEAR))
                                .toList()));
    }

    private static Shot shot(String id, Media media, int start, int length, CameraTrack camera) {
        Shot shot = new Shot(id, id, media.id(), 1, start, length, true, camera, Extras.NONE);
        return shot.withMarkers(List.of(Marker.at(2, "early"), Marker.at(30, "late")))
                .withSettings(shot.settings()
                        .withLocked(new TreeSet<>(List.of(0, 30)))
                        .withAlternatives(List.of(new Alternative("B", turning(5, 25)))));
    }

    private static Project with(Shot... shots) {
        return Project.empty("cuts").withMedia(List.of(POND, PLAN)).withShots(List.of(shots));
    }

    @Test
    void without_its_first_frames_everything_keeps_its_place_in_time() {
        Shot shot = shot("s1", POND, 100, 40, turning(0, 20));
        Shot cut = ShotCuts.withoutFirst(with(shot), shot, 10);
        assertThat(cut.start()).isEqualTo(110);
        assertThat(cut.length()).isEqualTo(30);
        assertThat(cut.camera().rotation().keys()).extracting(Key::at).containsExactly(-10, 10);
        assertThat(cut.markers()).extracting(Marker::at).containsExactly(20);
        assertThat(cut.settings().locked()).containsExactly(20);
        assertThat(cut.settings().alternatives().getFirst().camera().rotation().keys())
                .extracting(Key::at)
                .containsExactly(-5, 15);
        assertThat(cut.source().in()).as("ten frames at 25 are twenty at 50").isEqualTo(20);
        assertThat(ShotCuts.withoutFirst(with(shot), shot, 0)).isSameAs(shot);
    }

    @Test
    void with_frames_more_before_it_nothing_falls_away_and_the_line_up_s_beginning_stops_it() {
        Shot shot = shot("s1", PLAN, 5, 40, turning(0, 20));
        Shot longer = ShotCuts.withoutFirst(with(shot), shot, -8);
        assertThat(longer.start()).isZero();
        assertThat(longer.length()).isEqualTo(48);
        assertThat(longer.markers()).extracting(Marker::at).containsExactly(10, 38);
        assertThat(longer.camera().rotation().keys()).extracting(Key::at).containsExactly(8, 28);
        assertThat(longer.source()).isEqualTo(Source.WHOLE);
    }

    @Test
    void a_length_stays_within_what_a_shot_can_have() {
        Shot shot = shot("s1", PLAN, 5, 40, turning(0, 20));
        assertThat(ShotCuts.ofLength(shot, 0).length()).isEqualTo(1);
        assertThat(ShotCuts.ofLength(shot, 7).length()).isEqualTo(7);
        assertThat(ShotCuts.ofLength(shot, Integer.MAX_VALUE).length()).isEqualTo(Shot.LONGEST);
        assertThat(ShotCuts.ofLength(shot, 7).camera()).isSameAs(shot.camera());
    }

    @Test
    void a_split_lies_inside_the_shot_and_fades_stay_outside() {
        Shot plain = shot("s1", PLAN, 0, 40, turning(0, 20));
        Shot shot = plain.withLayering(
                plain.layering().withEnter(Optional.of(Fade.over(3))).withLeave(Optional.of(Fade.over(4))));
        ShotCuts.Halves halves = ShotCuts.split(with(shot), shot, 1, "s2");
        assertThat(halves.first().length()).isEqualTo(1);
        assertThat(halves.second().length()).isEqualTo(39);
        assertThat(halves.second().id()).isEqualTo("s2");
        assertThat(halves.first().layering().leave()).isEmpty();
        assertThat(halves.second().layering().enter()).isEmpty();
        assertThat(ShotCuts.split(with(shot), shot, 39, "s2").second().length()).isEqualTo(1);
        assertThatThrownBy(() -> ShotCuts.split(with(shot), shot, 0, "s2")).hasMessageContaining("1 to 39");
        assertThatThrownBy(() -> ShotCuts.split(with(shot), shot, 40, "s2")).hasMessageContaining("not at 40");
    }

    @Test
    void slipped_footage_stays_within_itself_and_a_tied_move_goes_along_at_the_shot_s_rate() {
        Shot shot =
                shot("s1", POND, 0, 40, turning(10, 30)).withSource(new Source(100, Source.Conversion.NEAREST, true));
        Shot slipped = ShotCuts.slipped(with(shot), shot, 20);
        assertThat(slipped.source().in()).isEqualTo(120);
        assertThat(slipped.camera().rotation().keys()).extracting(Key::at).containsExactly(0, 20);
        assertThat(ShotCuts.slipped(with(shot), shot, -500).source().in()).isZero();
        assertThat(ShotCuts.slipped(with(shot), shot, 5000).source().in()).isEqualTo(399);
        Shot free = shot.withSource(shot.source().withTied(false));
        assertThat(ShotCuts.slipped(with(free), free, 20).camera()).isEqualTo(free.camera());
        Shot frozen = shot.withCamera(shot.camera().with(Properties.SPEED, Channel.constant(ValueKinds.NUMBER, 0.0)));
        assertThat(ShotCuts.slipped(with(frozen), frozen, 20).camera()).isEqualTo(frozen.camera());
        Shot still = shot("s1", PLAN, 0, 40, turning(10, 30));
        assertThat(ShotCuts.slipped(with(still), still, 20)).isSameAs(still);
    }

    @Test
    void only_shots_that_go_on_in_place_and_footage_are_joined() {
        Shot first = shot("s1", POND, 0, 40, turning(0, 20));
        Shot goesOn =
                shot("s2", POND, 40, 10, turning(0, 5)).withSource(new Source(80, Source.Conversion.NEAREST, false));
        assertThat(Joining.refusal(with(first, goesOn), first, goesOn)).isEmpty();
        Shot jumps = goesOn.withSource(goesOn.source().withIn(81));
        assertThat(Joining.refusal(with(first, jumps), first, jumps).orElseThrow())
                .contains("does not go on");
        Shot blends = goesOn.withSource(goesOn.source().withConversion(Source.Conversion.BLEND));
        assertThat(Joining.refusal(with(first, blends), first, blends)).isPresent();
        Shot above = goesOn.withTrack(2);
        assertThat(Joining.refusal(with(first, above), first, above).orElseThrow())
                .contains("do not follow");
        Shot other = shot("s3", PLAN, 40, 10, turning(0, 5));
        assertThat(Joining.refusal(with(first, other), first, other).orElseThrow())
                .contains("different pictures");
        assertThatThrownBy(() -> Joining.join(with(first, other), first, other))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("different pictures");
    }

    @Test
    void joined_shots_keep_their_markers_in_place_and_the_outer_fades() {
        Shot first = shot("s1", PLAN, 0, 20, turning(0, 19));
        Shot second = shot("s2", PLAN, 20, 40, turning(0, 39))
                .withLayering(first.layering().withLeave(Optional.of(Fade.over(4))));
        Shot joined = Joining.join(with(first, second), first, second);
        assertThat(joined.length()).isEqualTo(60);
        assertThat(joined.markers()).extracting(Marker::at).containsExactly(2, 22, 50);
        assertThat(joined.layering().leave()).isPresent();
        assertThat(joined.camera().rotation().at(19)).isEqualTo(19);
        assertThat(joined.camera().rotation().at(20)).isZero();
        assertThat(joined.camera().rotation().at(59)).isEqualTo(39);
    }

    @Test
    void axes_bends_and_muted_keys_are_put_end_to_end_as_they_are_seen() {
        CameraTrack still = CameraTrack.still(Pose.neutral(SIZE, SIZE));
        CameraTrack bent = still.withPosition(Channel.keyed(
                ValueKinds.POSITION,
                List.of(
                        Key.of(0, new FramePoint(0, 0), Leg.LINEAR)
                                .withHandles(new PathHandles(FramePoint.ZERO, new FramePoint(50, 80))),
                        Key.of(19, new FramePoint(100, 0), Leg.LINEAR)
                                .withHandles(new PathHandles(new FramePoint(-50, 80), FramePoint.ZERO)))));
        CameraTrack apart = still.withPosition(
                Channel.constant(ValueKinds.POSITION, new FramePoint(7, 9)).unlinked());
        CameraTrack muted = turning(0, 9)
                .withRotation(turning(0, 9).rotation().withMuted(true, 4.0))
                .withPosition(Channel.keyed(ValueKinds.POSITION, List.of(Key.of(3, new FramePoint(1, 2), Leg.LINEAR))));
        Shot one = shot("s1", PLAN, 0, 20, bent);
        Shot two = shot("s2", PLAN, 20, 20, muted);
        CameraTrack joined = Joining.join(with(one, two), one, two).camera();
        for (int frame = 0; frame < 20; frame++) {
            assertThat(joined.position().at(frame).distance(bent.position().at(frame)))
                    .isLessThan(1e-6);
            assertThat(joined.rotation().at(frame + 20)).isEqualTo(4);
            assertThat(joined.position().at(frame + 20)).isEqualTo(new FramePoint(1, 2));
        }
        Shot unlinked = shot("s2", PLAN, 20, 20, apart);
        CameraTrack both = Joining.join(with(one, unlinked), one, unlinked).camera();
        assertThat(both.position().axes()).isPresent();
        assertThat(both.position().at(30)).isEqualTo(new FramePoint(7, 9));
        assertThat(both.position().at(0).x()).isCloseTo(0, within(1e-9));
    }
}
