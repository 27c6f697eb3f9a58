package amberlens.exchange.lottie;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.exchange.move.FlatMove;
import amberlens.exchange.move.ShotMove;
import amberlens.exchange.move.Stop;
import amberlens.exchange.move.Way;
import amberlens.exchange.web.PageLinks;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.List;

/**
 * A move as a Lottie animation (the open format of the Lottie Animation Community): one image layer over one of the background's colour,
 * its transform keyed as ours is. Times are frames, and a frame stands for itself.
 */
public final class LottieFile {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final String PICTURE = "picture";
    private static final int IMAGE_LAYER = 2;
    private static final int SOLID_LAYER = 1;

    private LottieFile() {}

    /**
     * The animation.
     *
     * @param file where it will be written; the picture is named by its path from there
     * @throws FileProblem when the picture leans or is footage, which the format cannot say
     */
    public static ObjectNode of(ShotMove move, Path file) throws FileProblem {
        move.requireFlat("Lottie");
        if (move.media().moves()) {
            throw new FileProblem("\"" + move.shot().name()
                    + "\" shows footage, which Lottie cannot hold; css, csv, ffmpeg and otio can.");
        }
        FlatMove flat = FlatMove.of(move, _ -> true);
        ObjectNode root = NODES.objectNode();
        root.put("v", "5.7.0").put("nm", move.shot().name());
        root.put("fr", move.rate().perSecond()).put("ip", 0).put("op", move.length());
        root.put("w", move.frame().width()).put("h", move.frame().height()).put("ddd", 0);
        ObjectNode asset = root.putArray("assets").addObject();
        asset.put("id", PICTURE)
                .put("w", move.picture().width())
                .put("h", move.picture().height());
        asset.put("u", "").put("p", PageLinks.from(file, move.media().path())).put("e", 0);
        ArrayNode layers = root.putArray("layers"); // the first lies on top
        ObjectNode picture = layer(layers, move, IMAGE_LAYER, move.shot().name());
        picture.put("refId", PICTURE).set("ks", transform(flat));
        background(layers, move);
        return root;
    }

    private static ObjectNode layer(ArrayNode layers, ShotMove move, int type, String name) {
        ObjectNode layer = layers.addObject();
        layer.put("ddd", 0).put("ind", layers.size()).put("ty", type).put("nm", name);
        layer.put("sr", 1).put("ip", 0).put("op", move.length()).put("st", 0).put("bm", 0);
        return layer;
    }

    private static void background(ArrayNode layers, ShotMove move) {
        Size frame = move.frame();
        ObjectNode solid = layer(layers, move, SOLID_LAYER, "Background");
        solid.put("sw", frame.width()).put("sh", frame.height());
        solid.put("sc", move.project().frame().background().toString());
        ObjectNode still = solid.putObject("ks");
        still.set("o", number(100));
        still.set("r", number(0));
        still.set("p", numbers(List.of(0.0, 0.0)));
        still.set("a", numbers(List.of(0.0, 0.0)));
        still.set("s", numbers(List.of(100.0, 100.0)));
    }

    private static ObjectNode transform(FlatMove flat) {
        ObjectNode node = NODES.objectNode();
        node.set("o", number(100));
        node.set("r", keyed(flat.rotation(), 1));
        node.set("p", keyed(flat.position(), 1));
        node.set("a", keyed(flat.anchor(), 1));
        node.set("s", keyed(flat.scale(), 100));
        return node;
    }

    private static ObjectNode number(double value) {
        ObjectNode node = NODES.objectNode();
        node.put("a", 0).put("k", value);
        return node;
    }

    private static ObjectNode numbers(List<Double> values) {
        ObjectNode node = NODES.objectNode();
        put(node.put("a", 0).putArray("k"), values, 1);
        return node;
    }

    private static ObjectNode keyed(Way way, double unit) {
        List<Double> first = way.first().numbers();
        if (way.isStill()) {
            return first.size() == 1
                    ? number(first.getFirst() * unit)
                    : numbers(first.stream().map(value -> value * unit).toList());
        }
        ObjectNode node = NODES.objectNode();
        ArrayNode keys = node.put("a", 1).putArray("k");
        for (Stop stop : way.stops()) {
            ObjectNode key = keys.addObject();
            key.put("t", stop.at());
            put(key.putArray("s"), stop.numbers(), unit);
            if (stop != way.last()) {
                leg(key, stop.leg());
            }
        }
        return node;
    }

    private static void leg(ObjectNode key, Leg leg) {
        if (leg instanceof Leg.Hold) {
            key.put("h", 1);
            return;
        }
        TimingCurve timing = leg instanceof Leg.Curve curve ? curve.timing() : TimingCurve.STEADY;
        handle(key.putObject("o"), timing.x1(), timing.y1());
        handle(key.putObject("i"), timing.x2(), timing.y2());
    }

    private static void handle(ObjectNode handle, double x, double y) {
        handle.putArray("x").add(x);
        handle.putArray("y").add(y);
    }

    private static void put(ArrayNode array, List<Double> values, double unit) {
        values.forEach(value -> array.add(value * unit));
    }
}
