package amberlens.exchange.otio;

import amberlens.core.base.time.FrameRate;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Names and times as OpenTimelineIO's JSON has them: every object names its schema and version. */
final class Otio {
    static final String SCHEMA = "OTIO_SCHEMA";

    /** Where what is ours stands among the metadata. */
    static final String OURS = "amber_lens";

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private Otio() {}

    /** An object with the members that all that can be composed have. */
    static ObjectNode object(String schema, String name) {
        ObjectNode node = NODES.objectNode();
        node.put(SCHEMA, schema).put("name", name);
        node.putObject("metadata");
        return node;
    }

    static ObjectNode item(String schema, String name) {
        ObjectNode node = object(schema, name);
        node.putNull("source_range");
        node.putArray("effects");
        node.putArray("markers");
        node.put("enabled", true);
        return node;
    }

    /** The name of a schema without its version. */
    static String kind(JsonNode node) {
        String schema = node.path(SCHEMA).asText("");
        int dot = schema.lastIndexOf('.');
        return dot < 0 ? schema : schema.substring(0, dot);
    }

    static ObjectNode time(double value, double rate) {
        ObjectNode node = NODES.objectNode();
        node.put(SCHEMA, "RationalTime.1").put("rate", rate).put("value", value);
        return node;
    }

    static ObjectNode range(double start, double duration, double rate) {
        ObjectNode node = NODES.objectNode();
        node.put(SCHEMA, "TimeRange.1");
        node.set("duration", time(duration, rate));
        node.set("start_time", time(start, rate));
        return node;
    }

    /** A time in seconds; 0 when there is none. */
    static double seconds(JsonNode time) {
        double rate = time.path("rate").asDouble(0);
        return rate > 0 ? time.path("value").asDouble(0) / rate : 0;
    }

    /** The exact rate that a decimal number stands for. */
    static FrameRate rate(double perSecond) {
        for (FrameRate common : FrameRate.COMMON) {
            if (Math.abs(common.perSecond() - perSecond) < 0.005) {
                return common;
            }
        }
        return perSecond == Math.rint(perSecond)
                ? FrameRate.of((int) perSecond)
                : new FrameRate((int) Math.round(perSecond * 1000), 1000);
    }
}
