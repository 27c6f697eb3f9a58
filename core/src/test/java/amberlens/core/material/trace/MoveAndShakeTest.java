package amberlens.core.material.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MoveAndShakeTest {
    private static final Size FILM = new Size(1920, 1080);
    private static final int LENGTH = 150;

    private static Trace trace(IntFunction<Stand> of) {
        List<Stand> stands = new ArrayList<>();
        for (int frame = 0; frame < LENGTH; frame++) {
            stands.add(of.apply(frame));
        }
        return new Trace(FILM, FrameRate.of(25), 0, stands, false, 0);
    }

    private static Stand push(int frame) {
        double part = frame / (LENGTH - 1.0);
        double eased = part * part * (3 - 2 * part);
        return new Stand(0.3 * eased, -0.1 * eased, 1 + 0.4 * eased, 5 * eased, 1);
    }

    /** How far the corner of the frame is apart in two stands, in parts of its width: each of the four numbers by itself. */
    private static double apart(Stand a, Stand b) {
        double reach = Math.hypot(1, 1080.0 / 1920) / 2;
        return Math.hypot(a.x() - b.x(), a.y() - b.y())
                + reach * Math.abs(a.scale() / b.scale() - 1)
                + reach * Math.abs(Math.toRadians(a.degrees() - b.degrees()));
    }

    @Test
    void what_no_hand_shook_is_a_move_as_it_is() {
        MoveAndShake parts = MoveAndShake.of(trace(MoveAndShakeTest::push));
        for (int frame = 0; frame < LENGTH; frame++) {
            assertThat(apart(parts.move().stands().get(frame), push(frame))).isLessThanOrEqualTo(0.0011);
        }
        assertThat(apart(parts.move().stands().getFirst(), Stand.STILL)).isLessThan(1e-5);
    }

    /** Tremor and sway as wide as a hand's: the move that comes of it is near to the one that was meant. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void a_hand_is_taken_out_of_a_move(int seed) {
        var random = new Random(seed);
        double[] phase = random.doubles(8, 0, 2 * Math.PI).toArray();
        Trace held = trace(frame -> {
            double t = frame / 25.0;
            Stand push = push(frame);
            double fade = Math.min(1, frame / 10.0); // it begins where it stands
            return new Stand(
                    push.x()
                            + fade * (0.0012 * Math.sin(9 * 6.28 * t + phase[0]) + 0.001 * Math.sin(14 * t + phase[1])),
                    push.y()
                            + fade * (0.0012 * Math.sin(8 * 6.28 * t + phase[2]) + 0.001 * Math.sin(16 * t + phase[3])),
                    push.scale() * (1 + fade * 0.0004 * Math.sin(12 * t + phase[4])),
                    push.degrees() + fade * 0.05 * Math.sin(15 * t + phase[5]),
                    1);
        });
        MoveAndShake parts = MoveAndShake.of(held);
        double bends = 0;
        double heldBends = 0;
        for (int frame = 0; frame < LENGTH; frame++) {
            Stand move = parts.move().stands().get(frame);
            Stand shake = parts.shake().stands().get(frame);
            Stand whole = held.stands().get(frame);
            assertThat(apart(move, whole)).isLessThanOrEqualTo(MoveAndShake.MOST * 1.01);
            assertThat(move.x() + shake.x()).isCloseTo(whole.x(), within(1e-12));
            assertThat(move.scale() * shake.scale()).isCloseTo(whole.scale(), within(1e-12));
            assertThat(move.degrees() + shake.degrees()).isCloseTo(whole.degrees(), within(1e-9));
            if (frame > 1) {
                bends += bend(parts.move(), frame);
                heldBends += bend(held, frame);
            }
        }
        assertThat(bends).isLessThan(0.02 * heldBends);
    }

    private static double bend(Trace trace, int frame) {
        double bend = trace.stands().get(frame).x()
                - 2 * trace.stands().get(frame - 1).x()
                + trace.stands().get(frame - 2).x();
        return bend * bend;
    }

    /** Any point of a picture goes with the film: a similarity about the middle of the frame, computed here by itself. */
    @Test
    void a_picture_goes_as_the_film_does() {
        Size picture = new Size(6000, 4000);
        Size frame = new Size(1280, 720);
        Pose neutral = Pose.neutral(picture, frame).withPosition(new FramePoint(500, 420));
        Trace trace = trace(MoveAndShakeTest::push);
        CameraTrack camera = trace.camera(frame, neutral);
        for (int at : new int[] {0, 40, 149}) {
            Stand stand = push(at);
            FramePoint before = new FramePoint(100, 650);
            double angle = Math.toRadians(stand.degrees());
            double x = before.x() - 640;
            double y = before.y() - 360;
            FramePoint shown = camera.at(at).toFrame(neutral.toPicture(before));
            assertThat(shown.x())
                    .isCloseTo(
                            640 + 1280 * stand.x() + stand.scale() * (Math.cos(angle) * x - Math.sin(angle) * y),
                            within(1e-6));
            assertThat(shown.y())
                    .isCloseTo(
                            360 + 1280 * stand.y() + stand.scale() * (Math.sin(angle) * x + Math.cos(angle) * y),
                            within(1e-6));
        }
    }
}
