package amberlens.cli;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.check.ShotMarks;
import amberlens.core.judge.edges.Margin;
import amberlens.core.material.planes.PlaneReport;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/** The check as one line of JSON. */
final class CheckJson {
    private CheckJson() {}

    /** Shots of the project's own frame stand at the top, those of a delivery with it; a delivery alone stands at the top too. */
    static String of(List<FilmCheck> checks, boolean frames) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        write(root, checks.getFirst(), frames);
        for (FilmCheck check : checks.subList(1, checks.size())) {
            write(root.withArray("deliveries").addObject(), check, frames);
        }
        return JsonText.of(root);
    }

    private static void write(ObjectNode node, FilmCheck check, boolean frames) {
        check.film().delivery().ifPresent(delivery -> node.put("id", delivery.id())
                .put("name", delivery.name())
                .put("width", delivery.size().width())
                .put("height", delivery.size().height()));
        ArrayNode shots = node.putArray("shots");
        check.shots().forEach(shot -> write(shots.addObject(), shot, frames));
    }

    private static void write(ObjectNode node, ShotCheck check, boolean frames) {
        node.put("id", check.shot().id());
        node.put("sealed", check.sealed());
        node.put("judged", check.judged());
        node.putObject("worst").put("frame", check.edges().worstFrame());
        putMargin((ObjectNode) node.get("worst"), check.edges().worst());
        ArrayNode open = node.putArray("open");
        for (var span : check.edges().open()) {
            ObjectNode written = open.addObject()
                    .put("from", span.span().from())
                    .put("to", span.span().to());
            putMargin(written, span.worst());
        }
        if (!check.planes().equals(PlaneReport.FLAT)) {
            putPlanes(node.putObject("planes"), check.planes());
        }
        putCut(node.putArray("cut"), check);
        node.putObject("enlargement")
                .put("max", check.enlargement().percent())
                .put("frame", check.enlargement().frame());
        node.putObject("pace")
                .put("max", check.fastest().centrePx())
                .put("corner", check.fastest().cornerPx())
                .put("frame", check.fastestFrame());
        ArrayNode list = node.putArray("frames");
        for (int frame = 0; frames && frame < check.shot().length(); frame++) {
            write(
                    list.addObject(),
                    frame,
                    check.take().pose(frame),
                    check.shot().camera().hasDepth(),
                    check.edges().margins().get(frame));
        }
    }

    /** Where a mark is not as it was asked to be; no distance where the picture cannot be seen. */
    private static void putCut(ArrayNode node, ShotCheck check) {
        for (ShotMarks.Cut cut : check.cut()) {
            ObjectNode written = node.addObject()
                    .put("mark", cut.mark().id())
                    .put("kind", cut.mark().kind().word())
                    .put("from", cut.where().span().from())
                    .put("to", cut.where().span().to());
            if (Double.isFinite(cut.where().px())) {
                written.put("px", cut.where().px());
            } else {
                written.putNull("px");
            }
            written.put("side", cut.where().worst().side().word())
                    .put("keep", cut.mark().keep().word());
        }
    }

    /** How deep is seen behind each plane, and where that is more than there is. */
    private static void putPlanes(ObjectNode node, PlaneReport report) {
        ObjectNode depths = node.putObject("depths");
        report.depths()
                .forEach((plane, depth) ->
                        depths.putObject(plane).put("px", depth.px()).put("frame", depth.frame()));
        report.enlarged().ifPresent(most -> node.putObject("enlargement")
                .put("plane", most.plane().id())
                .put("max", most.percent())
                .put("frame", most.frame()));
        ArrayNode open = node.putArray("open");
        for (FrameSpan span : report.open()) {
            PlaneReport.Opening worst = report.worst(span);
            ObjectNode written = open.addObject()
                    .put("from", span.from())
                    .put("to", span.to())
                    .put("plane", worst.plane().id())
                    .put("px", worst.px())
                    .put("frame", worst.frame());
            worst.side().ifPresent(side -> written.put("side", side.word()));
        }
    }

    private static void write(ObjectNode node, int frame, Pose pose, boolean deep, Margin margin) {
        node.put("frame", frame);
        Properties.OF_POSE.forEach(property -> write(node, property, pose));
        if (deep) {
            Properties.OF_DEPTH.forEach(property -> write(node, property, pose));
            writeAsBefore(node, pose);
        }
        putMargin(node, margin);
    }

    /** By the names of before version 8, too: scripts read them. */
    private static void writeAsBefore(ObjectNode node, Pose pose) {
        node.put("tilt", pose.depth().pitch());
        node.put("swivel", pose.depth().yaw());
        node.put("distance", pose.depth().distance());
    }

    /** Where the picture cannot be seen there is no margin, but a reason. */
    private static void putMargin(ObjectNode node, Margin margin) {
        if (margin.unseen().isEmpty()) {
            node.put("margin", margin.framePx());
        } else {
            node.putNull("margin").put("reason", margin.reason());
        }
    }

    private static <V> void write(ObjectNode node, PoseProperty<V> property, Pose pose) {
        V value = property.of(pose);
        String[] names = property.id().split("/");
        ObjectNode holder = names.length == 1 ? node : node.withObject("/" + names[0]);
        String name = names[names.length - 1];
        if (property.kind().parts() == 1) {
            holder.put(name, property.kind().part(value, 0));
            return;
        }
        ArrayNode numbers = holder.putArray(name);
        for (int part = 0; part < property.kind().parts(); part++) {
            numbers.add(property.kind().part(value, part));
        }
    }
}
