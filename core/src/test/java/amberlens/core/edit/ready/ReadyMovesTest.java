package amberlens.core.edit.ready;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Refit;
import amberlens.core.judge.seal.Seal;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pace.Pace;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
                picture,
                FRAME,
                length,
                FrameRate.of(25),
                110,
                Optional.empty(),
                new Rhythm(List.of(20, 45, 70), List.of(20, 70)));
    }

    private static boolean sealed(CameraTrack camera, Stage stage) {
        return EdgeReport.of(new Take(camera, stage.length(), stage.picture(), stage.frame()))
                .isSealed();
    }

    private static MoveWish seeded(long seed) {
        return MoveWish.USUAL.withSeed(seed);
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
        MoveWish wish = seeded(seed).withAmount(amount).withDirection(direction).withRests(rest / 25.0, rest / 50.0);
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
        Stage stage = new Stage(PICTURE, FRAME, 100, FrameRate.of(25), 110, Optional.empty(), Rhythm.NONE);
        CameraTrack camera = ReadyMoves.make(move, stage, MoveWish.USUAL.withRests(0.8, 1.2))
                .camera()
                .orElseThrow();
        if (Set.of(ReadyMove.PULSE, ReadyMove.BAR_BY_BAR, ReadyMove.BEAT_TO_BEAT, ReadyMove.BAR_TO_BAR)
                .contains(move)) { // they go by what is heard
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
        Stage stage = new Stage(PICTURE, FRAME, 100, FrameRate.of(25), 110, Optional.of(subject), Rhythm.NONE);
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
    void a_kept_move_looks_the_same_on_another_picture_and_lasts_as_long_as_its_shot() {
        Stage here = stage(PICTURE, 100);
        CameraTrack camera = ReadyMoves.make(ReadyMove.PAN_AND_ZOOM, here, MoveWish.USUAL)
                .camera()
                .orElseThrow();
        var own = new OwnMove("Over the beds", camera, PICTURE, FRAME, 100, false);
        Stage there = stage(new Size(3000, 2000), 50);
        CameraTrack made =
                own.make(there, MoveWish.USUAL, Optional.empty()).camera().orElseThrow();
        assertThat(made.at(49).gateCentre(FRAME).x())
                .isCloseTo(camera.at(99).gateCentre(FRAME).x() / 2, within(1e-6));
        assertThat(sealed(made, there)).isTrue();
    }

    /** A picture of the frame's own size, at the stock strength, and the limit at which enlargement is not seen. */
    @ParameterizedTest
    @EnumSource(
            value = ReadyMove.class,
            names = {"PUSH_IN", "PULL_OUT", "SETTLE", "REVEAL", "PAN_AND_ZOOM"})
    void a_stock_move_stays_within_the_limit_on_a_picture_of_the_frames_own_size(ReadyMove move) {
        Stage stage = stage(FRAME, 100);
        ReadyMoves.Made made = ReadyMoves.make(move, stage, MoveWish.USUAL);
        Take take = new Take(made.camera().orElseThrow(), 100, FRAME, FRAME);
        assertThat(Enlargement.greatest(take).percent()).isGreaterThan(104).isLessThanOrEqualTo(110 + 1e-9);
        assertThat(made.reason()).isEmpty();
    }

    private static Stage atRate(FrameRate rate, int length) {
        return new Stage(PICTURE, FRAME, length, rate, 110, Optional.empty(), Rhythm.NONE);
    }

    /** Twice as many frames in a second are twice as many from key to key. */
    @ParameterizedTest
    @EnumSource(
            value = ReadyMove.class,
            names = {"SWAY", "PULSE", "BAR_BY_BAR", "PUSH_IN", "BEAT_TO_BEAT"})
    void a_move_is_as_fast_at_every_rate(ReadyMove move) {
        MoveWish wish = MoveWish.USUAL.withRests(0.4, 0.4);
        CameraTrack slow = ReadyMoves.make(move, atRate(FrameRate.of(25), 151), wish)
                .camera()
                .orElseThrow();
        CameraTrack fast = ReadyMoves.make(move, atRate(FrameRate.of(50), 301), wish)
                .camera()
                .orElseThrow();
        assertThat(fast.keyFrames()).hasSameSizeAs(slow.keyFrames());
        for (int second = 0; second <= 6; second++) {
            Pose at25 = slow.at(25.0 * second);
            Pose at50 = fast.at(50.0 * second);
            assertThat(at50.scale().x()).isCloseTo(at25.scale().x(), within(0.02));
            assertThat(at50.position().distance(at25.position())).isLessThan(2);
        }
    }

    @Test
    void a_move_lasts_as_long_as_it_is_told_and_rests_for_what_remains() {
        CameraTrack camera = ReadyMoves.make(
                        ReadyMove.SLIDE,
                        atRate(FrameRate.of(24), 240),
                        MoveWish.USUAL.withRests(1, 0).lasting(2.5))
                .camera()
                .orElseThrow();
        assertThat(camera.keyFrames()).containsExactly(24, 84);
    }

    /** Common practice: six times as slow when five seconds become thirty. */
    @Test
    void from_five_to_thirty_seconds_the_pace_is_a_sixth() {
        CameraTrack five = ReadyMoves.make(ReadyMove.SLIDE, atRate(FrameRate.of(25), 751), MoveWish.USUAL.lasting(5))
                .camera()
                .orElseThrow();
        CameraTrack thirty = ReadyMoves.make(ReadyMove.SLIDE, atRate(FrameRate.of(25), 751), MoveWish.USUAL.lasting(30))
                .camera()
                .orElseThrow();
        double fast = Pace.at(new Take(five, 751, PICTURE, FRAME), 62).centrePx();
        double slow = Pace.at(new Take(thirty, 751, PICTURE, FRAME), 375).centrePx();
        assertThat(slow / fast).isCloseTo(1 / 6.0, within(0.005));
    }

    @Test
    void on_every_beat_is_another_framing_sealed_and_unlike_the_one_before() {
        for (long seed = 0; seed < 20; seed++) {
            Stage stage = stage(PICTURE, 100);
            CameraTrack camera = ReadyMoves.make(ReadyMove.BEAT_TO_BEAT, stage, seeded(seed))
                    .camera()
                    .orElseThrow();
            assertThat(sealed(camera, stage)).isTrue();
            int[] beats = {0, 20, 45, 70, 99};
            assertThat(camera.keyFrames()).containsExactly(0, 20, 45, 70, 99);
            for (int i = 1; i < beats.length; i++) {
                Pose before = camera.at(beats[i - 1]);
                Pose after = camera.at(beats[i]);
                double way = before.toFrame(new PicturePoint(3000, 2000))
                        .distance(after.toFrame(new PicturePoint(3000, 2000)));
                double scaled = Math.abs(after.scale().x() / before.scale().x() - 1);
                assertThat(Math.max(way / FRAME.width(), scaled))
                        .as("seed %d, beat %d", seed, i)
                        .isGreaterThan(0.04);
                FramePoint quarter = camera.at(beats[i - 1] + (beats[i] - beats[i - 1]) / 4.0)
                        .position();
                double gone =
                        quarter.distance(before.position()) / after.position().distance(before.position());
                assertThat(gone).as("a fast start").isGreaterThan(0.75);
            }
        }
    }

    /** A turn from +2° to −3° of a picture in the frame's own shape is covered by the scale that 3° needs: 1.0917, see 2-MATH. */
    @Test
    void a_turn_between_two_angles_is_lifted_by_the_larger_one() {
        Pose start = Refit.FILL.pose(FRAME, FRAME).withDegrees(2);
        CameraTrack turning = CameraTrack.still(start)
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER, List.of(Key.of(0, 2.0, Leg.LINEAR), Key.of(99, -3.0, Leg.LINEAR))));
        var sealed = (SealResult.Sealed) Seal.by(SealWay.LIFT, new Take(turning, 100, FRAME, FRAME), SealTerms.free());
        double angle = Math.toRadians(3);
        double worked = Math.cos(angle) + 16 / 9.0 * Math.sin(angle); // of the height, which the turned width adds to
        assertThat(worked).isCloseTo(1.09167, within(5e-6));
        assertThat(sealed.camera().at(0).scale().x() / 100).isCloseTo(worked, within(1e-5));
    }
}
