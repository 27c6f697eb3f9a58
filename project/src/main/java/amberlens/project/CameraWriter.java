package amberlens.project;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.property.Owner;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.DecimalNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.util.Collection;

/** From the channels of a camera to their members in a file. */
final class CameraWriter {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private CameraWriter() {}

    /** The members of some properties, in their usual order; neutral ones are left out. */
    static ObjectNode camera(CameraTrack camera, Collection<Property<?>> properties) {
        ObjectNode node = NODES.objectNode();
        for (Property<?> property : camera.channels().properties()) {
            if (property.owner().equals(Owner.CAMERA) && properties.contains(property)) {
                ObjectNode holder = node;
                String[] names = property.id().split("/");
                for (int i = 0; i < names.length - 1; i++) {
                    holder = holder.withObject("/" + names[i]);
                }
                holder.set(names[names.length - 1], channel(camera.get(property)));
            }
        }
        return node;
    }

    static <V> ObjectNode channel(Channel<V> channel) {
        ObjectNode node = NODES.objectNode();
        if (channel.muted()) {
            node.put("muted", true);
        }
        if (channel.muted() || !channel.animated()) {
            node.set("value", Values.written(channel.kind(), channel.constant()));
        }
        if (channel.axes().isPresent()) {
            boolean plain = !channel.animated();
            if (plain) {
                node.remove("value");
            }
            node.set("x", channel(channel.axes().get().x()));
            node.set("y", channel(channel.axes().get().y()));
        } else if (channel.animated()) {
            ArrayNode keys = node.putArray("keys");
            channel.keys()
                    .forEach(key ->
                            keys.add(key(channel, key, key.equals(channel.keys().getLast()))));
        }
        return node;
    }

    private static <V> ObjectNode key(Channel<V> channel, Key<V> key, boolean last) {
        ObjectNode node = NODES.objectNode();
        node.put("at", key.at());
        node.set("value", Values.written(channel.kind(), key.value()));
        putHandle(node, "in", key.handles().in());
        putHandle(node, "out", key.handles().out());
        if (!last || key.even() || !key.leg().equals(Leg.LINEAR)) {
            node.set("leg", leg(key.leg(), key.even()));
        }
        KnownMembers.KEY.merge(node, key.extras());
        return node;
    }

    private static void putHandle(ObjectNode node, String name, FramePoint offset) {
        if (!offset.equals(FramePoint.ZERO)) {
            node.putArray(name).add(number(offset.x())).add(number(offset.y()));
        }
    }

    static ObjectNode leg(Leg leg, boolean even) {
        ObjectNode node = NODES.objectNode();
        switch (leg) {
            case Leg.Hold _ -> node.put("kind", "hold");
            case Leg.Linear _ -> node.put("kind", "linear");
            case Leg.Smooth _ -> node.put("kind", "smooth");
            case Leg.Curve curve -> putTiming(node.put("kind", "curve"), curve.timing());
            case Leg.Flight flight -> {
                node.put("kind", "flight");
                node.set("rho", number(flight.rho()));
                if (!flight.timing().equals(TimingCurve.STEADY)) {
                    putTiming(node, flight.timing());
                }
                node.putArray("about")
                        .add(number(flight.about().x()))
                        .add(number(flight.about().y()));
                node.set("width", number(flight.width()));
            }
        }
        if (even) {
            node.put("even", true);
        }
        return node;
    }

    private static void putTiming(ObjectNode node, TimingCurve timing) {
        node.putArray("handles")
                .add(number(timing.x1()))
                .add(number(timing.y1()))
                .add(number(timing.x2()))
                .add(number(timing.y2()));
    }

    /** The shortest text that reads back as the same double, whole numbers without a point. */
    static JsonNode number(double value) {
        BigDecimal shortest = new BigDecimal(Double.toString(value)).stripTrailingZeros();
        return DecimalNode.valueOf(shortest.scale() < 0 ? shortest.setScale(0) : shortest);
    }
}
