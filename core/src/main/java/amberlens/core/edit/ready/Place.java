package amberlens.core.edit.ready;

import amberlens.core.base.geometry.PicturePoint;

/**
 * Where a move begins or ends: a point of the picture, or a box that the frame shall show all of.
 *
 * @param corner source pixels
 * @param opposite the corner across; the same for a point
 */
public record Place(PicturePoint corner, PicturePoint opposite) {
    public static Place point(PicturePoint at) {
        return new Place(at, at);
    }

    PicturePoint centre() {
        return new PicturePoint((corner.x() + opposite.x()) / 2, (corner.y() + opposite.y()) / 2);
    }

    double width() {
        return Math.abs(opposite.x() - corner.x());
    }

    double height() {
        return Math.abs(opposite.y() - corner.y());
    }

    /** Whether it is a box; one without a width or a height is a point. */
    public boolean isBox() {
        return width() > 0 && height() > 0;
    }
}
