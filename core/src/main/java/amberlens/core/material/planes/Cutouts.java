package amberlens.core.material.planes;

import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import java.util.Comparator;
import java.util.List;

/**
 * The pictures that a picture in planes is cut into, by number: 1 is its ground with what is filled behind the planes, and then come the
 * planes, the furthest first.
 */
public final class Cutouts {
    public static final int GROUND = 1;

    private Cutouts() {}

    /** Planes as they are laid over each other, the furthest first. */
    public static List<Plane> inOrder(List<Plane> planes) {
        return planes.stream()
                .sorted(Comparator.comparingDouble(Plane::distance).reversed())
                .toList();
    }

    /** The number of the picture of a plane, by its place from the furthest. */
    public static int ofPlane(int place) {
        return GROUND + 1 + place;
    }

    /** The number of the nearest plane's picture; 0 where there are none. */
    public static int last(List<Plane> planes) {
        return planes.isEmpty() ? 0 : ofPlane(planes.size() - 1);
    }

    /** The part of the picture that holds all of a plane with its soft edge. */
    public static PictureArea area(Plane plane, Size picture) {
        return area(plane.outline(), plane.soft(), picture);
    }

    /** Likewise of what lies within an outline. */
    public static PictureArea area(List<PicturePoint> outline, double soft, Size picture) {
        double[] bounds = Contour.of(outline, picture).bounds(picture);
        double more = soft / 2 + 1;
        int left = (int) Math.floor(Math.clamp(bounds[0] - more, 0, picture.width() - 1.0));
        int top = (int) Math.floor(Math.clamp(bounds[1] - more, 0, picture.height() - 1.0));
        int right = (int) Math.ceil(Math.clamp(bounds[2] + more, left + 1.0, picture.width()));
        int bottom = (int) Math.ceil(Math.clamp(bounds[3] + more, top + 1.0, picture.height()));
        return new PictureArea(left, top, new Size(right - left, bottom - top));
    }
}
