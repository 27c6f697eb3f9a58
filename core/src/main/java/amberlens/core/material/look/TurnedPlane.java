package amberlens.core.material.look;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Turn;

/**
 * Places counted from a centre, along axes that are turned.
 *
 * @param degrees clockwise
 */
record TurnedPlane(FramePoint centre, double degrees) {
    FramePoint out(double x, double y) {
        double cos = Turn.cos(degrees);
        double sin = Turn.sin(degrees);
        return centre.plus(new FramePoint(cos * x - sin * y, sin * x + cos * y));
    }

    FramePoint in(FramePoint point) {
        FramePoint off = point.minus(centre);
        double cos = Turn.cos(degrees);
        double sin = Turn.sin(degrees);
        return new FramePoint(cos * off.x() + sin * off.y(), cos * off.y() - sin * off.x());
    }

    /** The turn with which the upper end points to a place; the nearest one to the present. */
    double turnTo(FramePoint point) {
        FramePoint off = point.minus(centre);
        double wanted = Math.toDegrees(Math.atan2(off.y(), off.x())) + 90;
        return wanted + 360 * Math.rint((degrees - wanted) / 360);
    }
}
