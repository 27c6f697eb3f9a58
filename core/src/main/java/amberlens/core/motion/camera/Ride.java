package amberlens.core.motion.camera;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Laid;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;

/**
 * Moves that are laid over a shot as a whole: each maps the frame onto itself as a camera maps a picture, the nearest one first.
 *
 * <p>A rig with the uniform scale r, turn ρ, position Q and anchor B (frame pixels both) takes a frame point x to Q + R(ρ)·r·(x − B). A
 * pose under it is a pose again: scale r·S, turn θ + ρ, position Q + R(ρ)·r·(P − B), the same anchor.
 *
 * @param rigs the moves
 * @param origin where the frame that poses are given in begins in the whole frame; not zero where a delivery guide is judged
 */
public record Ride(List<Rig> rigs, FramePoint origin) {
    public static final Ride NONE = new Ride(List.of(), FramePoint.ZERO);

    /**
     * One move laid over a shot.
     *
     * @param mover what moves the frame
     * @param offset the rig's frame at the shot's frame 0
     * @param length of the rig in frames; outside it does nothing
     * @param cut what its looks cut away of the whole frame
     */
    public record Rig(Mover mover, int offset, int length, Optional<Cut> cut) {
        /** One that cuts nothing away. */
        public Rig(Mover mover, int offset, int length) {
            this(mover, offset, length, Optional.empty());
        }

        /** A hand that shakes all of a shot, also while its first and its last frame are exposed; it counts the shot's own frames. */
        public static Rig shaking(Mover hand, int shotLength) {
            return new Rig(new Hand(hand), EARLY, shotLength + 2 * EARLY);
        }

        private boolean shakes() {
            return mover instanceof Hand;
        }

        private boolean rides(double shotFrame) {
            double at = shotFrame + offset;
            return at >= 0 && Math.floor(at) <= length - 1;
        }
    }

    /** Frames of a rig that begins before its shot: more than an exposure reaches out of it. */
    private static final int EARLY = 2;

    private record Hand(Mover hand) implements Mover {
        @Override
        public Pose at(double frame) {
            return hand.at(frame - EARLY);
        }
    }

    /**
     * What a rig leaves of the frame.
     *
     * @param camera of the rig, in which the cut is keyed
     * @param frame frame pixels
     * @param cropping the part that is left
     */
    public record Cut(CameraTrack camera, Size frame, Cropping cropping) {}

    /**
     * A sheet that has to cover the frame.
     *
     * @param pose in the frame that poses are given in
     */
    public record Sheet(Pose pose, Size size) {}

    /** A side that is not cut lies so far out that nobody sees it, in frame pixels. */
    private static final int FAR = 1_000_000;

    public Ride {
        rigs = List.copyOf(rigs);
    }

    /** Whether the looks of a rig cut something away. */
    public boolean cuts() {
        return rigs.stream().anyMatch(rig -> rig.cut.isPresent());
    }

    /** What rigs leave of the frame at a frame of the shot, each as a sheet of its own. */
    public List<Sheet> left(double shotFrame) {
        return rigs.stream()
                .filter(rig -> rig.cut.isPresent() && rig.rides(shotFrame))
                .map(rig -> left(rig.cut.get(), shotFrame + rig.offset))
                .toList();
    }

    private Sheet left(Cut cut, double at) {
        Size size = new Size(cut.frame.width() + 2 * FAR, cut.frame.height() + 2 * FAR);
        Pose rig = cut.camera.at(at);
        Pose pose = rig.withAnchor(rig.anchor().plus(FAR, FAR))
                .withPosition(rig.position().minus(origin));
        Portion left = cut.cropping.left(cut.camera, at);
        Portion seen = Portion.without(
                far(left.left(), cut.frame.width(), size.width()),
                far(left.top(), cut.frame.height(), size.height()),
                far(1 - left.left() - left.width(), cut.frame.width(), size.width()),
                far(1 - left.top() - left.height(), cut.frame.height(), size.height()));
        return new Sheet(pose.within(seen, size), size);
    }

    private static double far(double part, int framePx, int sheetPx) {
        return part > 1e-9 ? (FAR + part * framePx) / sheetPx : 0;
    }

    /** Without the hand that shakes. */
    public Ride steady() {
        return rigs.stream().noneMatch(Rig::shakes)
                ? this
                : new Ride(rigs.stream().filter(rig -> !rig.shakes()).toList(), origin);
    }

    public boolean isNone() {
        return rigs.isEmpty();
    }

    public Ride withOrigin(FramePoint newOrigin) {
        return new Ride(rigs, newOrigin);
    }

    /** The pose of a shot at one of its frames with everything that rides on it. */
    public Pose on(Pose pose, double shotFrame) {
        Pose ridden = pose;
        for (Rig rig : rigs) {
            if (rig.rides(shotFrame)) {
                ridden = ridden(ridden, rig.mover().at(shotFrame + rig.offset()));
            }
        }
        return ridden;
    }

    private Pose ridden(Pose pose, Pose rig) {
        FramePoint whole = pose.position().plus(origin);
        Pose uniform = rig.withScale(Scale.uniform(rig.scale().x()));
        if (!pose.isFlat()) {
            return leaning(pose, uniform);
        }
        FramePoint to = uniform.toFrame(new PicturePoint(whole.x(), whole.y()));
        return new Pose(
                scaled(pose.scale(), uniform.scale().factorX()),
                to.minus(origin),
                pose.degrees() + rig.degrees(),
                pose.anchor());
    }

    /** A picture that leans is seen as it leans, and then moved as it is seen. */
    private Pose leaning(Pose pose, Pose rig) {
        Laid one = new Laid(rig.pictureToFrame()).from(origin);
        return pose.depth()
                .setting()
                .map(setting -> setting.withOver(setting.over().then(one.map())))
                .map(setting -> pose.withDepth(pose.depth().in(setting)))
                .orElse(pose);
    }

    /** The pose of a shot that everything that rides on it makes this one: undoes {@link #on}. */
    public Pose off(Pose seen, double shotFrame) {
        if (!seen.isFlat()) {
            return seen.depth()
                    .setting()
                    .map(setting -> seen.withDepth(seen.depth().in(setting.withOver(Laid.NOTHING))))
                    .orElse(seen);
        }
        Pose own = seen;
        for (Rig rig : rigs.reversed()) {
            if (rig.rides(shotFrame)) {
                own = unridden(own, rig.mover().at(shotFrame + rig.offset()));
            }
        }
        return own;
    }

    private Pose unridden(Pose pose, Pose rig) {
        Pose uniform = rig.withScale(Scale.uniform(rig.scale().x()));
        PicturePoint from = uniform.toPicture(pose.position().plus(origin));
        return new Pose(
                scaled(pose.scale(), 1 / uniform.scale().factorX()),
                new FramePoint(from.x(), from.y()).minus(origin),
                pose.degrees() - rig.degrees(),
                pose.anchor());
    }

    /** Scales multiply, but none passes the range there is. */
    private static Scale scaled(Scale scale, double factor) {
        return ValueKinds.SCALE.of(part -> (part == 0 ? scale.x() : scale.y()) * factor);
    }

    /** Where a frame point was before everything that rides moved it. */
    public FramePoint before(FramePoint point, double shotFrame) {
        FramePoint at = point.plus(origin);
        for (Rig rig : rigs.reversed()) {
            if (rig.rides(shotFrame)) {
                Pose pose = rig.mover().at(shotFrame + rig.offset());
                var under = pose.withScale(Scale.uniform(pose.scale().x())).toPicture(at);
                at = new FramePoint(under.x(), under.y());
            }
        }
        return at.minus(origin);
    }
}
