package amberlens.desktop.table;

import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Scale;

/** What a drag on the gate does to the pose it started from. Points are on the picture, in source pixels. */
sealed interface GateGesture {
    /** The pose with the pointer at a place. {@code constrained} is the shift key. */
    Pose at(PicturePoint pointer, boolean constrained);

    /** What the step is called in the history. */
    String name();

    /** The gate moves with the pointer; constrained, along the nearer picture axis. */
    record Move(Pose start, PicturePoint grabbed) implements GateGesture {
        @Override
        public Pose at(PicturePoint pointer, boolean constrained) {
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
            return "move of the gate";
        }
    }

    /** A corner follows the pointer, the gate keeps its centre; constrained, the opposite corner. */
    record Resize(Pose start, Size frame, Corner corner) implements GateGesture {
        private static final double LEAST = 0.01;

        @Override
        public Pose at(PicturePoint pointer, boolean constrained) {
            FramePoint fixed = constrained ? corner.opposite().of(frame) : frame.centre();
            FramePoint arm = corner.of(frame).minus(fixed);
            FramePoint now = start.toFrame(pointer).minus(fixed);
            double along = (arm.x() * now.x() + arm.y() * now.y()) / (arm.x() * arm.x() + arm.y() * arm.y());
            double factor = 1 / Math.max(LEAST, along);
            double most =
                    Scale.LARGEST / Math.max(start.scale().x(), start.scale().y());
            return start.zoomedAbout(fixed, Math.min(factor, most));
        }

        @Override
        public String name() {
            return "zoom of the gate";
        }
    }

    /** The gate turns about its centre; constrained, to whole steps of 15°. */
    record Turn(Pose start, Size frame, double startDegrees) implements GateGesture {
        private static final double STEP = 15;

        static Turn from(Pose start, Size frame, PicturePoint grabbed) {
            return new Turn(start, frame, direction(start.gateCentre(frame), grabbed));
        }

        @Override
        public Pose at(PicturePoint pointer, boolean constrained) {
            double turned = direction(start.gateCentre(frame), pointer) - startDegrees;
            double least = Math.IEEEremainder(turned, 360);
            double wanted = start.degrees() - least;
            double degrees = constrained ? STEP * Math.round(wanted / STEP) : rounded(wanted);
            return start.turnedAbout(frame.centre(), degrees - start.degrees());
        }

        @Override
        public String name() {
            return "turn of the gate";
        }

        private static double direction(PicturePoint from, PicturePoint to) {
            return Math.toDegrees(Math.atan2(to.y() - from.y(), to.x() - from.x()));
        }

        /** A hand cannot place a turn finer than this, and the number reads better. */
        private static double rounded(double degrees) {
            return Math.round(degrees * 100) / 100.0;
        }
    }
}
