package amberlens.desktop.picture.handling;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;

/** What a drag on the gate does to the pose it started from. Points are on the picture, in source pixels. */
public sealed interface GateGesture {
    /**
     * The pose with the pointer at a place.
     *
     * @param constrained the shift key
     * @param other the alt key: about the other pivot, or with the picture jumping
     */
    Pose at(PicturePoint pointer, boolean constrained, boolean other);

    /** What the step is called in the history. */
    String name();

    /** The gate moves with the pointer; constrained, along the nearer picture axis. */
    record Move(Pose start, PicturePoint grabbed) implements GateGesture {
        @Override
        public Pose at(PicturePoint pointer, boolean constrained, boolean other) {
            double dx = pointer.x() - grabbed.x();
            double dy = pointer.y() - grabbed.y();
            if (constrained) {
                boolean across = Math.abs(dx) >= Math.abs(dy);
                dx = across ? dx : 0;
                dy = across ? 0 : dy;
            }
            FramePoint moved = start.toFrame(start.anchor().plus(-dx, -dy));
            return start.withPosition(moved);
        }

        @Override
        public String name() {
            return "move gate";
        }
    }

    /** A corner follows the pointer about the {@link Pivot}; with shift or alt, about the opposite corner. */
    record Resize(Pose start, Size frame, Corner corner) implements GateGesture {
        @Override
        public Pose at(PicturePoint pointer, boolean constrained, boolean other) {
            FramePoint fixed = constrained || other ? corner.opposite().of(frame) : Pivot.of(start, frame);
            FramePoint arm = corner.of(frame).minus(fixed);
            return zoomed(start, fixed, arm, start.toFrame(pointer).minus(fixed));
        }

        @Override
        public String name() {
            return "zoom gate";
        }
    }

    /**
     * A side follows the pointer about the {@link Pivot}; with shift or alt, about the opposite side. Linked axes zoom together,
     * unlinked ones each on its own.
     */
    record ResizeSide(Pose start, Size frame, Side side, boolean linked) implements GateGesture {
        private static final double LEAST = 0.01;

        /** The middle of a side of the frame. */
        public static FramePoint middle(Side side, Size frame) {
            return switch (side) {
                case LEFT -> new FramePoint(0, frame.height() / 2.0);
                case RIGHT -> new FramePoint(frame.width(), frame.height() / 2.0);
                case TOP -> new FramePoint(frame.width() / 2.0, 0);
                case BOTTOM -> new FramePoint(frame.width() / 2.0, frame.height());
            };
        }

        private boolean across() {
            return side == Side.LEFT || side == Side.RIGHT;
        }

        private FramePoint fixed(boolean opposite) {
            FramePoint near = middle(side, frame);
            return opposite
                    ? new FramePoint(frame.width() - near.x(), frame.height() - near.y())
                    : Pivot.of(start, frame);
        }

        @Override
        public Pose at(PicturePoint pointer, boolean constrained, boolean other) {
            FramePoint fixed = fixed(constrained || other);
            FramePoint arm = middle(side, frame).minus(fixed);
            FramePoint now = start.toFrame(pointer).minus(fixed);
            FramePoint along = across() ? new FramePoint(arm.x(), 0) : new FramePoint(0, arm.y());
            if (linked) {
                return zoomed(start, fixed, along, now);
            }
            double part = across() ? now.x() / arm.x() : now.y() / arm.y();
            double factor = 1 / Math.max(LEAST, part);
            Scale scale = start.scale();
            PicturePoint under = start.toPicture(fixed);
            Pose stretched = start.withScale(
                    across()
                            ? new Scale(Math.min(Scale.LARGEST, scale.x() * factor), scale.y())
                            : new Scale(scale.x(), Math.min(Scale.LARGEST, scale.y() * factor)));
            return stretched.withPosition(stretched.position().plus(fixed.minus(stretched.toFrame(under))));
        }

        @Override
        public String name() {
            return linked ? "zoom gate" : "scale one axis";
        }
    }

    /** The gate turns about the {@link Pivot}, with alt about its own middle; constrained, to whole steps of 15°. */
    record Turn(Pose start, Size frame, double startDegrees) implements GateGesture {
        private static final double STEP = 15;

        public static Turn from(Pose start, Size frame, PicturePoint grabbed) {
            return new Turn(start, frame, direction(start.toPicture(Pivot.of(start, frame)), grabbed));
        }

        @Override
        public Pose at(PicturePoint pointer, boolean constrained, boolean other) {
            FramePoint pivot = other ? frame.centre() : Pivot.of(start, frame);
            double turned = direction(start.toPicture(Pivot.of(start, frame)), pointer) - startDegrees;
            double least = Math.IEEEremainder(turned, 360);
            double wanted = start.degrees() - least;
            double degrees = constrained ? STEP * Math.round(wanted / STEP) : rounded(wanted);
            return start.turnedAbout(pivot, degrees - start.degrees());
        }

        @Override
        public String name() {
            return "rotate gate";
        }

        private static double direction(PicturePoint from, PicturePoint to) {
            return Math.toDegrees(Math.atan2(to.y() - from.y(), to.x() - from.x()));
        }

        /** A hand cannot place a turn finer than this, and the number reads better. */
        private static double rounded(double degrees) {
            return Math.round(degrees * 100) / 100.0;
        }
    }

    /** The anchor follows the pointer and the picture stays; with alt the picture jumps instead of the position. */
    record MoveAnchor(Pose start, PicturePoint grabbed) implements GateGesture {
        @Override
        public Pose at(PicturePoint pointer, boolean constrained, boolean other) {
            double dx = pointer.x() - grabbed.x();
            double dy = pointer.y() - grabbed.y();
            boolean across = Math.abs(dx) >= Math.abs(dy);
            PicturePoint to = start.anchor().plus(constrained && !across ? 0 : dx, constrained && across ? 0 : dy);
            return other ? start.withAnchor(to) : start.withAnchorInPlace(to);
        }

        @Override
        public String name() {
            return "move anchor";
        }
    }

    /** The pose zoomed about a frame point so that the end of an arm from it comes to where the pointer is along the arm. */
    private static Pose zoomed(Pose start, FramePoint fixed, FramePoint arm, FramePoint now) {
        double least = 0.01;
        double along = (arm.x() * now.x() + arm.y() * now.y()) / (arm.x() * arm.x() + arm.y() * arm.y());
        double factor = 1 / Math.max(least, along);
        double most = Scale.LARGEST / Math.max(start.scale().x(), start.scale().y());
        return start.zoomedAbout(fixed, Math.min(factor, most));
    }
}
