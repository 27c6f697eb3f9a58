package amberlens.desktop.time.score;

/** From the lowest to the highest value that a lane shows. */
record ValueRange(double low, double high) {
    /** Nothing yet. */
    static final ValueRange NONE = new ValueRange(Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY);

    ValueRange with(double value) {
        return new ValueRange(Math.min(low, value), Math.max(high, value));
    }

    double span() {
        return Math.max(0, high - low);
    }

    /** With air at both ends, and never without height. */
    ValueRange padded() {
        if (low > high) {
            return new ValueRange(-1, 1);
        }
        double air = span() < 1e-9 ? Math.max(1, Math.abs(low) * 0.05) : span() * 0.12;
        return new ValueRange(low - air, high + air);
    }

    /** Stretched about a value; a factor above 1 shows more. */
    ValueRange zoomed(double about, double factor) {
        return new ValueRange(about + (low - about) * factor, about + (high - about) * factor);
    }

    /** The distance of lines on an axis: 1, 2 or 5 times a power of ten, about {@code lines} of them. */
    double step(int lines) {
        double rough = Math.max(1e-9, span() / lines);
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        double lead = rough / power;
        return power * (lead < 1.5 ? 1 : lead < 3.5 ? 2 : lead < 7.5 ? 5 : 10);
    }
}
