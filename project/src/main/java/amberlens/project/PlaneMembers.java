package amberlens.project;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.FileProblem;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Planes in files: an outline is its points in a row, across and down by turns. */
final class PlaneMembers {
    private PlaneMembers() {}

    /** Says nothing where there are none. */
    static void put(ObjectNode media, List<Plane> planes) {
        if (planes.isEmpty()) {
            return;
        }
        ArrayNode all = media.putArray("planes");
        for (Plane plane : planes) {
            ObjectNode node = all.addObject();
            node.put("id", plane.id());
            node.put("name", plane.name());
            node.set("distance", CameraWriter.number(plane.distance()));
            if (plane.soft() != 0) {
                node.set("soft", CameraWriter.number(plane.soft()));
            }
            ObjectNode fill = node.putObject("fill");
            fill.put("kind", word(plane.fill().kind()));
            if (plane.fill().kind() != Fill.Kind.NONE) {
                fill.set("reach", CameraWriter.number(plane.fill().reach()));
            }
            if (plane.fill().byX() != 0 || plane.fill().byY() != 0) {
                ArrayNode from = fill.putArray("from");
                from.add(CameraWriter.number(plane.fill().byX()));
                from.add(CameraWriter.number(plane.fill().byY()));
            }
            ArrayNode outline = node.putArray("outline");
            for (PicturePoint point : plane.outline()) {
                outline.add(CameraWriter.number(point.x()));
                outline.add(CameraWriter.number(point.y()));
            }
            KnownMembers.PLANE.merge(node, plane.extras());
        }
    }

    private static String word(Fill.Kind kind) {
        return kind.name().toLowerCase(Locale.ROOT);
    }

    static List<Plane> read(Path file, JsonNode written, String at) throws FileProblem {
        List<Plane> planes = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            JsonNode node = written.get(i);
            planes.add(CameraReader.checked(file, at + "/" + i, () -> plane(node)));
        }
        return planes;
    }

    private static Plane plane(JsonNode node) {
        JsonNode numbers = node.get("outline");
        if (numbers.size() % 2 == 1) {
            throw new IllegalArgumentException("an outline has an x and a y for each of its points");
        }
        List<PicturePoint> outline = new ArrayList<>();
        for (int i = 0; i < numbers.size(); i += 2) {
            outline.add(new PicturePoint(
                    numbers.get(i).asDouble(), numbers.get(i + 1).asDouble()));
        }
        String id = node.get("id").asText();
        return new Plane(
                id,
                node.path("name").asText(id),
                outline,
                node.get("distance").asDouble(),
                node.path("soft").asDouble(0),
                fill(node.path("fill")),
                KnownMembers.PLANE.extras(node));
    }

    private static Fill fill(JsonNode node) {
        Fill.Kind kind = Fill.Kind.valueOf(node.path("kind").asText("none").toUpperCase(Locale.ROOT));
        JsonNode from = node.path("from");
        return kind == Fill.Kind.NONE
                ? Fill.NONE
                : new Fill(
                        kind,
                        node.path("reach").asDouble(Fill.DEEPEST),
                        from.path(0).asDouble(0),
                        from.path(1).asDouble(0));
    }
}
