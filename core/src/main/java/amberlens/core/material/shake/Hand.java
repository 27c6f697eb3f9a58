package amberlens.core.material.shake;

import amberlens.core.base.time.FrameRate;
import amberlens.core.material.trace.Stand;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * A model of what moves a camera, as the sum of a few kinds of motion, each with the band of frequencies that measurements show. Every
 * motion takes the frame along a direction of its own and turns it a little with it, and its strength comes and goes, as that of a person
 * does. The same seed gives the same shake.
 *
 * <p>Where the figures come from, all quoted from memory: the body sways below 1 Hz while it stands (D. A. Winter, <em>Human balance and
 * posture control during standing and walking</em>, Gait and Posture 3, 1995); a hand trembles at 8 to 12 Hz (R. N. Stiles and J. E.
 * Randall, <em>Mechanical factors in human tremor frequency</em>, J. Appl. Physiol. 23, 1967; R. J. Elble and W. C. Koller,
 * <em>Tremor</em>, 1990); adults breathe 12 to 20 times a minute; people walk at about 2 steps a second (V. T. Inman and others,
 * <em>Human Walking</em>, 1981); the body of a car bounces at 1 to 1.5 Hz and its wheels hop at 10 to 12 Hz (T. D. Gillespie,
 * <em>Fundamentals of Vehicle Dynamics</em>, 1992). How strong each of them is in a picture is chosen by eye for a usual lens.
 */
final class Hand {
    /** Moments in a second: enough for a cubic through 12 Hz. */
    static final int RATE = 60;

    static final double SECONDS = 12;

    private static final int COUNT = (int) (RATE * SECONDS) + 1;
    private static final int PARTS = 20;

    /** How fast a strength comes and goes, in Hz. */
    private static final double CHANGES = 0.3;

    private final Random chance;
    private final double[] x = new double[COUNT];
    private final double[] y = new double[COUNT];
    private final double[] growth = new double[COUNT];
    private final double[] degrees = new double[COUNT];

    Hand(long seed) {
        chance = new Random(seed);
    }

    /**
     * Adds a motion in all directions.
     *
     * @param fromHz where its band begins
     * @param toHz where it ends
     * @param slope by which power of the frequency it is weaker at the upper end
     * @param across root mean square to either side, in parts of the frame's width
     * @param down likewise up and down
     * @param turn root mean square of its turn, in degrees
     */
    Hand with(double fromHz, double toHz, double slope, double across, double down, double turn) {
        add(x, band(fromHz, toHz, slope), across);
        add(y, band(fromHz, toHz, slope), down);
        add(degrees, band(fromHz, toHz, slope), turn);
        return this;
    }

    /** Adds breath: up and down, and a little forth and back. */
    Hand breathing(double perMinute, double down, double closer) {
        double[] breath = steps(perMinute / 60, 0.06, 0.25);
        add(y, breath, down);
        add(growth, breath, closer);
        return this;
    }

    /** Adds steps: down with each, to one side with every other one. */
    Hand walking(double stepsPerSecond, double across, double down, double turn) {
        double[] fall = steps(stepsPerSecond, 0.03, 0.45);
        double[] sway = steps(stepsPerSecond / 2, 0.03, 0.2);
        add(y, fall, down);
        add(x, sway, across);
        add(degrees, sway, turn);
        return this;
    }

    Shake shake(String name) {
        List<Stand> stands = new ArrayList<>(COUNT);
        for (int i = 0; i < COUNT; i++) {
            stands.add(new Stand(x[i], y[i], Math.exp(growth[i]), degrees[i], 1));
        }
        return new Shake(name, FrameRate.of(RATE), stands);
    }

    /** Adds a motion, about its mean, with a root mean square. */
    private static void add(double[] to, double[] motion, double strength) {
        double mean = 0;
        for (double number : motion) {
            mean += number / COUNT;
        }
        double square = 0;
        for (double number : motion) {
            square += (number - mean) * (number - mean) / COUNT;
        }
        double times = square > 0 ? strength / Math.sqrt(square) : 0;
        for (int i = 0; i < COUNT; i++) {
            to[i] += times * (motion[i] - mean);
        }
    }

    /** A motion of many frequencies in a band, whose strength comes and goes. */
    private double[] band(double fromHz, double toHz, double slope) {
        double[] motion = new double[COUNT];
        for (int part = 0; part < PARTS; part++) {
            double hz = fromHz * Math.pow(toHz / fromHz, (part + chance.nextDouble()) / PARTS);
            double strength = Math.pow(fromHz / hz, slope) * (0.5 + chance.nextDouble());
            double phase = 2 * Math.PI * chance.nextDouble();
            for (int i = 0; i < COUNT; i++) {
                motion[i] += strength * Math.sin(2 * Math.PI * hz * i / RATE + phase);
            }
        }
        double[] effort = effort();
        for (int i = 0; i < COUNT; i++) {
            motion[i] *= effort[i];
        }
        return motion;
    }

    /** About 1, never below 0.4. */
    private double[] effort() {
        double[] effort = new double[COUNT];
        double one = 2 * Math.PI * chance.nextDouble();
        double other = 2 * Math.PI * chance.nextDouble();
        for (int i = 0; i < COUNT; i++) {
            double turns = 2 * Math.PI * CHANGES * i / RATE;
            effort[i] = 1 + 0.35 * Math.sin(turns + one) + 0.25 * Math.sin(0.618 * turns + other);
        }
        return effort;
    }

    /** What comes back again and again, never quite at the same time, with an overtone. */
    private double[] steps(double hz, double unsteady, double overtone) {
        double[] motion = new double[COUNT];
        double phase = 2 * Math.PI * chance.nextDouble();
        double[] pace = band(hz / 8, hz / 3, 1);
        double[] effort = effort();
        double widest = 0;
        for (double number : pace) {
            widest = Math.max(widest, Math.abs(number));
        }
        for (int i = 0; i < COUNT; i++) {
            phase += 2 * Math.PI * hz / RATE * (1 + unsteady * 3 * pace[i] / widest);
            motion[i] = effort[i] * (Math.sin(phase) + overtone * Math.sin(2 * phase + 0.9));
        }
        return motion;
    }
}
