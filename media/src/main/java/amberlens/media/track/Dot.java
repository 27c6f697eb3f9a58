package amberlens.media.track;

/** A point of a piece or of a picture, in its pixels. */
record Dot(double x, double y) {
    /** The same point of a piece, and where it is in a picture. */
    record Pair(Dot piece, Dot picture) {}
}
