package amberlens.core.edit.delivery;

import static amberlens.core.edit.delivery.DeliveryFilmTest.UPRIGHT;
import static amberlens.core.edit.delivery.DeliveryFilmTest.film;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomMoves;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKinds;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is done in one shape of a film, and what becomes of the others. */
class DeliveryEditsTest {
    private static final Delivery SQUARE = Delivery.of("d2", new Size(1080, 1080));
    private static final Pose STILL = Pose.neutral(RandomMoves.PICTURE, RandomMoves.FRAME);
    private static final CameraTrack SLIDE = CameraTrack.still(STILL)
            .withPosition(Channel.keyed(
                    ValueKinds.POSITION,
                    List.of(
                            Key.of(0, new FramePoint(900, 500), Leg.LINEAR),
                            Key.of(40, new FramePoint(1000, 500), Leg.LINEAR))));

    private final Project film = film(SLIDE, 50, UPRIGHT, SQUARE);

    private static Project upright(Edit edit, Project project) {
        return DeliveryEdits.inAllShapes(edit, Optional.of("d1")).apply(project);
    }

    private static Project own(Edit edit, Project project) {
        return DeliveryEdits.inAllShapes(edit, Optional.empty()).apply(project);
    }

    private static Shot first(Project project) {
        return project.shots().getFirst();
    }

    private static Shot seen(Project project) {
        return first(DeliveryFilm.of(project, UPRIGHT));
    }

    private Project framed() {
        return upright(CameraEdits.setPose("framing", "s1", 0, STILL.withPosition(new FramePoint(300, 900))), film);
    }

    @Test
    void a_framing_in_a_delivery_is_the_shots_own_there_and_nowhere_else() {
        Project changed = framed();
        assertThat(first(changed).camera()).isEqualTo(SLIDE);
        assertThat(first(changed).settings().deliveries()).containsOnlyKeys("d1");
        assertThat(seen(changed).camera().position().at(0)).isEqualTo(new FramePoint(300, 900));
        Project again =
                own(CameraEdits.setPose("framing", "s1", 0, STILL.withPosition(new FramePoint(950, 520))), changed);
        assertThat(first(again).camera().position().at(0)).isEqualTo(new FramePoint(950, 520));
        assertThat(seen(again).camera()).isEqualTo(seen(changed).camera());
        Project back = DeliveryEdits.giveBack("d1", Set.of("s1")).apply(again);
        assertThat(first(back).settings().deliveries()).isEmpty();
        assertThat(upright(DeliveryEdits.giveBack("d1", Set.of("s1")), again)).isEqualTo(back);
    }

    @Test
    void an_edit_that_changes_nothing_there_changes_nothing() {
        assertThat(upright(ShotEdits.rename("s1", "Plan"), film)).isSameAs(film);
    }

    @Test
    void what_is_not_of_the_move_is_the_same_in_every_shape() {
        Project faded = upright(
                CameraEdits.setValue("opacity", seen(film), Properties.OPACITY, 0, 40.0),
                upright(ShotEdits.rename("s1", "Beds"), framed()));
        assertThat(first(faded).name()).isEqualTo("Beds");
        assertThat(first(faded).camera().get(Properties.OPACITY).at(0)).isEqualTo(40.0);
        assertThat(first(faded).camera().withMoveOf(SLIDE))
                .isEqualTo(first(faded).camera());
        assertThat(first(faded).settings().deliveries()).containsOnlyKeys("d1");
    }

    /** A shadow that is 32 pixels off in an upright frame, in which pixels count 16/9 of the film's, is 18 off in the film. */
    @Test
    void a_look_in_frame_pixels_that_is_set_in_a_delivery_looks_the_same_in_the_film() {
        Look shadow = Look.of(LookKinds.SHADOW, 1);
        Property<FramePoint> offset = shadow.own(LookKinds.SHADOW_OFFSET);
        Project shaded = film.mapShot("s1", shot -> shot.withLooks(List.of(shadow)));
        Edit set = Edit.ofShot(
                "shadow",
                "s1",
                shot -> shot.withCamera(
                        shot.camera().with(offset, Channel.constant(offset.kind(), new FramePoint(32, 64)))));
        Project changed = upright(set, shaded);
        FramePoint inFilm = first(changed).camera().get(offset).at(0);
        assertThat(inFilm.x()).isCloseTo(18, within(1e-9));
        assertThat(inFilm.y()).isCloseTo(36, within(1e-9));
        assertThat(seen(changed).camera().get(offset).at(0).x()).isCloseTo(32, within(1e-9));
    }

