package amberlens.project;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.FlightPath;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKind;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.NumberRange;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;

/** From the members of a camera, which the schema has accepted, to its channels. */
final class CameraReader {
    private final Object source;
    private final Size frame;

    /**
     * @param source what messages name: the file, or the clipboard
     * @param frame in which positions count
     */
    CameraReader(Object source, Size frame) {
        this.source = source;
        this.frame = frame;
    }

    CameraTrack camera(JsonNode camera, String in) throws FileProblem {
        CameraTrack neutral = CameraTrack.still(new Pose(Scale.NEUTRAL, FramePoint.ZERO, 0, new PicturePoint(0, 0)));
        return cameraOr(camera, in, neutral);
    }

    /** Likewise, but properties may be left out; those are taken from a pose. */
    CameraTrack cameraOr(JsonNode camera, String in, Pose otherwise) throws FileProblem {
        return cameraOr(camera, in, CameraTrack.still(otherwise));
    }

    private CameraTrack cameraOr(JsonNode camera, String in, CameraTrack still) throws FileProblem {
        CameraTrack track = still;
        for (Property<?> property : Properties.ALL) {
            JsonNode node = camera.at("/" + property.id());
            if (!node.isMissingNode()) {
                track = read(track, property, node, in + "/" + property.id());
            }
        }
        return track;
    }

    <V> CameraTrack read(CameraTrack track, Property<V> property, JsonNode node, String at) throws FileProblem {
        return track.with(property, channel(property, node, at));
    }

    /** A channel of a property. */
    <V> Channel<V> channel(Property<V> property, JsonNode node, String at) throws FileProblem {
        NumberRange range = property.range().strict() ? property.range() : NumberRange.ANY;
        return channel(node, property.kind(), number -> requireWithin(property, range, number), at);
    }

    private static void requireWithin(Property<?> property, NumberRange range, double number) {
        if (!range.contains(number)) {
            throw new IllegalArgumentException(property.refusal(number).orElse("a smaller number was expected"));
        }
    }

    private <V> Channel<V> channel(JsonNode node, ValueKind<V> kind, DoubleConsumer check, String at)
            throws FileProblem {
        boolean muted = node.path("muted").asBoolean(false);
        if (node.has("value") && !muted) {
            return checked(source, at + "/value", () -> Channel.constant(kind, value(kind, node, check)));
        }
        Channel<V> keyed = node.has("x")
                ? Channel.unlinked(
                        kind,
                        new Axes(
                                channel(node.get("x"), ValueKinds.NUMBER, check, at + "/x"),
                                channel(node.get("y"), ValueKinds.NUMBER, check, at + "/y")))
                : keyed(node.get("keys"), kind, check, at);
        return muted ? checked(source, at + "/value", () -> keyed.withMuted(true, value(kind, node, check))) : keyed;
    }

    /** The member "value" of a channel or key. */
    private static <V> V value(ValueKind<V> kind, JsonNode holder, DoubleConsumer check) {
        V value = Values.read(kind, holder.get("value"));
        for (int part = 0; part < kind.parts(); part++) {
            check.accept(kind.part(value, part));
        }
        return value;
    }

    private <V> Channel<V> keyed(JsonNode nodes, ValueKind<V> kind, DoubleConsumer check, String at)
            throws FileProblem {
        List<Key<V>> keys = new ArrayList<>();
        for (int i = 0; i < nodes.size(); i++) {
            JsonNode key = nodes.get(i);
            String keyAt = at + "/keys/" + i;
            keys.add(checked(source, keyAt, () -> key(key, value(kind, key, check))));
            boolean ascending = i == 0 || keys.get(i).at() > keys.get(i - 1).at();
            if (!ascending) {
                throw problem(
                        source,
                        keyAt + "/at",
                        "a frame after the key before was expected, not "
                                + keys.get(i).at());
            }
        }
        return checked(source, at, () -> Channel.keyed(kind, keys));
    }

    private <V> Key<V> key(JsonNode node, V value) {
        var handles = new PathHandles(
                node.has("in") ? framePoint(node.get("in")) : FramePoint.ZERO,
                node.has("out") ? framePoint(node.get("out")) : FramePoint.ZERO);
        Leg leg = node.has("leg") ? leg(node.get("leg"), frame) : Leg.LINEAR;
        boolean even = node.path("leg").path("even").asBoolean(false);
        return new Key<>(node.get("at").asInt(), value, leg, even, handles, KnownMembers.KEY.extras(node));
    }

    static Leg leg(JsonNode node, Size frame) {
        return switch (node.get("kind").asText()) {
            case "hold" -> Leg.HOLD;
            case "smooth" -> Leg.SMOOTH;
            case "curve" -> new Leg.Curve(timing(node.get("handles")));
            case "flight" ->
                new Leg.Flight(
                        node.path("rho").asDouble(FlightPath.USUAL_RHO),
                        node.has("handles") ? timing(node.get("handles")) : TimingCurve.STEADY,
                        node.has("about") ? framePoint(node.get("about")) : frame.centre(),
                        node.path("width").asDouble(frame.width()));
            default -> Leg.LINEAR;
        };
    }

    private static TimingCurve timing(JsonNode h) {
        return new TimingCurve(number(h, 0), number(h, 1), number(h, 2), number(h, 3));
    }

    private static FramePoint framePoint(JsonNode node) {
        return new FramePoint(number(node, 0), number(node, 1));
    }

    private static double number(JsonNode array, int index) {
        return array.get(index).asDouble();
    }

    static FileProblem problem(Object source, String pointer, String expectation) {
        return new FileProblem(source + ": at " + pointer + " " + expectation + ".");
    }

    <T> T checked(String pointer, Supplier<T> value) throws FileProblem {
        return checked(source, pointer, value);
    }

    static <T> T checked(Object source, String pointer, Supplier<T> value) throws FileProblem {
        try {
            return value.get();
        } catch (IllegalArgumentException e) {
            throw new FileProblem(source + ": at " + pointer + " " + e.getMessage() + ".", e);
        }
    }
}
