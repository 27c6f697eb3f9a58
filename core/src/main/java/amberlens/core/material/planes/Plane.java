package amberlens.core.material.planes;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import java.util.List;

/**
 * A part of a still picture that lies nearer to the camera than the picture's ground does.
 *
 * @param id unique among the planes of its media
 * @param outline around it, in source pixels, without end
 * @param distance from the camera that took the picture, as a part of the ground's
 * @param soft how wide its edge fades, in source pixels, half to each side of the outline
 * @param fill what takes its place in whatever lies behind it
 */
public record Plane(
        String id, String name, List<PicturePoint> outline, double distance, double soft, Fill fill, Extras extras) {
    public static final double NEAREST = 0.1;
    public static final double FURTHEST = 0.99;
    public static final double SOFTEST = 500;

    /** The greatest number of points around it. */
    public static final int MOST_POINTS = 2000;

    public Plane {
        outline = List.copyOf(outline);
        if (id.isBlank()) {
            throw new IllegalArgumentException("a plane has an id");
        }
        if (outline.size() < 3 || outline.size() > MOST_POINTS) {
            throw new IllegalArgumentException(
                    "a plane has 3 to " + MOST_POINTS + " points around it, not " + outline.size());
        }
        if (!(distance >= NEAREST && distance <= FURTHEST)) {
            throw new IllegalArgumentException(
                    "a plane is at " + NEAREST + " to " + FURTHEST + " of the ground's distance, not at " + distance);
        }
        if (!(soft >= 0 && soft <= SOFTEST)) {
            throw new IllegalArgumentException(
                    "the edge of a plane is 0 to " + (int) SOFTEST + " pixels soft, not " + soft);
        }
    }

    public Plane withName(String newName) {
        return new Plane(id, newName, outline, distance, soft, fill, extras);
    }

    public Plane withOutline(List<PicturePoint> points) {
        return new Plane(id, name, points, distance, soft, fill, extras);
    }

    public Plane withDistance(double part) {
        return new Plane(id, name, outline, part, soft, fill, extras);
    }

    public Plane withSoft(double pixels) {
        return new Plane(id, name, outline, distance, pixels, fill, extras);
    }

    public Plane withFill(Fill other) {
        return new Plane(id, name, outline, distance, soft, other, extras);
    }

    /**
     * How far it counts as when what lies nearer moves more or less than it truly would: the parallax is in proportion to 1/distance − 1.
     *
     * @param strength 1: as it truly would; 0: not at all
     */
    double distanceAt(double strength) {
        return 1 / (1 + strength * (1 / distance - 1));
    }
}
