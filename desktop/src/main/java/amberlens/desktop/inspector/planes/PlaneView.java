package amberlens.desktop.inspector.planes;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/**
 * The planes of the selected shot's picture as they lie on the Table: their outlines, a tag with name and distance for each, and the points
 * of the selected one. What lies nearer is drawn stronger.
 */
public final class PlaneView {
    private static final double POINT = 8;
    private static final double LINE = 6;
    private static final double TAG_HEIGHT = 17;
    private static final double DOT = 2.6;

    /** Points nearer to each other than this, on the screen, are not drawn one by one. */
    private static final double APART = 5;

    private final Desk desk;
    private final Function<PicturePoint, FramePoint> toScreen;
    private final UnaryOperator<PicturePoint> shown;

    /** @param toScreen from the picture as it is shown */
    public PlaneView(Desk desk, Function<PicturePoint, FramePoint> toScreen) {
        this.desk = desk;
        this.toScreen = toScreen;
        shown = PlaneCuts.shot(desk).map(shot -> PlaneCuts.shown(desk, shot)).orElse(UnaryOperator.identity());
    }

    private FramePoint screen(PicturePoint source) {
        return toScreen.apply(shown.apply(source));
    }

    /** Paints them all, and what is being drawn. */
    public void paint(GraphicsContext pen) {
        Optional<String> selected = desk.tools().planes().selected();
        for (Plane plane : PlaneCuts.all(desk)) {
            boolean atHand = selected.filter(plane.id()::equals).isPresent();
            outline(pen, plane, atHand);
        }
        for (Plane plane : PlaneCuts.all(desk)) {
            tag(pen, plane, selected.filter(plane.id()::equals).isPresent());
        }
        drawing(pen);
    }

    private void outline(GraphicsContext pen, Plane plane, boolean atHand) {
        List<PicturePoint> outline = atHand ? desk.tools().planes().dragged().orElse(plane.outline()) : plane.outline();
        List<FramePoint> points = outline.stream().map(this::screen).toList();
        double[] xs = points.stream().mapToDouble(FramePoint::x).toArray();
        double[] ys = points.stream().mapToDouble(FramePoint::y).toArray();
        Color colour = atHand ? Palette.SEA.colour() : Palette.PALE.colour();
        pen.setFill(Palette.faint(colour, (atHand ? 0.16 : 0.05) + 0.12 * (1 - plane.distance())));
        pen.fillPolygon(xs, ys, xs.length);
        pen.setStroke(Palette.faint(Palette.GROUND.colour(), 0.75));
        pen.setLineWidth(3.4);
        pen.strokePolygon(xs, ys, xs.length);
        pen.setStroke(colour);
        pen.setLineWidth(atHand ? 1.8 : 1.2);
        pen.strokePolygon(xs, ys, xs.length);
        if (atHand) {
            dots(pen, points);
            besideOf(pen, plane);
        }
    }

    /** Where a copy from beside is taken from: the outline there, with a ring to move it by. */
    private void besideOf(GraphicsContext pen, Plane plane) {
        Optional<FramePoint> grip = besideGrip(plane);
        if (grip.isEmpty()) {
            return;
        }
        List<FramePoint> points = plane.outline().stream()
                .map(point -> screen(point.plus(plane.fill().byX(), plane.fill().byY())))
                .toList();
        FramePoint middle = screen(middle(plane));
        for (boolean shade : new boolean[] {true, false}) {
            pen.setStroke(shade ? Palette.faint(Palette.GROUND.colour(), 0.75) : Palette.PALE.colour());
            pen.setLineWidth(shade ? 3 : 1.3);
            pen.setLineDashes(shade ? new double[0] : new double[] {4, 3});
            pen.strokePolygon(
                    points.stream().mapToDouble(FramePoint::x).toArray(),
                    points.stream().mapToDouble(FramePoint::y).toArray(),
                    points.size());
            pen.strokeLine(middle.x(), middle.y(), grip.get().x(), grip.get().y());
            pen.setLineDashes();
            pen.strokeOval(grip.get().x() - 6, grip.get().y() - 6, 12, 12);
        }
    }

    private static PicturePoint middle(Plane plane) {
        return new PicturePoint(
                plane.outline().stream().mapToDouble(PicturePoint::x).average().orElseThrow(),
                plane.outline().stream().mapToDouble(PicturePoint::y).average().orElseThrow());
    }

    private Optional<FramePoint> besideGrip(Plane plane) {
        return plane.fill().kind() == Fill.Kind.BESIDE
                ? Optional.of(screen(
                        middle(plane).plus(plane.fill().byX(), plane.fill().byY())))
                : Optional.empty();
    }

    /** Whether a place of the screen is on the ring by which a copy from beside is moved. */
    boolean isBesideGrip(Plane plane, double x, double y) {
        return besideGrip(plane)
                .filter(grip -> Math.hypot(grip.x() - x, grip.y() - y) <= POINT + 1)
                .isPresent();
    }

