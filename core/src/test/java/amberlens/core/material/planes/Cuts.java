package amberlens.core.material.planes;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Planes drawn for tests, and what a geometry library says of them. */
final class Cuts {
    private Cuts() {}

    static List<PicturePoint> points(double... numbers) {
        List<PicturePoint> points = new ArrayList<>();
        for (int i = 0; i < numbers.length; i += 2) {
            points.add(new PicturePoint(numbers[i], numbers[i + 1]));
        }
        return points;
    }

    static Plane plane(String id, double distance, double soft, Fill fill, List<PicturePoint> outline) {
        return new Plane(id, id, outline, distance, soft, fill, Extras.NONE);
    }

    /** A square lantern. */
    static Plane square(double left, double top, double side, double distance, Fill fill) {
        return plane(
                "lantern",
                distance,
                0,
                fill,
                points(left, top, left + side, top, left + side, top + side, left, top + side));
    }

    /** A star with arms of any length about any place, cut off by the sides of the picture. */
    static List<PicturePoint> star(Random chance, Size picture) {
        double x = picture.width() * (0.1 + 0.8 * chance.nextDouble());
        double y = picture.height() * (0.1 + 0.8 * chance.nextDouble());
        int arms = 5 + chance.nextInt(9);
        List<PicturePoint> points = new ArrayList<>();
        for (int i = 0; i < arms; i++) {
            double far = picture.height() * (0.06 + 0.25 * chance.nextDouble());
            double turn = 2 * Math.PI * i / arms;
            points.add(new PicturePoint(
                    Math.clamp(x + far * Math.cos(turn), 0, picture.width()),
                    Math.clamp(y + far * Math.sin(turn), 0, picture.height())));
        }
        return points;
    }

    /** The same outline as a shape of the Java library, inside by the even-odd rule. */
    static Path2D path(List<PicturePoint> outline) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        path.moveTo(outline.getFirst().x(), outline.getFirst().y());
        outline.stream().skip(1).forEach(point -> path.lineTo(point.x(), point.y()));
        path.closePath();
        return path;
    }
}
