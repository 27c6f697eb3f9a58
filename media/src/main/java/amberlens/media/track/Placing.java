package amberlens.media.track;

/**
 * Where and how a piece of a picture stands in another one: points of the piece, counted from its middle, are scaled, turned and set down.
 *
 * @param along the scale times the cosine of the turn
 * @param across the scale times its sine; turns go clockwise where y goes down
 * @param x of the middle, in pixels
 * @param y of the middle, in pixels
 */
record Placing(double along, double across, double x, double y) {
    static Placing at(double x, double y) {
        return new Placing(1, 0, x, y);
    }

    double toX(double px, double py) {
        return x + along * px - across * py;
    }

    double toY(double px, double py) {
        return y + across * px + along * py;
    }

    /** Above 0. */
    double scale() {
        return Math.hypot(along, across);
    }

    /** In radians, −π … π, clockwise. */
    double turn() {
        return Math.atan2(across, along);
    }

    Placing movedTo(double newX, double newY) {
        return new Placing(along, across, newX, newY);
    }

    Placing scaled(double factor) {
        return new Placing(along * factor, across * factor, x, y);
    }

    /** This one for a piece that itself stands in another: first that one, then this. */
    Placing after(Placing inner) {
        return new Placing(
                along * inner.along - across * inner.across,
                along * inner.across + across * inner.along,
                toX(inner.x, inner.y),
                toY(inner.x, inner.y));
    }

    /** The other way round: what this leads to is led back. */
    Placing inverse() {
        double square = along * along + across * across;
        var turned = new Placing(along / square, -across / square, 0, 0);
        return turned.movedTo(-turned.toX(x, y), -turned.toY(x, y));
    }
}
