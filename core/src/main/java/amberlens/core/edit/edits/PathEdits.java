package amberlens.core.edit.edits;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.PathHandles;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Changes of the way of the position: straight or curved legs, and the handles at its keys. */
public final class PathEdits {
    private static final double THIRD = 1.0 / 3;

    private PathEdits() {}

    /** Which end of a leg a handle belongs to. */
    public enum End {
        OUT,
        IN
    }

    /** Whether the leg from the key at or before the frame is curved. */
    public static boolean curved(Channel<FramePoint> position, int frame) {
        int index = index(position, frame);
        return index >= 0
                && index + 1 < position.keys().size()
                && (!position.keys().get(index).handles().out().equals(FramePoint.ZERO)
                        || !position.keys().get(index + 1).handles().in().equals(FramePoint.ZERO));
    }

    /** Makes the leg from the key at or before the frame straight. */
    public static Edit straighten(String shotId, int frame) {
        return onLeg("make path straight", shotId, frame, (keys, i) -> {
            keys.set(i, withOut(keys.get(i), FramePoint.ZERO));
            keys.set(i + 1, withIn(keys.get(i + 1), FramePoint.ZERO));
        });
    }

    /**
     * Curves the leg from the key at or before the frame: its handles reach a third of the way along the direction from the
     * key before to the key after; where there is no such neighbour, a little to the side.
     */
    public static Edit curve(String shotId, int frame) {
        return onLeg("make path curved", shotId, frame, (keys, i) -> {
            FramePoint from = keys.get(i).value();
            FramePoint to = keys.get(i + 1).value();
            FramePoint way = to.minus(from);
            FramePoint bulge = aside(way);
            FramePoint out = i > 0 ? along(to.minus(keys.get(i - 1).value()), way) : bulge;
            FramePoint in = i + 2 < keys.size()
                    ? along(keys.get(i + 2).value().minus(from), way).times(-1)
                    : bulge.minus(way.times(2 * THIRD));
            keys.set(i, withOut(keys.get(i), out));
            keys.set(i + 1, withIn(keys.get(i + 1), in));
        });
    }

    /** A third of the leg's way in another direction. */
    private static FramePoint along(FramePoint direction, FramePoint way) {
        double length = direction.length();
        return length < 1e-9 ? way.times(THIRD) : direction.times(way.length() * THIRD / length);
    }

    /** A third of the way on, and half as much to the side. */
    private static FramePoint aside(FramePoint way) {
        return new FramePoint(way.x() * THIRD + way.y() * THIRD / 2, way.y() * THIRD - way.x() * THIRD / 2);
    }

    /**
     * Pulls a handle of the key at a frame.
     *
     * @param offset from the key, frame pixels
     * @param smooth whether the handle on the other side turns with it, keeping its length
     */
    public static Edit pull(String shotId, int frame, End end, FramePoint offset, boolean smooth) {
        return onPosition(
                "reshape path",
                shotId,
                position -> position.mapKeys(key -> {
                    if (key.at() != frame) {
                        return key;
                    }
                    FramePoint other =
                            end == End.OUT ? key.handles().in() : key.handles().out();
                    FramePoint turned = smooth && offset.length() > 1e-9 && other.length() > 1e-9
                            ? offset.times(-other.length() / offset.length())
                            : other;
                    return key.withHandles(
                            end == End.OUT ? new PathHandles(turned, offset) : new PathHandles(offset, turned));
                }));
    }

    /** Makes the key at a frame a corner without handles. */
    public static Edit corner(String shotId, int frame) {
        return onPosition(
                "make corner in path",
                shotId,
                position -> position.mapKeys(key -> key.at() == frame ? key.withHandles(PathHandles.STRAIGHT) : key));
    }

    private interface LegChange {
        void change(List<Key<FramePoint>> keys, int leg);
    }

    private static Edit onLeg(String name, String shotId, int frame, LegChange change) {
        return onPosition(name, shotId, position -> {
            int index = index(position, frame);
            if (index < 0 || index + 1 >= position.keys().size()) {
                return position;
            }
            List<Key<FramePoint>> keys = new ArrayList<>(position.keys());
            change.change(keys, index);
            return position.withKeys(keys, position.constant());
        });
    }

    private static Edit onPosition(String name, String shotId, UnaryOperator<Channel<FramePoint>> change) {
        return Edit.ofShot(name, shotId, (Shot shot) -> {
            Channel<FramePoint> position = shot.camera().position();
            return position.axes().isPresent()
                    ? shot
                    : shot.withCamera(shot.camera().withPosition(change.apply(position)));
        });
    }

    private static int index(Channel<FramePoint> position, int frame) {
        return position.keyBefore(frame).map(position.keys()::indexOf).orElse(-1);
    }

    private static Key<FramePoint> withOut(Key<FramePoint> key, FramePoint out) {
        return key.withHandles(new PathHandles(key.handles().in(), out));
    }

    private static Key<FramePoint> withIn(Key<FramePoint> key, FramePoint in) {
        return key.withHandles(new PathHandles(in, key.handles().out()));
    }
}
