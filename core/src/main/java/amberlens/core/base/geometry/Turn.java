package amberlens.core.base.geometry;

/** Sines and cosines of turns in degrees, exact at quarter turns. */
public final class Turn {
    private static final double[] QUARTER_COSINES = {1, 0, -1, 0};

    private Turn() {}

    public static double cos(double degrees) {
        double reduced = degrees % 360;
        return reduced % 90 == 0 ? QUARTER_COSINES[quarters(reduced)] : Math.cos(Math.toRadians(reduced));
    }

    public static double sin(double degrees) {
        double reduced = degrees % 360;
        return reduced % 90 == 0 ? QUARTER_COSINES[(quarters(reduced) + 3) % 4] : Math.sin(Math.toRadians(reduced));
    }

    private static int quarters(double reduced) {
        return Math.floorMod((int) (reduced / 90), 4);
    }
}