    private static void dots(GraphicsContext pen, List<FramePoint> points) {
        pen.setFill(Palette.SEA.colour());
        FramePoint before = points.getLast();
        for (FramePoint point : points) {
            if (Math.hypot(point.x() - before.x(), point.y() - before.y()) >= APART) {
                pen.fillOval(point.x() - DOT, point.y() - DOT, 2 * DOT, 2 * DOT);
                before = point;
            }
        }
    }

    private static String words(Plane plane) {
        return plane.name() + String.format(Locale.ROOT, " · %.0f %%", 100 * plane.distance());
    }

    /** Where the tag of a plane stands: at its highest point. Left, top, width. */
    private double[] tagBox(Plane plane) {
        FramePoint top = plane.outline().stream()
                .map(this::screen)
                .reduce((one, other) -> other.y() < one.y() ? other : one)
                .orElseThrow();
        double width = Brush.width(Fonts.text(11), words(plane)) + 12;
        return new double[] {top.x() - width / 2, top.y() - TAG_HEIGHT - 4, width};
    }

    private void tag(GraphicsContext pen, Plane plane, boolean atHand) {
        double[] box = tagBox(plane);
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.9));
        pen.fillRoundRect(box[0], box[1], box[2], TAG_HEIGHT, 5, 5);
        Brush.text(
                pen,
                Fonts.text(11),
                atHand ? Palette.SEA.colour() : Palette.PALE.colour(),
                words(plane),
                box[0] + 6,
                box[1] + TAG_HEIGHT / 2);
    }

    private void drawing(GraphicsContext pen) {
        List<PicturePoint> drawn = desk.tools().planes().drawn();
        List<PicturePoint> ahead = desk.tools().planes().ahead();
        for (boolean shade : new boolean[] {true, false}) {
            pen.setStroke(shade ? Palette.faint(Palette.GROUND.colour(), 0.75) : Palette.SEA.colour());
            pen.setLineWidth(shade ? 3.6 : 1.8);
            line(pen, Optional.empty(), drawn);
            pen.setLineDashes(shade ? new double[0] : new double[] {4, 3});
            line(pen, drawn.isEmpty() ? Optional.empty() : Optional.of(drawn.getLast()), ahead);
            pen.setLineDashes();
        }
        if (!drawn.isEmpty()) {
            FramePoint first = toScreen.apply(drawn.getFirst());
            pen.setFill(Palette.GROUND.colour());
            pen.fillOval(first.x() - 5, first.y() - 5, 10, 10);
            pen.setStroke(Palette.SEA.colour());
            pen.strokeOval(first.x() - 5, first.y() - 5, 10, 10);
        }
    }

    private void line(GraphicsContext pen, Optional<PicturePoint> from, List<PicturePoint> points) {
        pen.beginPath();
        from.map(toScreen).ifPresent(at -> pen.moveTo(at.x(), at.y()));
        for (int i = 0; i < points.size(); i++) {
            FramePoint at = toScreen.apply(points.get(i));
            if (i == 0 && from.isEmpty()) {
                pen.moveTo(at.x(), at.y());
            } else {
                pen.lineTo(at.x(), at.y());
            }
        }
        pen.stroke();
    }

    /** The plane whose tag lies at a place of the screen, or whose outline does; the nearest first. */
    Optional<Plane> at(double x, double y) {
        List<Plane> planes = PlaneCuts.all(desk).reversed();
        return planes.stream()
                .filter(plane -> {
                    double[] box = tagBox(plane);
                    return x >= box[0] && x <= box[0] + box[2] && y >= box[1] && y <= box[1] + TAG_HEIGHT;
                })
                .findFirst()
                .or(() -> planes.stream()
                        .filter(plane -> segmentAt(plane, x, y).isPresent())
                        .findFirst());
    }

    /** Which point of the selected plane lies at a place of the screen. */
    Optional<Integer> pointAt(Plane plane, double x, double y) {
        int nearest = -1;
        double least = POINT;
        for (int i = 0; i < plane.outline().size(); i++) {
            FramePoint at = screen(plane.outline().get(i));
            double away = Math.hypot(at.x() - x, at.y() - y);
            if (away < least) {
                least = away;
                nearest = i;
            }
        }
        return nearest < 0 ? Optional.empty() : Optional.of(nearest);
    }

    /** After which point of a plane's outline a place of the screen lies on it. */
    Optional<Integer> segmentAt(Plane plane, double x, double y) {
        int count = plane.outline().size();
        for (int i = 0; i < count; i++) {
            FramePoint from = screen(plane.outline().get(i));
            FramePoint to = screen(plane.outline().get((i + 1) % count));
            double alongX = to.x() - from.x();
            double alongY = to.y() - from.y();
            double length = alongX * alongX + alongY * alongY;
            double part =
                    length == 0 ? 0 : Math.clamp(((x - from.x()) * alongX + (y - from.y()) * alongY) / length, 0, 1);
            if (Math.hypot(x - from.x() - part * alongX, y - from.y() - part * alongY) <= LINE) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }
}
