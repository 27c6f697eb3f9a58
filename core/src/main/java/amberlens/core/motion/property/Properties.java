package amberlens.core.motion.property;

import static amberlens.core.motion.property.PropertyBuilder.placed;
import static amberlens.core.motion.property.PropertyBuilder.property;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.motion.curve.Resizing;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.ServiceLoader;
import java.util.Set;
import java.util.TreeSet;

/** The properties of a shot. */
public final class Properties {
    public static final PoseProperty<Scale> SCALE = property(
                    "scale", "Scale", Group.POSE, 0, ValueKinds.SCALE, Scale.NEUTRAL)
            .unit("%", "% of the source pixels", " %")
            .usuallyIn(
                    "scale-of-fill",
                    "% fill",
                    "% of the scale that just fills the frame",
                    " % fill",
                    (_, picture, frame) -> Resizing.filling(picture, frame))
            .range(Scale.LEAST, Scale.LARGEST, false)
            .proportional()
            .steps(0.1, 1)
            .carried((scale, to) -> scale.times(to.filling()))
            .inPose(Pose::scale, Pose::withScale);

    public static final PoseProperty<FramePoint> POSITION = placed(
                    "position", "Position", Group.POSE, 1, ValueKinds.POSITION, (_, frame) -> frame.centre())
            .unit("px", "frame pixels", "")
            .orIn(
                    "position-percent",
                    "%",
                    "% of the frame",
                    (part, _, frame) -> (part == 0 ? frame.width() : frame.height()) / 100.0)
            .carried((at, to) -> to.placeInFrame(at))
            .inPose(Pose::position, Pose::withPosition);

    public static final PoseProperty<Double> ROTATION = property(
                    "rotation", "Rotation", Group.POSE, 2, ValueKinds.NUMBER, 0.0)
            .unit("°", "degrees", "°")
            .steps(0.1, 1)
            .inPose(Pose::degrees, Pose::withDegrees);

    public static final PoseProperty<PicturePoint> ANCHOR = placed(
                    "anchor",
                    "Anchor",
                    Group.POSE,
                    3,
                    ValueKinds.ANCHOR,
                    (picture, _) -> new PicturePoint(picture.width() / 2.0, picture.height() / 2.0))
            .unit("px", "source pixels", "")
            .orIn(
                    "anchor-percent",
                    "%",
                    "% of the picture",
                    (part, picture, _) -> (part == 0 ? picture.width() : picture.height()) / 100.0)
            .carried((at, to) -> new PicturePoint(at.x() * to.pictureX(), at.y() * to.pictureY()))
            .inPose(Pose::anchor, Pose::withAnchor, Pose::withAnchorInPlace);

    public static final DepthProperty<Double> PITCH = turn("pitch", "Pitch", 0, Depth::pitch, Depth::withPitch);

    public static final DepthProperty<Double> YAW = turn("yaw", "Yaw", 1, Depth::yaw, Depth::withYaw);

    /** How far the viewer stands. A curve that would bring it nearer or further than it can be stops there. */
    public static final DepthProperty<Double> VIEWING_DISTANCE = property(
                    "viewingDistance", "Viewing distance", Group.DEPTH, 2, ValueKinds.NUMBER, Depth.USUAL_DISTANCE)
            .unit("×", "× the longer side of the picture", " ×")
            .range(Depth.LEAST_DISTANCE, Depth.LARGEST_DISTANCE, true)
            .proportional()
            .steps(0.01, 2)
            .inDepth(
                    Depth::distance,
                    (depth, to) -> depth.withDistance(Math.clamp(to, Depth.LEAST_DISTANCE, Depth.LARGEST_DISTANCE)));

    /** How far each corner is pulled, clockwise from the upper left. */
    public static final List<DepthProperty<FramePoint>> CORNERS = List.of(
            corner("corners/upperLeft", Corner.UPPER_LEFT, 3),
            corner("corners/upperRight", Corner.UPPER_RIGHT, 4),
            corner("corners/lowerRight", Corner.LOWER_RIGHT, 5),
            corner("corners/lowerLeft", Corner.LOWER_LEFT, 6));

    /** How much of what lies below the shot's picture hides. */
    public static final Property<Double> OPACITY = property(
                    "opacity", "Opacity", Group.LAYER, 0, ValueKinds.NUMBER, 100.0)
            .unit("%", "% opaque", " %")
            .range(0, 100, true)
            .build();

    /** How fast footage runs; 0 freezes it and negative speeds run it backwards. */
    public static final Property<Double> SPEED = property("speed", "Speed", Group.LAYER, 1, ValueKinds.NUMBER, 100.0)
            .unit("%", "% of the footage's own speed", " %")
            .range(-10_000, 10_000, false)
            .build();

    /** How much what lies nearer than a picture's ground moves against it, where the picture lies in planes. */
    public static final Property<Double> PARALLAX = property(
                    "parallax", "Parallax", Group.LAYER, 2, ValueKinds.NUMBER, 100.0)
            .unit("%", "% of what the distances make of it", " %")
            .range(0, 200, true)
            .build();

    /** The properties that make a pose; every camera has them. */
    public static final List<PoseProperty<?>> OF_POSE = List.of(SCALE, POSITION, ROTATION, ANCHOR);

    /** Those of depth, which most cameras do without. */
    public static final List<DepthProperty<?>> OF_DEPTH = ofDepth();

    /** All that a pose is made of: what a move carries to other shots. */
    public static final Set<Property<?>> OF_MOVE = ofMove();

    /** All that a shot can have, as people read them: those here, and those of every {@link PropertySource}. */
    public static final List<Property<?>> ALL = all();

    private Properties() {}

    private static DepthProperty<Double> turn(
            String id, String word, int place, DepthProperty.Value<Double> value, DepthProperty.Change<Double> change) {
        return property(id, word, Group.DEPTH, place, ValueKinds.NUMBER, 0.0)
                .unit("°", "degrees", "°")
                .steps(0.1, 1)
                .inDepth(value, change);
    }

    private static DepthProperty<FramePoint> corner(String id, Corner corner, int place) {
        String words = corner.words();
        String word = Character.toUpperCase(words.charAt(0)) + words.substring(1);
        return property(id, word, Group.DEPTH, place, ValueKinds.POSITION, FramePoint.ZERO)
                .unit("px", "frame pixels", "")
                .carried((offset, to) -> to.inFrame(offset))
                .inDepth(depth -> depth.corners().of(corner), (depth, to) -> depth.withCorner(corner, to));
    }

    private static List<DepthProperty<?>> ofDepth() {
        List<DepthProperty<?>> all = new ArrayList<>(List.of(PITCH, YAW, VIEWING_DISTANCE));
        all.addAll(CORNERS);
        return List.copyOf(all);
    }

    private static Set<Property<?>> ofMove() {
        Set<Property<?>> all = new TreeSet<>(OF_POSE);
        all.addAll(OF_DEPTH);
        return Collections.unmodifiableSet(all);
    }

    private static List<Property<?>> all() {
        List<Property<?>> all = new ArrayList<>(OF_MOVE);
        all.add(OPACITY);
        all.add(SPEED);
        all.add(PARALLAX);
        ServiceLoader.load(PropertySource.class).forEach(source -> all.addAll(source.properties()));
        return all.stream().sorted().toList();
    }

    /** The property with this name in files. */
    public static Optional<Property<?>> named(String id) {
        return ALL.stream().filter(property -> property.id().equals(id)).findFirst();
    }
}
