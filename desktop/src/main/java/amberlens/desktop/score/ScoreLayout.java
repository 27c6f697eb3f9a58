package amberlens.desktop.score;

import amberlens.core.motion.Property;

/**
 * Where things lie in the Score, in its own pixels. Time runs from {@link #LEFT} to the right; a frame has a width, its
 * bead stands at its left end, and the last frame's end is the end of the shot.
 *
 * @param width of the whole Score
 * @param height of the whole Score
 * @param frames of the shot, at least 1
 */
record ScoreLayout(double width, double height, int frames) {
    static final double LEFT = 170;
    static final double RIGHT = 28;
    static final double RULER = 22;
    static final double STRIP = 66;
    static final double CARD_WIDTH = 92;
    static final double CARD_HEIGHT = 52;
    static final double LANE = 25;
    static final double CHECK = 19;

    /** The x of a frame, which may be fractional. */
    double x(double frame) {
        return LEFT + frame * perFrame();
    }

    double perFrame() {
        return Math.max(1, width - LEFT - RIGHT) / Math.max(1, frames);
    }

    /** The frame at an x, within the shot. */
    int frame(double x) {
        return Math.clamp(Math.round((x - LEFT) / perFrame()), 0, frames - 1);
    }

    double stripTop() {
        return RULER;
    }

    double lanesTop() {
        return RULER + STRIP;
    }

    /** The lanes take what the height leaves, but never less than they need. */
    double laneHeight() {
        double room = height - lanesTop() - 2 * CHECK;
        return Math.max(LANE, room / Property.values().length);
    }

    double laneTop(Property property) {
        return lanesTop() + property.ordinal() * laneHeight();
    }

    double edgesTop() {
        return lanesTop() + Property.values().length * laneHeight();
    }

    double enlargementTop() {
        return edgesTop() + CHECK;
    }

    double cardLeft(int frame) {
        return x(frame) - 1;
    }

    double cardTop() {
        return stripTop() + (STRIP - CARD_HEIGHT) / 2;
    }
}
