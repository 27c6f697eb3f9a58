package amberlens.core.material.planes;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import java.util.List;
import java.util.Optional;

/** What can be cut out of a picture, and what cannot. */
public final class PlaneLimits {
    /** Less than this is nothing to be cut out, square source pixels. */
    public static final double LEAST_AREA = 16;

    /** The greatest number of planes of a picture. */
    public static final int MOST = 16;

    /** Places to a side at which it is looked for something that is left. */
    private static final int PLACES = 48;

    private PlaneLimits() {}

    /** What is wrong with planes, for people; empty where nothing is. */
    public static Optional<String> problem(List<Plane> planes, Size picture) {
        if (planes.size() > MOST) {
            return Optional.of("a picture has at most " + MOST + " planes, not " + planes.size());
        }
        if (planes.stream().map(Plane::id).distinct().count() < planes.size()) {
            return Optional.of("each plane of a picture has an id of its own");
        }
        for (Plane plane : planes) {
            boolean inside = plane.outline().stream()
                    .allMatch(point -> point.x() >= 0
                            && point.y() >= 0
                            && point.x() <= picture.width()
                            && point.y() <= picture.height());
            if (!inside) {
                return Optional.of("\"" + plane.name() + "\" reaches beyond the picture of " + picture);
            }
            if (area(plane.outline()) < LEAST_AREA) {
                return Optional.of("\"" + plane.name() + "\" encloses nothing");
            }
        }
        return leavesGround(planes, picture)
                ? Optional.empty()
                : Optional.of("the planes cover the whole picture, and nothing is left to fill the ground behind them"
                        + " from");
    }

    /** The area within an outline, in square source pixels, by the shoelace formula. */
    public static double area(List<PicturePoint> outline) {
        double twice = 0;
        for (int i = 0; i < outline.size(); i++) {
            PicturePoint from = outline.get(i);
            PicturePoint to = outline.get((i + 1) % outline.size());
            twice += from.x() * to.y() - to.x() * from.y();
        }
        return Math.abs(twice) / 2;
    }

    private static boolean leavesGround(List<Plane> planes, Size picture) {
        if (planes.isEmpty()) {
            return true;
        }
        List<Contour> contours =
                planes.stream().map(plane -> Contour.of(plane, picture)).toList();
        for (int i = 0; i < PLACES * PLACES; i++) {
            double x = picture.width() * (i % PLACES + 0.5) / PLACES;
            double y = picture.height() * (i / PLACES + 0.5) / PLACES;
            boolean free = true;
            for (int k = 0; k < planes.size() && free; k++) {
                free = contours.get(k).depth(x, y) < -planes.get(k).soft() / 2;
            }
            if (free) {
                return true;
            }
        }
        return false;
    }

    /** An outline within its picture: points beyond come to its side, and points next to a side onto it. */
    public static List<PicturePoint> within(List<PicturePoint> outline, Size picture, double near) {
        return outline.stream()
                .map(point -> new PicturePoint(
                        onSide(point.x(), picture.width(), near), onSide(point.y(), picture.height(), near)))
                .toList();
    }

    private static double onSide(double at, int end, double near) {
        return at <= near ? 0 : at >= end - near ? end : at;
    }
}
