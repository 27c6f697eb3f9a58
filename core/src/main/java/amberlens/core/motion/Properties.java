package amberlens.core.motion;

import static amberlens.core.motion.PropertyBuilder.placed;
import static amberlens.core.motion.PropertyBuilder.property;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
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
            .orIn(
                    "scale-of-fill",
                    "% fill",
                    "% of the scale that just fills the frame",
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
            .carried((at, to) -> to.inFrame(at))
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
            .inPose(Pose::anchor, Pose::withAnchorInPlace);

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

    /** The properties that make a pose; every camera has them. */
    public static final List<PoseProperty<?>> OF_POSE = List.of(SCALE, POSITION, ROTATION, ANCHOR);

    /** The same as a set: what a move carries to other shots. */
    public static final Set<Property<?>> OF_MOVE = Collections.unmodifiableSet(new TreeSet<>(OF_POSE));

    /** All that a shot can have, as people read them: those here, and those of every {@link PropertySource}. */
    public static final List<Property<?>> ALL = all();

    private Properties() {}

    private static List<Property<?>> all() {
        List<Property<?>> all = new ArrayList<>(OF_POSE);
        all.add(OPACITY);
        all.add(SPEED);
        ServiceLoader.load(PropertySource.class).forEach(source -> all.addAll(source.properties()));
        return all.stream().sorted().toList();
    }

    /** The property with this name in files. */
    public static Optional<Property<?>> named(String id) {
        return ALL.stream().filter(property -> property.id().equals(id)).findFirst();
    }
}
