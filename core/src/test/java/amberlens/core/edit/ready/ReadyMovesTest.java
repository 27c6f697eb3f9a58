package amberlens.core.edit.ready;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ReadyMovesTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(6000, 4000);

    private static Stage stage(Size picture, int length) {
        return new Stage(
                picture, FRAME, length, 110, Optional.empty(), new Rhythm(List.of(20, 45, 70), List.of(20, 70)));
    }

    private static boolean sealed(CameraTrack camera, Stage stage) {
        return EdgeReport.of(new Take(camera, stage.length(), stage.picture(), stage.frame()))
                .isSealed();
    }

    private static MoveWish seeded(long seed) {
        MoveWish usual = MoveWish.USUAL;
        return new MoveWish(usual.amount(), usual.direction(), usual.leave(), usual.arrive(), 0, 0, seed);
    }

    @Property(tries = 1500)
    void every_move_on_every_picture_is_sealed_or_says_why(
            @ForAll ReadyMove move,
            @ForAll Direction direction,
            @ForAll @IntRange(min = 200, max = 20_000) int width,
            @ForAll @IntRange(min = 200, max = 6000) int height,
            @ForAll @IntRange(min = 1, max = 200) int length,
            @ForAll @DoubleRange(min = 10, max = 400) double amount,
            @ForAll @LongRange(min = 0, max = 99) long seed,
            @ForAll @IntRange(min = 0, max = 60) int rest) {
        Stage stage = stage(new Size(width, height), length);
        MoveWish wish = seeded(seed).withAmount(amount).withDirection(direction).withRests(rest, rest / 2);
        ReadyMoves.Made made = ReadyMoves.make(move, stage, wish);
        if (made.camera().isEmpty()) {
            assertThat(made.reason()).isPresent();
        } else if (move.fills()) {
            assertThat(sealed(made.camera().get(), stage)).isTrue();
        }
    }

    @ParameterizedTest
    @EnumSource(ReadyMove.class)
    void rests_stand_still_and_the_move_lies_between_them(ReadyMove move) {
        Stage stage = new Stage(PICTURE, FRAME, 100, 110, Optional.empty(), Rhythm.NONE);
        CameraTrack camera = ReadyMoves.make(move, stage, MoveWish.USUAL.withRests(20, 30))
                .camera()
                .orElseThrow();
        if (move == ReadyMove.PULSE || move == ReadyMove.BAR_BY_BAR) { // they go by what is heard
            return;
        }
        for (int frame = 0; frame < 20; frame++) {
            assertThat(camera.at(frame)).isEqualTo(camera.at(0));
        }
        for (int frame = 70; frame < 100; frame++) {
            assertThat(camera.at(frame)).isEqualTo(camera.at(69));
        }
        boolean lettersOnly =
                move.ofTitles() && move.looks(stage, MoveWish.USUAL).isPresent();
        assertThat(camera.at(20).equals(camera.at(69))).isEqualTo(move == ReadyMove.STILL || lettersOnly);
    }

    @Test
    void a_move_between_two_boxes_shows_all_of_each_and_as_little_else_as_its_shape_allows() {
        Stage stage = stage(PICTURE, 100);
        var first = new Place(new PicturePoint(400, 600), new PicturePoint(2800, 1800));
        var second = new Place(new PicturePoint(5400, 3100), new PicturePoint(4000, 2600)); // drawn backwards
        CameraTrack camera = ReadyMoves.between(first, second, stage, MoveWish.USUAL)
                .camera()
                .orElseThrow();
        // by hand: 2400 × 1200 into 1920 × 1080 is 80 %, 1400 × 500 is 1920 / 1400
        assertThat(camera.at(0).scale().x()).isCloseTo(80, within(1e-9));
        assertThat(camera.at(99).scale().x()).isCloseTo(137.142857142857, within(1e-9));
        assertThat(camera.at(0).toFrame(new PicturePoint(400, 1200)).x()).isCloseTo(0, within(1e-6));
        assertThat(camera.at(0).toFrame(new PicturePoint(2800, 1200)).x()).isCloseTo(1920, within(1e-6));
        assertThat(camera.at(99).gateCentre(FRAME).x()).isCloseTo(4700, within(1e-6));
        assertThat(camera.at(99).gateCentre(FRAME).y()).isCloseTo(2850, within(1e-6));
        assertThat(sealed(camera, stage)).isTrue();
    }

    @Property(tries = 300)
    void a_move_between_any_two_places_is_sealed(
            @ForAll @DoubleRange(min = -500, max = 6500) double x1,
            @ForAll @DoubleRange(min = -500, max = 4500) double y1,
            @ForAll @DoubleRange(min = 0, max = 5000) double width,
            @ForAll @DoubleRange(min = -500, max = 6500) double x2,
            @ForAll @DoubleRange(min = -500, max = 4500) double y2) {
        Stage stage = stage(PICTURE, 60);
        var box = new Place(new PicturePoint(x1, y1), new PicturePoint(x1 + width, y1 + width / 3));
        CameraTrack camera = ReadyMoves.between(box, Place.point(new PicturePoint(x2, y2)), stage, MoveWish.USUAL)
                .camera()
                .orElseThrow();
        assertThat(sealed(camera, stage)).isTrue();
    }

    /** Common practice for a push that is felt rather than seen: about a tenth larger at the end. */
    @Test
    void a_push_is_subtle_and_ends_on_the_subject() {
        var subject = new PicturePoint(2500, 2200);
        Stage stage = new Stage(PICTURE, FRAME, 100, 110, Optional.of(subject), Rhythm.NONE);
        CameraTrack camera = ReadyMoves.make(ReadyMove.PUSH_IN, stage, MoveWish.USUAL)
                .camera()
                .orElseThrow();
        double first = camera.at(0).scale().x();
        double last = camera.at(99).scale().x();
        assertThat(last / first).isCloseTo(1.12, within(1e-9));
        PicturePoint end = camera.at(99).gateCentre(FRAME);
        assertThat(Math.hypot(end.x() - subject.x(), end.y() - subject.y()))
                .isLessThan(Math.hypot(3000 - subject.x(), 2000 - subject.y()));
    }

    @Test
    void a_pull_out_is_a_push_in_backwards() {
        Stage stage = stage(PICTURE, 100);
        CameraTrack in = ReadyMoves.make(ReadyMove.PUSH_IN, stage, MoveWish.USUAL)
                .camera()
                .orElseThrow();
        CameraTrack out = ReadyMoves.make(ReadyMove.PULL_OUT, stage, MoveWish.USUAL)
                .camera()
                .orElseThrow();
        assertThat(out.at(0)).isEqualTo(in.at(99));
        assertThat(out.at(99)).isEqualTo(in.at(0));
    }

    @Test
    void a_slide_goes_where_it_is_told_at_one_height() {
        for (Direction direction : Direction.values()) {
            CameraTrack camera = ReadyMoves.make(
                            ReadyMove.SLIDE, stage(PICTURE, 100), MoveWish.USUAL.withDirection(direction))
                    .camera()
                    .orElseThrow();
            PicturePoint from = camera.at(0).gateCentre(FRAME);
            PicturePoint to = camera.at(99).gateCentre(FRAME);
            assertThat(Math.signum(Math.rint(to.x() - from.x()))).isEqualTo((double) direction.x());
            assertThat(Math.signum(Math.rint(to.y() - from.y()))).isEqualTo((double) direction.y());
        }
    }

    @Test
    void a_sweep_crosses_most_of_a_panorama() {
        Stage stage = stage(new Size(14_800, 2600), 300);
        CameraTrack camera =
                ReadyMoves.make(ReadyMove.SWEEP, stage, MoveWish.USUAL).camera().orElseThrow();
        double way = camera.at(299).gateCentre(FRAME).x()
                - camera.at(0).gateCentre(FRAME).x();
        assertThat(way).isGreaterThan(0.6 * 14_800);
    }

    @Test
    void pulses_are_largest_on_their_beats() {
        CameraTrack camera = ReadyMoves.make(ReadyMove.PULSE, stage(PICTURE, 100), MoveWish.USUAL)
                .camera()
                .orElseThrow();
        double rest = camera.at(0).scale().x();
        for (int beat : new int[] {20, 45, 70}) {
            assertThat(camera.at(beat).scale().x()).isCloseTo(rest * 1.03, within(1e-9));
            assertThat(camera.at(beat - 2.0).scale().x())
                    .isLessThan(rest * 1.0301)
                    .isCloseTo(rest, within(rest * 0.01));
        }
    }

    @Test
    void bar_by_bar_stands_between_bars_and_comes_closer_with_each() {
        CameraTrack camera = ReadyMoves.make(ReadyMove.BAR_BY_BAR, stage(PICTURE, 100), MoveWish.USUAL)
                .camera()
                .orElseThrow();
        double rest = camera.at(0).scale().x();
        assertThat(camera.at(20).scale().x()).isEqualTo(rest);
        double second = camera.at(30).scale().x();
        assertThat(second).isCloseTo(rest * 1.06, within(1e-9));
        assertThat(camera.at(70).scale().x()).isCloseTo(second, within(1e-9));
        assertThat(camera.at(99).scale().x()).isCloseTo(rest * 1.12, within(1e-9));
    }

    @Test
    void the_same_seed_sways_the_same_and_another_does_not() {
        Stage stage = stage(PICTURE, 150);
        var one = ReadyMoves.make(ReadyMove.SWAY, stage, seeded(4));
        assertThat(ReadyMoves.make(ReadyMove.SWAY, stage, seeded(4))).isEqualTo(one);
        assertThat(ReadyMoves.make(ReadyMove.SWAY, stage, seeded(5))).isNotEqualTo(one);
    }

    @Test
    void a_tumble_comes_from_outside_and_locks_into_its_place() {
        Stage stage = stage(new Size(800, 600), 60);
        CameraTrack camera = ReadyMoves.make(ReadyMove.TUMBLE_IN, stage, MoveWish.USUAL)
                .camera()
                .orElseThrow();
        Pose start = camera.at(0);
        Pose end = camera.at(59);
        assertThat(start.position().x() + 500).isLessThan(0);
        assertThat(start.degrees()).isNotZero();
        assertThat(end.degrees()).isZero();
        assertThat(end.gateCentre(FRAME).x()).isCloseTo(400, within(1e-6));
    }

    @Test
    void a_kept_move_looks_the_same_on_another_picture_and_lasts_as_long_as_its_shot() {
        Stage here = stage(PICTURE, 100);
        CameraTrack camera = ReadyMoves.make(ReadyMove.PAN_AND_ZOOM, here, MoveWish.USUAL)
                .camera()
                .orElseThrow();
        var own = new OwnMove("Over the beds", camera, PICTURE, FRAME, 100);
        Stage there = stage(new Size(3000, 2000), 50);
        CameraTrack made = own.make(there).camera().orElseThrow();
        assertThat(made.at(49).gateCentre(FRAME).x())
                .isCloseTo(camera.at(99).gateCentre(FRAME).x() / 2, within(1e-6));
        assertThat(sealed(made, there)).isTrue();
    }

    /** An inset comes from outside the frame, has arrived in the first half, and then stands small and wholly inside. */
    @ParameterizedTest
    @EnumSource(
            value = ReadyMove.class,
            names = {"POSTCARD_IN", "STACK"})
    void an_inset_flies_in_and_rests(ReadyMove move) {
        Stage stage = new Stage(new Size(4000, 3000), new Size(1920, 1080), 120, 110, Optional.empty(), Rhythm.NONE);
        for (Direction direction : Direction.values()) {
            CameraTrack camera = ReadyMoves.make(move, stage, MoveWish.USUAL.withDirection(direction))
                    .camera()
                    .orElseThrow();
            assertThat(seen(camera.at(0))).as(direction + ": at first").noneMatch(ReadyMovesTest::isInside);
            assertThat(seen(camera.at(60))).as(direction + ": in place").allMatch(ReadyMovesTest::isInside);
            assertThat(camera.at(119)).isEqualTo(camera.at(60));
        }
    }

    private static List<FramePoint> seen(Pose pose) {
        return Stream.of(Corner.values())
                .map(corner -> corner.of(new Size(4000, 3000)))
                .map(at -> pose.toFrame(new PicturePoint(at.x(), at.y())))
                .toList();
    }

    private static boolean isInside(FramePoint point) {
        return point.x() >= 0 && point.x() <= 1920 && point.y() >= 0 && point.y() <= 1080;
    }
}
