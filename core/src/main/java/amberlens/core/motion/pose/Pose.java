package amberlens.core.motion.pose;

import amberlens.core.base.geometry.AffineMap;
import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Turn;
import amberlens.core.motion.curve.ValueKinds;
import java.util.Optional;

/**
 * The camera's setup at one moment. A picture point u lands in the frame at P + R(θ)·S·(u − A).
 *
 * @param scale S, per cent
 * @param position P: where the anchor lands, frame pixels
 * @param degrees θ: clockwise; turns accumulate, so −720 is two turns counter-clockwise
 * @param anchor A: the point that stays under scale and turn, source pixels
 * @param depth how the picture leans out of the frame's plane; see {@link Projection}
 */
public record Pose(Scale scale, FramePoint position, double degrees, PicturePoint anchor, Depth depth) {
    public Pose {
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException("a rotation is a finite number of degrees, not " + degrees);
        }
    }

    /** Flat in the frame. */
    public Pose(Scale scale, FramePoint position, double degrees, PicturePoint anchor) {
        this(scale, position, degrees, anchor, Depth.FLAT);
    }

    /** 100 %, unturned, the picture's centre in the frame's centre. */
    public static Pose neutral(Size picture, Size frame) {
        return new Pose(
                Scale.NEUTRAL, frame.centre(), 0, new PicturePoint(picture.width() / 2.0, picture.height() / 2.0));
    }

    /** cos θ, exact at quarter turns. */
    public double cos() {
        return Turn.cos(degrees);
    }

    /** sin θ, exact at quarter turns. */
    public double sin() {
        return Turn.sin(degrees);
    }

    /** Whether the picture simply lies in the frame: all closed forms hold then. */
    public boolean isFlat() {
        return depth.isFlat();
    }

    /** How a picture that leans is seen; empty when it lies flat, or when what it is seen in is not known. */
    public Optional<Projection> projection() {
        return isFlat() ? Optional.empty() : depth.setting().map(setting -> Projection.of(this, depth, setting));
    }

    /** This pose of a picture in a frame, so that its depth can be computed. */
    public Pose in(Size picture, Size frame) {
        return isFlat() ? this : withDepth(depth.in(Depth.Setting.of(picture, frame)));
    }

    /** From source pixels to frame pixels, with depth; where nothing can be seen, as if it lay flat. */
    public ProjectiveMap map() {
        return projection()
                .filter(projection -> projection.unseen().isEmpty())
                .map(Projection::toFrame)
                .orElseGet(() -> ProjectiveMap.of(pictureToFrame()));
    }

    /**
     * This pose for a part of the picture that stands for all of it: what is seen of that part stays where it is.
     *
     * @param picture its size, which the part then has
     */
    public Pose within(Portion part, Size picture) {
        if (part.isWhole()) {
            return this;
        }
        return new Pose(
                ValueKinds.SCALE.of(i -> i == 0 ? scale.x() * part.width() : scale.y() * part.height()),
                position,
                degrees,
                new PicturePoint(
                        (anchor.x() - part.left() * picture.width()) / part.width(),
                        (anchor.y() - part.top() * picture.height()) / part.height()),
                depth.setting()
                        .map(setting -> depth.in(setting.within(part, picture)))
                        .orElse(depth));
    }

    /** Undoes {@link #within}. */
    public Pose outOf(Portion part, Size picture) {
        if (part.isWhole()) {
            return this;
        }
        return new Pose(
                ValueKinds.SCALE.of(i -> i == 0 ? scale.x() / part.width() : scale.y() / part.height()),
                position,
                degrees,
                new PicturePoint(
                        anchor.x() * part.width() + part.left() * picture.width(),
                        anchor.y() * part.height() + part.top() * picture.height()),
                depth.setting()
                        .map(setting -> depth.in(setting.outOf(part, picture)))
                        .orElse(depth));
    }

    /**
     * The same map without a rig: where rigs lie over a picture that leans, no turn of it says what is seen, but pulled corners of one that
     * does not lean do.
     *
     * @param picture its size
     */
    public Pose withRigsAsCorners(Size picture) {
        Optional<Depth.Setting> setting = depth.setting();
        if (isFlat() || !isSeen() || setting.isEmpty() || setting.get().over().equals(Laid.NOTHING)) {
            return this;
        }
        Pose flat = withDepth(Depth.FLAT);
        CornerOffsets pulled = CornerOffsets.NONE;
        for (Corner corner : Corner.values()) {
            FramePoint of = corner.of(picture);
            var place = new PicturePoint(of.x(), of.y());
            pulled = pulled.with(corner, toFrame(place).minus(flat.toFrame(place)));
        }
        return withDepth(Depth.FLAT.withCorners(pulled).in(setting.get().withOver(Laid.NOTHING)));
    }

    /** Whether the picture can be seen at all. */
    public boolean isSeen() {
        return projection().flatMap(Projection::unseen).isEmpty();
    }

    /** Where a picture point lands. */
    public FramePoint toFrame(PicturePoint point) {
        if (!isFlat()) {
            ProjectiveMap map = map();
            return new FramePoint(map.x(point.x(), point.y()), map.y(point.x(), point.y()));
        }
        double x = scale.factorX() * (point.x() - anchor.x());
        double y = scale.factorY() * (point.y() - anchor.y());
        double cos = cos();
        double sin = sin();
        return new FramePoint(position.x() + cos * x - sin * y, position.y() + sin * x + cos * y);
    }

    /** Which picture point lands at a frame point; of a picture that is seen as a line, the one of the flat pose. */
    public PicturePoint toPicture(FramePoint point) {
        if (!isFlat()) {
            ProjectiveMap map = map();
            if (!map.isInvertible()) {
                return withDepth(Depth.FLAT).toPicture(point);
            }
            ProjectiveMap back = map.inverse();
            return new PicturePoint(back.x(point.x(), point.y()), back.y(point.x(), point.y()));
        }
        FramePoint q = unturned(point);
        return anchor.plus(q.x() / scale.factorX(), q.y() / scale.factorY());
    }

    /** R(−θ)·(c − P): a frame point as seen from the anchor along the picture's axes, in frame pixels. */
    public FramePoint unturned(FramePoint point) {
        double x = point.x() - position.x();
        double y = point.y() - position.y();
        double cos = cos();
        double sin = sin();
        return new FramePoint(cos * x + sin * y, cos * y - sin * x);
    }

    /** The whole map from source pixels to frame pixels, without its depth. */
    public AffineMap pictureToFrame() {
        double cos = cos();
        double sin = sin();
        double sx = scale.factorX();
        double sy = scale.factorY();
        return new AffineMap(
                cos * sx,
                -sin * sy,
                position.x() - cos * sx * anchor.x() + sin * sy * anchor.y(),
                sin * sx,
                cos * sy,
                position.y() - sin * sx * anchor.x() - cos * sy * anchor.y());
    }

    /** The picture point in the middle of the frame. */
    public PicturePoint gateCentre(Size frame) {
        return toPicture(frame.centre());
    }

    public Pose withScale(Scale newScale) {
        return new Pose(newScale, position, degrees, anchor, depth);
    }

    public Pose withPosition(FramePoint newPosition) {
        return new Pose(scale, newPosition, degrees, anchor, depth);
    }

    public Pose withDegrees(double newDegrees) {
        return new Pose(scale, position, newDegrees, anchor, depth);
    }

    public Pose withAnchor(PicturePoint newAnchor) {
        return new Pose(scale, position, degrees, newAnchor, depth);
    }

    public Pose withDepth(Depth newDepth) {
        return new Pose(scale, position, degrees, anchor, newDepth);
    }

    /**
     * The anchor moved while the picture stays where it is: P′ = P + R(θ)·S·(A′ − A).
     *
     * <p>A picture that leans about another point of itself lies nearer or further away there. With z₀ how much further the new anchor lies
     * than the old one and e = 1 + z₀/D it is seen as before when it is e times as far away, 1/e times as large, and its offset from the
     * frame's middle, the new anchor's own included, is 1/e times what it was: then D′ = D, and
     * ((P′ − F) + (a″ − a₀″)/e)·D/(D + (z″ − z₀)/e) = ((P − F) + a″)·D/(D + z″).
     */
    public Pose withAnchorInPlace(PicturePoint newAnchor) {
        FramePoint to = withDepth(Depth.FLAT).toFrame(newAnchor);
        if (isFlat() || depth.setting().isEmpty()) {
            return new Pose(scale, to, degrees, newAnchor, depth);
        }
        Depth.Setting setting = depth.setting().get();
        FramePoint off = to.minus(position);
        double z = -off.y() * depth.sinPitch();
        FramePoint seen = new FramePoint(off.x() * depth.cosYaw() - z * depth.sinYaw(), off.y() * depth.cosPitch());
        double further = 1 + (off.x() * depth.sinYaw() + z * depth.cosYaw()) / depth.viewer(scale, setting);
        if (!(further > 0)) {
            return new Pose(scale, to, degrees, newAnchor, depth);
        }
        FramePoint centre = setting.centre();
        return new Pose(
                scale.times(1 / further),
                centre.plus(position.minus(centre).plus(seen).times(1 / further)),
                degrees,
                newAnchor,
                depth.withDistance(depth.distance() * further).in(setting));
    }

    /** This pose scaled and turned about a frame point, whose picture point stays there. */
    public Pose zoomedAbout(FramePoint fixed, double factor) {
        FramePoint moved = fixed.plus(position.minus(fixed).times(factor));
        return withScale(scale.times(factor))
                .withPosition(moved)
                .withDepth(depth.withCorners(depth.corners().times(factor)));
    }

    /** This pose turned clockwise about a frame point, whose picture point stays there. */
    public Pose turnedAbout(FramePoint fixed, double byDegrees) {
        PicturePoint under = toPicture(fixed);
        Pose turned = withDegrees(degrees + byDegrees);
        return turned.withPosition(position.plus(fixed.minus(turned.toFrame(under))));
    }
}
