package amberlens.core.motion.curve;

/**
 * The way of a gate that pans and zooms as smoothly as it can: out, across and in. J. J. van Wijk and W. A. A. Nuij, <em>Smooth and
 * Efficient Zooming and Panning</em> (2003), equations 9 to 11; uniform in the length of that path.
 *
 * @param start width of the gate at its start, above 0; any unit of length
 * @param end likewise at its end
 * @param distance between the gate's middles, at least 0
 * @param rho how high it flies: the larger, the more it zooms
 */
public record FlightPath(double start, double end, double distance, double rho) {
    /** That which people found most pleasant in the paper's own trial (its section 5). */
    public static final double USUAL_RHO = 1.42;

    public static final double LEAST_RHO = 0.05;
    public static final double LARGEST_RHO = 4;

    /** Middles that are nearer, compared with the smaller gate, are the same. */
    private static final double NO_WAY = 1e-9;

    public FlightPath {
        if (!(start > 0 && end > 0 && distance >= 0 && rho >= LEAST_RHO && rho <= LARGEST_RHO)) {
            throw new IllegalArgumentException("a flight leads from a width above 0 to another, and as high as "
                    + LEAST_RHO + " to " + LARGEST_RHO);
        }
    }

    private boolean onlyZooms() {
        return distance < NO_WAY * Math.min(start, end);
    }

    private double r(double width, int sign) {
        double b = (end * end - start * start + sign * Math.pow(rho, 4) * distance * distance)
                / (2 * width * rho * rho * distance);
        return -asinh(b);
    }

    /** ln(x + √(x² + 1)), exact also far below 0. */
    private static double asinh(double x) {
        double size = Math.abs(x);
        return Math.copySign(Math.log(size + Math.sqrt(size * size + 1)), x);
    }

    /** How long the path is, in its own measure: what a flight of even speed takes. */
    public double length() {
        return onlyZooms() ? Math.abs(Math.log(end / start)) / rho : (r(end, -1) - r(start, 1)) / rho;
    }

    /**
     * Where the gate is.
     *
     * @param part of the path's length, 0 … 1
     */
    public Place at(double part) {
        if (part <= 0) {
            return new Place(0, start);
        }
        if (part >= 1) {
            return new Place(1, end);
        }
        if (onlyZooms()) {
            return new Place(part, start * Math.pow(end / start, part));
        }
        double r0 = r(start, 1);
        double now = r0 + part * (r(end, -1) - r0);
        double cosh = Math.cosh(r0);
        // u = w₀/ρ²·(cosh r₀ tanh(ρs + r₀) − sinh r₀), written so that nothing large cancels
        double travelled = start / (rho * rho) * Math.sinh(now - r0) / Math.cosh(now);
        return new Place(travelled / distance, start * cosh / Math.cosh(now));
    }

    /**
     * A place of the gate.
     *
     * @param travelled how much of the distance its middle has come, 0 … 1
     * @param width of the gate
     */
    public record Place(double travelled, double width) {}
}
