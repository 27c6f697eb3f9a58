package amberlens.core.motion.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Held against a chain of two million short chords, which knows nothing of the integration. */
class PathCurveTest {
    private static final int CHORDS = 2_000_000;

    private static FramePoint onCurve(FramePoint[] p, double t) {
        double u = 1 - t;
        return new FramePoint(
                u * u * u * p[0].x() + 3 * u * u * t * p[1].x() + 3 * u * t * t * p[2].x() + t * t * t * p[3].x(),
                u * u * u * p[0].y() + 3 * u * u * t * p[1].y() + 3 * u * t * t * p[2].y() + t * t * t * p[3].y());
    }

    @ParameterizedTest
    @CsvSource({
        // ordinary, a cusp, nearly a cusp, a way there and back, a loop, handles far beyond the ends
        "0,0, 300,200, 700,-100, 1000,0",
        "0,0, 1000,500, 0,500, 1000,0",
        "0,0, 1001,500, -1,500, 1000,0",
        "0,0, 900,0, -400,0, 500,0",
        "0,0, 1400,800, -400,800, 1000,0",
        "960,540, -3000,2000, 5000,-2500, 970,545",
        "0,0, 0,0, 1000,0, 1000,0",
    })
    void every_tenth_of_the_way_lies_where_it_should(
            double ax, double ay, double bx, double by, double cx, double cy, double dx, double dy) {
        FramePoint[] p = {new FramePoint(ax, ay), new FramePoint(bx, by), new FramePoint(cx, cy), new FramePoint(dx, dy)
        };
        double[] walked = new double[CHORDS + 1];
        FramePoint last = p[0];
        for (int i = 1; i <= CHORDS; i++) {
            FramePoint next = onCurve(p, (double) i / CHORDS);
            walked[i] = walked[i - 1] + next.distance(last);
            last = next;
        }
        PathCurve curve = PathCurve.between(p[0], p[1].minus(p[0]), p[2].minus(p[3]), p[3]);
        assertThat(curve.length()).isCloseTo(walked[CHORDS], within(0.005));
        for (int part = 0; part <= 100; part++) {
            double wanted = walked[CHORDS] * part / 100;
            int at = java.util.Arrays.binarySearch(walked, wanted);
            int index = at >= 0 ? at : Math.min(CHORDS, -at - 1);
            FramePoint point = curve.atPart(part / 100.0);
            assertThat(point.distance(onCurve(p, (double) index / CHORDS)))
                    .as("at " + part + " %")
                    .isLessThan(0.01);
        }
    }

    @Test
    void beyond_its_ends_it_goes_on_straight() {
        PathCurve curve = new PathCurve(
                new FramePoint(0, 0), new FramePoint(100, 0), new FramePoint(0, -100), new FramePoint(300, 200));
        assertThat(curve.atPart(-0.1).y()).isZero();
        assertThat(curve.atPart(-0.1).x()).isCloseTo(-0.1 * curve.length(), within(1e-9));
        assertThat(curve.atPart(1.2).x()).isEqualTo(300);
        assertThat(curve.atPart(1.2).y()).isCloseTo(200 + 0.2 * curve.length(), within(1e-6));
    }

    @Test
    void its_two_halves_together_are_the_whole() {
        FramePoint from = new FramePoint(10, 20);
        FramePoint to = new FramePoint(900, 400);
        PathCurve whole = new PathCurve(from, new FramePoint(300, -200), new FramePoint(-50, 250), to);
        PathCurve.Halves halves = whole.dividedAt(0.3);
        FramePoint middle = whole.atPart(0.3);
        PathCurve first = new PathCurve(from, halves.out(), halves.middle().in(), middle);
        PathCurve second = new PathCurve(middle, halves.middle().out(), halves.in(), to);
        assertThat(first.length()).isCloseTo(0.3 * whole.length(), within(1e-3));
        assertThat(first.length() + second.length()).isCloseTo(whole.length(), within(1e-3));
        assertThat(second.atPart(0.5).distance(whole.atPart(0.65))).isLessThan(1e-2);
    }
}
