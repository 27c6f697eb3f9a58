package amberlens.core.motion.smooth;

import java.util.Arrays;

/**
 * The smoothest way between bounds: of all x with low ≤ x ≤ high that for which Σ (x₋ − 2x + x₊)² + ε Σ w (x − t)² is least. The second
 * sum decides only where the bounds leave it open.
 *
 * <p>A primal–dual interior-point method after S. Mehrotra (1992) as in J. Nocedal and S. Wright, <em>Numerical Optimization</em>
 * (2006), chapter 16.6; each step solves one system with five diagonals, so that long ways take time in proportion to their length.
 */
public final class SmoothWay {
    private static final int STEPS = 60;
    private static final double PULL = 1e-7;

    /** Bounds that are nearer to each other are drawn apart by so much, in the units of the way. */
    private static final double NARROWEST = 1e-4;

    private static final double TO_THE_WALL = 0.995;
    private static final double EXACT = 1e-9;

    private final int length;
    private final double[] low;
    private final double[] high;
    private final double[] target;
    private final double[] weight;
    private final double[] x;
    private final double[] lowForce;
    private final double[] highForce;
    private final double[] slope;
    private final double[] step;
    private final FiveDiagonals system;

    private SmoothWay(double[] low, double[] high, double[] target, double[] weight) {
        length = low.length;
        this.low = low.clone();
        this.high = high.clone();
        this.target = target;
        this.weight = weight;
        x = new double[length];
        lowForce = new double[length];
        highForce = new double[length];
        slope = new double[length];
        step = new double[length];
        system = new FiveDiagonals(length);
        for (int i = 0; i < length; i++) {
            double middle = (low[i] + high[i]) / 2;
            double half = Math.max(NARROWEST, high[i] - low[i]) / 2;
            this.low[i] = middle - half;
            this.high[i] = middle + half;
            x[i] = Math.clamp(target[i], middle - half * 0.9, middle + half * 0.9);
        }
    }

    /**
     * The way.
     *
     * @param low bounds, finite, each at most that of {@code high}
     * @param target where it would be best
     * @param weight how much that counts, from 0
     */
    public static double[] between(double[] low, double[] high, double[] target, double[] weight) {
        if (low.length < 3) {
            var near = new double[low.length];
            Arrays.setAll(near, i -> Math.clamp(target[i], low[i], Math.max(low[i], high[i])));
            return near;
        }
        return new SmoothWay(low, high, target, weight).solved();
    }

    private double[] solved() {
        double width = 0;
        for (int i = 0; i < length; i++) {
            width = Math.max(width, high[i] - low[i]);
        }
        double barrier = Math.max(1e-6, width);
        for (int i = 0; i < length; i++) {
            lowForce[i] = barrier / (x[i] - low[i]);
            highForce[i] = barrier / (high[i] - x[i]);
        }
        for (int round = 0; round < STEPS; round++) {
            double gap = gap();
            if (gap < EXACT) {
                break;
            }
            advance(0.15 * gap);
        }
        return x;
    }

    /** The mean product of a distance to a bound and its force: 0 where nothing is left to do. */
    private double gap() {
        double sum = 0;
        for (int i = 0; i < length; i++) {
            sum += lowForce[i] * (x[i] - low[i]) + highForce[i] * (high[i] - x[i]);
        }
        return sum / (2 * length);
    }

    private void advance(double barrier) {
        descent();
        system.clear();
        for (int i = 0; i < length; i++) {
            double toLow = x[i] - low[i];
            double toHigh = high[i] - x[i];
            system.addDiagonal(i, 2 * PULL * weight[i] + lowForce[i] / toLow + highForce[i] / toHigh);
            step[i] = -slope[i] + barrier / toLow - barrier / toHigh;
        }
        for (int i = 1; i < length - 1; i++) {
            system.addSecondDifference(i, 2);
        }
        system.solve(step);
        double part = 1;
        for (int i = 0; i < length; i++) {
            part = Math.min(part, reach(x[i] - low[i], step[i]));
            part = Math.min(part, reach(high[i] - x[i], -step[i]));
            part = Math.min(part, reach(lowForce[i], lowChange(i, barrier)));
            part = Math.min(part, reach(highForce[i], highChange(i, barrier)));
        }
        for (int i = 0; i < length; i++) {
            double low1 = lowChange(i, barrier);
            double high1 = highChange(i, barrier);
            x[i] += part * step[i];
            lowForce[i] += part * low1;
            highForce[i] += part * high1;
        }
    }

    private double lowChange(int i, double barrier) {
        double to = x[i] - low[i];
        return barrier / to - lowForce[i] - lowForce[i] / to * step[i];
    }

    private double highChange(int i, double barrier) {
        double to = high[i] - x[i];
        return barrier / to - highForce[i] + highForce[i] / to * step[i];
    }

    private static double reach(double value, double change) {
        return change < 0 ? TO_THE_WALL * value / -change : 1;
    }

    /** The slope of what is to be least. */
    private void descent() {
        for (int i = 0; i < length; i++) {
            slope[i] = 2 * PULL * weight[i] * (x[i] - target[i]);
        }
        for (int i = 1; i < length - 1; i++) {
            double bend = 2 * (x[i - 1] - 2 * x[i] + x[i + 1]);
            slope[i - 1] += bend;
            slope[i] -= 2 * bend;
            slope[i + 1] += bend;
        }
    }
}
