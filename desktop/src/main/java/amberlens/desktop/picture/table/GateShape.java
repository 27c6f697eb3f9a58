package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A gate as it lies on the Table, in screen pixels.
 *
 * @param corners clockwise from the frame's upper left corner
 * @param centre the middle of the gate
 * @param turnHandle above the middle of the gate's upper side
 */
record GateShape(List<FramePoint> corners, FramePoint centre, FramePoint turnHandle) {
    private static final double HANDLE_DISTANCE = 20;
    private static final double ANCHOR_CLEAR = 18;
    private static final FramePoint ANCHOR_BESIDE = new FramePoint(16, 16);

    static GateShape of(Pose pose, Size frame, TableView view) {
        List<FramePoint> corners = new ArrayList<>();
        for (Corner corner : Corner.values()) {
            corners.add(view.toScreen(pose.toPicture(corner.of(frame))));
        }
        FramePoint centre = view.toScreen(pose.gateCentre(frame));
        FramePoint top = view.toScreen(pose.toPicture(new FramePoint(frame.width() / 2.0, 0)));
        FramePoint up = top.minus(centre);
        double length = Math.max(1e-9, up.length());
        return new GateShape(corners, centre, top.plus(up.times(HANDLE_DISTANCE / length)));
    }

    /** The middle of a side of the frame. */
    FramePoint side(Side side) {
        return switch (side) {
            case TOP -> middle(0, 1);
            case RIGHT -> middle(1, 2);
            case BOTTOM -> middle(2, 3);
            case LEFT -> middle(3, 0);
        };
    }

    /** Where the anchor is taken hold of: beside it when it lies in the middle, where the gate itself is meant. */
    FramePoint anchorGrip(FramePoint anchor) {
        return anchor.distance(centre) < ANCHOR_CLEAR ? anchor.plus(ANCHOR_BESIDE) : anchor;
    }

    private FramePoint middle(int first, int second) {
        return corners.get(first).plus(corners.get(second)).times(0.5);
    }

    boolean contains(double x, double y) {
        boolean inside = false;
        for (int i = 0, j = 3; i < 4; j = i++) {
            FramePoint a = corners.get(i);
            FramePoint b = corners.get(j);
            if ((a.y() > y) != (b.y() > y) && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
                inside = !inside;
            }
        }
        return inside;
    }

    /** The parts of the gate beyond each side of the picture, as polygons; empty ones are left out. */
    List<List<FramePoint>> beyond(TableView view, Size picture) {
        double right = view.left() + view.scale() * picture.width();
        double bottom = view.top() + view.scale() * picture.height();
        List<List<FramePoint>> parts = new ArrayList<>();
        parts.add(clipped(corners, point -> view.left() - point.x()));
        parts.add(clipped(corners, point -> point.x() - right));
        parts.add(clipped(corners, point -> view.top() - point.y()));
        parts.add(clipped(corners, point -> point.y() - bottom));
        parts.removeIf(part -> part.size() < 3);
        return parts;
    }

    /** The part of the gate on the picture, as a polygon; empty when it lies beside it. */
    List<FramePoint> within(TableView view, Size picture) {
        double right = view.left() + view.scale() * picture.width();
        double bottom = view.top() + view.scale() * picture.height();
        List<FramePoint> part = clipped(corners, point -> point.x() - view.left());
        part = clipped(part, point -> right - point.x());
        part = clipped(part, point -> point.y() - view.top());
        return clipped(part, point -> bottom - point.y());
    }

    /** The part of a polygon where the function is positive (Sutherland and Hodgman's clipping by one line). */
    private static List<FramePoint> clipped(List<FramePoint> corners, ToDoubleFunction<FramePoint> beyond) {
        List<FramePoint> kept = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            FramePoint from = corners.get(i);
            FramePoint to = corners.get((i + 1) % corners.size());
            double a = beyond.applyAsDouble(from);
            double b = beyond.applyAsDouble(to);
            if (a > 0) {
                kept.add(from);
            }
            if ((a > 0) != (b > 0)) {
                kept.add(from.plus(to.minus(from).times(a / (a - b))));
            }
        }
        return kept;
    }
}
