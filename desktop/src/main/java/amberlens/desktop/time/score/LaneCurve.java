package amberlens.desktop.time.score;

import java.util.Arrays;

/** The curve of one number of a lane over the time that is shown, in pixels. */
record LaneCurve(double[] xs, double[] ys) {
    private static final double STEP = 1.5;

    static LaneCurve of(ScoreLayout plan, LaneScale scale, LaneValues values, int part, boolean speed) {
        double left = Math.max(plan.x(0), ScoreLayout.LEFT);
        double right = Math.min(plan.x(plan.frames()), plan.width());
        double[] xs = new double[Math.max(0, (int) ((right - left) / STEP) + 1)];
        Arrays.setAll(xs, i -> left + i * STEP);
        double[] ys = Arrays.stream(xs)
                .map(x -> Math.min(plan.time(x), plan.frames()))
                .map(time -> scale.y(speed ? values.speed(time, part) : values.at(time, part)))
                .toArray();
        return new LaneCurve(xs, ys);
    }
}
