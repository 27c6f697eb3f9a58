package amberlens.project;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.FileProblem;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Marks in files: a box is its left, top, width and height in a row. */
final class MarkMembers {
    private MarkMembers() {}

    /** Says nothing where there are none. */
    static void put(ObjectNode media, List<Mark> marks) {
        if (marks.isEmpty()) {
            return;
        }
        ArrayNode all = media.putArray("marks");
        for (Mark mark : marks) {
            ObjectNode node = all.addObject();
            node.put("id", mark.id());
            node.put("kind", mark.kind().word());
            ArrayNode box = node.putArray("box");
            for (double number : new double[] {
                mark.box().left(),
                mark.box().top(),
                mark.box().width(),
                mark.box().height()
            }) {
                box.add(CameraWriter.number(number));
            }
            node.set("sure", CameraWriter.number(mark.sure()));
            node.put("keep", mark.keep().word());
            node.put("by", mark.by().word());
            KnownMembers.MARK.merge(node, mark.extras());
        }
    }

    static List<Mark> read(Path file, JsonNode written, String at) throws FileProblem {
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            JsonNode node = written.get(i);
            marks.add(CameraReader.checked(file, at + "/" + i, () -> mark(node)));
        }
        return marks;
    }

    private static Mark mark(JsonNode node) {
        JsonNode box = node.get("box");
        Mark.Kind kind = Mark.Kind.of(node.get("kind").asText()).orElseThrow();
        return new Mark(
                node.get("id").asText(),
                kind,
                new PictureBox(
                        box.get(0).asDouble(),
                        box.get(1).asDouble(),
                        box.get(2).asDouble(),
                        box.get(3).asDouble()),
                node.path("sure").asDouble(1),
                Mark.Keep.of(node.path("keep").asText("")).orElse(kind.usualKeep()),
                node.path("by").asText("").equals(Mark.By.FOUND.word()) ? Mark.By.FOUND : Mark.By.HAND,
                KnownMembers.MARK.extras(node));
    }
}
