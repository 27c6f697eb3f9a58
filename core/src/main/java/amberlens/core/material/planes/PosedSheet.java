package amberlens.core.material.planes;

import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Zoom;
import java.util.Optional;

/**
 * The ground or a plane in one pose: what of it there is, and where the frame lies on it.
 *
 * @param contour around what there is of it; empty for the ground, of which there is all
 * @param half half the width of its soft edge, source pixels
 * @param toGround from its pixels to those of the ground
 * @param solid whether nothing shows through it within its edge
 * @param left the part of the picture that is left: its left side, top, right side and bottom, in source pixels
 * @param frame where the frame lies on it
 */
record PosedSheet(Optional<Contour> contour, double half, Zoom toGround, boolean solid, double[] left, Gate frame) {
    /**
     * @param toFrame from the ground's source pixels to the frame
     */
    static PosedSheet ground(ProjectiveMap toFrame, Size picture, Gate.Area frame, Portion left) {
        Zoom here = Zoom.shift(0, 0);
        return new PosedSheet(Optional.empty(), 0, here, true, part(left, picture), Gate.of(frame, toFrame, here));
    }

    /** Empty when the camera has passed it. */
    static Optional<PosedSheet> of(
            Plane plane,
            Contour contour,
            Parallax parallax,
            ProjectiveMap toFrame,
            Size picture,
            Gate.Area frame,
            Portion left) {
        return parallax.of(plane)
                .map(zoom -> new PosedSheet(
                        Optional.of(contour),
                        plane.soft() / 2,
                        zoom,
                        parallax.opacity(plane) == 1,
                        part(left, picture),
                        Gate.of(frame, toFrame, zoom)));
    }

    private static double[] part(Portion left, Size picture) {
        return new double[] {
            left.left() * picture.width(),
            left.top() * picture.height(),
            (left.left() + left.width()) * picture.width(),
            (left.top() + left.height()) * picture.height()
        };
    }

    /** How far a place of the sheet lies within what there is of it, its soft edge included; negative outside. */
    double within(double x, double y) {
        return Math.min(
                inPart(x, y), contour.map(line -> line.depth(x, y) + half).orElse(Double.POSITIVE_INFINITY));
    }

    /** How far a place of another sheet lies within what nothing shows through of this one, in pixels of the other; negative outside. */
    double covers(PosedSheet other, double x, double y) {
        if (!solid) {
            return Double.NEGATIVE_INFINITY;
        }
        double hereX = (x * other.toGround.times() + other.toGround.byX() - toGround.byX()) / toGround.times();
        double hereY = (y * other.toGround.times() + other.toGround.byY() - toGround.byY()) / toGround.times();
        double within = Math.min(
                inPart(hereX, hereY),
                contour.map(line -> line.depth(hereX, hereY) - half).orElse(Double.POSITIVE_INFINITY));
        return within * toGround.times() / other.toGround.times();
    }

    private double inPart(double x, double y) {
        return Math.min(Math.min(x - left[0], left[2] - x), Math.min(y - left[1], left[3] - y));
    }
}