    @Test
    void a_shot_that_is_trimmed_or_split_keeps_all_its_framings_at_their_times() {
        Project framed = framed();
        FramePoint before = seen(framed).camera().position().at(10);
        for (Project trimmed : List.of(
                own(LineUpEdits.trimStart("s1", 10, Laying.RIPPLE), framed),
                upright(LineUpEdits.trimStart("s1", 10, Laying.RIPPLE), framed))) {
            assertThat(first(trimmed).length()).isEqualTo(40);
            assertThat(first(trimmed).camera().position().at(0).x()).isCloseTo(925, within(1e-9));
            assertThat(seen(trimmed).camera().position().at(0)).isEqualTo(before);
        }
        Project split = upright(LineUpEdits.split(Set.of("s1"), 30), framed);
        assertThat(split.shots()).hasSize(2);
        FramePoint later = DeliveryFilm.of(split, UPRIGHT)
                .shots()
                .get(1)
                .camera()
                .position()
                .at(0);
        assertThat(later.minus(seen(framed).camera().position().at(30)).length())
                .isLessThan(1e-9);
        assertThat(split.shots().get(1).settings().deliveries()).containsOnlyKeys("d1");
        assertThat(own(LineUpEdits.split(Set.of("s1"), 30), film).shots())
                .allSatisfy(shot -> assertThat(shot.settings().deliveries()).isEmpty());
    }

    @Test
    void a_picture_that_is_laid_while_a_delivery_is_looked_at_is_framed_for_the_film() {
        Media seeds = Media.photo("m2", "seeds.jpg", new Size(2000, 3000));
        Project added = upright(ShotEdits.add(seeds, Refit.FILL, 1), upright(MediaEdits.add(seeds), film));
        Shot shot = added.shots().getLast();
        assertThat(shot.camera().scale().at(0).x()).isCloseTo(96, within(1e-9));
        assertThat(shot.settings().deliveries()).isEmpty();
    }

    @Test
    void another_frame_there_is_another_size_of_the_delivery_and_another_rate_of_the_film() {
        Project changed = upright(
                Edit.of(
                        "frame",
                        project -> project.withFrame(new FrameFormat(
                                new Size(720, 1280),
                                FrameRate.of(30),
                                project.frame().background()))),
                film);
        assertThat(changed.frameSize()).isEqualTo(RandomMoves.FRAME);
        assertThat(changed.frame().rate()).isEqualTo(FrameRate.of(30));
        assertThat(changed.delivery("d1").orElseThrow().size()).isEqualTo(new Size(720, 1280));
    }

    @Test
    void deliveries_are_added_by_their_shape_renamed_and_taken_away_with_what_is_theirs() {
        Project more = DeliveryEdits.add("", new Size(720, 1280)).apply(framed());
        assertThat(more.deliveries()).extracting(Delivery::name).containsExactly("9x16", "1x1", "9x16-2");
        assertThat(more.deliveries()).extracting(Delivery::id).containsExactly("d1", "d2", "d3");
        Project renamed = DeliveryEdits.change("d3", "Hall", new Size(720, 720)).apply(more);
        assertThat(renamed.deliveries().getLast())
                .isEqualTo(new Delivery("d3", "Hall", new Size(720, 720), Extras.NONE));
        Project fewer = DeliveryEdits.remove("d1").apply(renamed);
        assertThat(fewer.deliveries()).extracting(Delivery::id).containsExactly("d2", "d3");
        assertThat(first(fewer).settings().deliveries()).isEmpty();
    }
}
