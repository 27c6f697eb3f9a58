package amberlens.core.edit.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.ready.Direction;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.look.Shadow;
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
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ArrivalEditsTest {
    private static final Media SHEET = Media.photo("m1", "/archive/sheet.jpg", new Size(4000, 3000));
    private static final Size FRAME = new Size(1920, 1080);

    /** It stands at the upper right, a little turned. */
    private static final Pose PLACE =
            new Pose(Scale.uniform(14), new FramePoint(1400, 330), 4, new PicturePoint(2000, 1500));

    private static Project inset() {
        Project project =
                ShotEdits.add(SHEET, Refit.FILL, 0).apply(MediaEdits.add(SHEET).apply(Project.empty("Inset")));
        return project.mapShot("s1", shot -> shot.withSettings(shot.settings().withFillsFrame(false))
                .withCamera(CameraTrack.still(PLACE)));
    }

    private static Shot shot(Project project) {
        return project.shots().getFirst();
    }

    private static Project given(Project project, Arrival how) {
        return ArrivalEdits.give(Set.of("s1"), how).apply(project);
    }

    private static List<FramePoint> seen(Pose pose) {
        return Stream.of(Corner.values())
                .map(corner -> corner.of(SHEET.size()))
                .map(at -> pose.toFrame(new PicturePoint(at.x(), at.y())))
                .toList();
    }

    private static boolean isInFrame(FramePoint point) {
        return point.x() > 0 && point.x() < FRAME.width() && point.y() > 0 && point.y() < FRAME.height();
    }

    private static void assertStands(Project project, int from, int to) {
        for (int at = from; at <= to; at++) {
            Pose there = shot(project).camera().at(at);
            assertThat(there.position().distance(PLACE.position()))
                    .as("frame %d", at)
                    .isLessThan(1e-6);
            assertThat(there.scale().x()).isCloseTo(14, within(1e-9));
            assertThat(Math.IEEEremainder(there.degrees() - 4, 360)).isCloseTo(0, within(1e-6));
            assertThat(there.isFlat()).isTrue();
        }
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void every_arrival_ends_where_the_picture_stands_and_takes_as_long_as_it_is_told(Way way) {
        for (Direction side : Direction.values()) {
            for (Landing landing : Landing.values()) {
                Arrival how =
                        Arrival.USUAL.with(way).onSide(side).landing(landing).lasting(1);
                Project arrived = given(inset(), how);
                assertStands(arrived, 25, 124);
                boolean otherwise = !shot(arrived).camera().at(0).equals(PLACE);
                boolean fades = shot(arrived).layering().enter().isPresent();
                assertThat(otherwise || fades).as(way + " " + side).isEqualTo(way != Way.NONE);
                assertThat(given(inset(), how.leaving(true))).satisfies(left -> assertStands(left, 0, 99));
            }
        }
    }

    @Test
    void from_a_side_it_comes_from_outside_and_only_from_that_side() {
        for (Direction side : Direction.values()) {
            Pose start =
                    shot(given(inset(), Arrival.USUAL.onSide(side))).camera().at(0);
            assertThat(seen(start)).as(side.name()).noneMatch(ArrivalEditsTest::isInFrame);
            FramePoint way = start.position().minus(PLACE.position());
            switch (side) {
                case LEFT -> assertThat(way.x()).isNegative();
                case RIGHT -> assertThat(way.x()).isPositive();
                case UP -> assertThat(way.y()).isNegative();
                case DOWN -> assertThat(way.y()).isPositive();
            }
            assertThat(side == Direction.UP || side == Direction.DOWN ? way.x() : way.y())
                    .isZero();
        }
    }

    @Test
    void two_whole_turns_land_where_they_should() {
        Arrival how = Arrival.USUAL.onSide(Direction.UP).withTurns(2).lasting(2);
        Project arrived = given(inset(), how);
        assertStands(arrived, 50, 124);
        assertThat(Math.abs(shot(arrived).camera().at(0).degrees() - 4)).isCloseTo(720, within(1e-9));
    }

    @Test
    void a_bounce_touches_its_place_goes_back_a_little_and_comes_to_rest() {
        Project arrived = given(inset(), Arrival.USUAL.landing(Landing.BOUNCE).lasting(1));
        CameraTrack camera = shot(arrived).camera();
        assertThat(camera.at(15).position().distance(PLACE.position())).isLessThan(1e-6);
        double back = PLACE.position().x() - camera.at(20).position().x();
        double whole = PLACE.position().x() - camera.at(0).position().x();
        assertThat(back / whole).isCloseTo(0.05, within(1e-9));
    }

    @Test
    void another_arrival_takes_the_place_of_the_one_before_whatever_it_was() {
        for (Way before : Way.values()) {
            for (Way after : Way.values()) {
                Arrival first = Arrival.USUAL.with(before).lasting(2);
                Arrival second = Arrival.USUAL.with(after).lasting(0.5);
                assertThat(given(given(inset(), first), second))
                        .as("%s, then %s", before, after)
                        .isEqualTo(given(inset(), second));
                assertThat(given(given(inset(), second), first))
                        .as("%s, then %s", after, before)
                        .isEqualTo(given(inset(), first));
            }
        }
    }

    @Test
    void an_arrival_and_a_departure_leave_each_other_alone_and_both_can_be_taken_away() {
        Arrival in = Arrival.USUAL.with(Way.LAID_DOWN).lasting(1);
        Arrival out =
                Arrival.USUAL.onSide(Direction.RIGHT).withTurns(1).lasting(1).leaving(true);
        Project both = given(given(inset(), in), out);
        assertStands(both, 25, 99);
        assertThat(seen(shot(both).camera().at(124))).noneMatch(ArrivalEditsTest::isInFrame);
        Project neither = given(given(both, in.with(Way.NONE)), out.with(Way.NONE));
        assertThat(neither).isEqualTo(inset());
    }

    /** It comes to where its own move has it by then, and goes on as before. */
    @Test
    void what_it_does_after_its_arrival_stays() {
        Project pushed = inset().mapShot(
                        "s1",
                        shot -> shot.withCamera(shot.camera()
                                .withScale(Channel.keyed(
                                        ValueKinds.SCALE,
                                        List.of(
                                                Key.of(0, Scale.uniform(14), Leg.LINEAR),
                                                Key.of(124, Scale.uniform(20), Leg.LINEAR))))));
        Project arrived = given(pushed, Arrival.USUAL.lasting(1));
        for (int at = 25; at < 125; at++) {
            assertThat(shot(arrived).camera().at(at).scale().x())
                    .isCloseTo(shot(pushed).camera().at(at).scale().x(), within(1e-9));
        }
        assertThat(seen(shot(arrived).camera().at(0))).noneMatch(ArrivalEditsTest::isInFrame);
    }

    @ParameterizedTest
    @ValueSource(strings = {"24", "30000/1001", "60"})
    void it_takes_as_many_seconds_at_every_rate(String written) {
        FrameRate rate = FrameRate.parse(written);
        Project project = inset().withFrame(new FrameFormat(FRAME, rate, Colour.BLACK));
        CameraTrack camera = shot(given(project, Arrival.USUAL.lasting(0.5))).camera();
        int last = camera.keyFrames().last();
        assertThat(last / rate.perSecond()).isCloseTo(0.5, within(0.5 / rate.perSecond()));
    }

    @Test
    void a_shot_too_short_for_it_arrives_at_its_last_frame_and_a_frame_alone_stays_as_it_is() {
        Project brief = inset().mapShot("s1", shot -> shot.withLength(10));
        assertStands(given(brief, Arrival.USUAL.lasting(3)), 9, 9);
        Project single = inset().mapShot("s1", shot -> shot.withLength(1));
        assertThat(shot(given(single, Arrival.USUAL)).camera().at(0).isSeen()).isTrue();
    }

    @Test
    void a_picture_that_was_to_fill_the_frame_becomes_an_inset() {
        Project full =
                inset().mapShot("s1", shot -> shot.withSettings(shot.settings().withFillsFrame(true)));
        assertThat(shot(given(full, Arrival.USUAL)).fillsFrame()).isFalse();
    }

    @Test
    void numbers_out_of_their_ranges_are_refused() {
        assertThatThrownBy(() -> Arrival.USUAL.lasting(0)).hasMessageContaining("60 s, not 0");
        assertThatThrownBy(() -> Arrival.USUAL.withAmount(Double.NaN)).hasMessageContaining("not at NaN");
        assertThatThrownBy(() -> Arrival.USUAL.withTurns(21)).hasMessageContaining("not 21");
    }

    private static Shadow shadow(Shot shot, double at) {
        return AppliedLooks.of(shot.looks(), shot.camera(), at).shadows().getFirst();
    }

    @Test
    void a_shadow_that_follows_the_height_closes_in_as_a_print_is_laid_down() {
        LookSet worn = new LookDraft(SHEET.size(), FRAME, 125)
                .add(LookKinds.SHADOW)
                .choose(LookKinds.SHADOW_LIFTED, true)
                .named("Shadow");
        Project dressed = LookEdits.add(Set.of("s1"), worn).apply(inset());
        Shot laid = shot(given(dressed, Arrival.USUAL.with(Way.LAID_DOWN).lasting(1)));
        FramePoint rests = shadow(laid, 60).offset();
        assertThat(rests).isEqualTo(LookKinds.SHADOW_OFFSET.neutral(SHEET.size(), FRAME));
        double before = Double.POSITIVE_INFINITY;
        for (int at = 0; at <= 25; at += 5) {
            double away = shadow(laid, at).offset().length();
            assertThat(away)
                    .as("frame %d", at)
                    .isLessThanOrEqualTo(before)
                    .isGreaterThanOrEqualTo(rests.length() - 1e-9);
            before = away;
        }
        // 30 % nearer, eight times that further off
        assertThat(shadow(laid, 0).offset().length() / rests.length()).isCloseTo(3.4, within(1e-9));
        Shot both = shot(given(
                given(dressed, Arrival.USUAL.with(Way.LAID_DOWN).lasting(1)),
                Arrival.USUAL.with(Way.LAID_DOWN).lasting(1).leaving(true)));
        assertThat(shadow(both, 60).offset()).isEqualTo(rests);
        assertThat(shadow(both, 124).offset().length()).isGreaterThan(3 * rests.length());
        assertThat(shadow(shot(given(dressed, Arrival.USUAL)), 0).offset())
                .as("at the same height")
                .isEqualTo(rests);
    }
}
