package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A member that this version does not know stays in every object of a file, wherever it stands. */
class UnknownMembersTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String CHANNEL_KEYS = """
            { "keys": [ { "at": 0, "value": [40, 40], "leg": { "kind": "linear" } }, { "at": 9, "value": [60, 60] } ] }""";
    private static final String APART = """
            { "x": { "keys": [ { "at": 0, "value": 1 , "leg": { "kind": "hold" } }, { "at": 9, "value": 2 } ] },
              "y": { "value": 540 } }""";
    private static final String EVERYTHING = """
            { "format": "amber-lens/project", "version": 1, "name": "All",
              "frame": { "width": 192, "height": 108, "rate": "24000/1001", "background": "#102030", "blurred": true },
              "media": [ { "id": "m1", "kind": "photo", "path": "photo.png", "width": 96, "height": 64,
                           "fingerprint": { "bytes": 100, "hash": "deadbeef" },
                           "opaque": { "x": 1, "y": 2, "width": 80, "height": 50 } },
                         { "id": "m2", "kind": "film", "path": "film.mp4", "width": 96, "height": 64, "rate": "25/1", "frames": 25 } ],
              "shots": [ { "id": "s1", "name": "One", "media": "m1", "track": 1, "start": 0, "length": 40,
                  "source": { "in": 0.5 }, "blend": "multiply",
                  "enter": { "frames": 5, "leg": { "kind": "smooth" }, "through": "#FF0000" },
                  "leave": { "frames": 6, "leg": { "kind": "curve", "handles": [0.2, 0, 0.8, 1] } },
                  "fillsFrame": true, "backdrop": { "gradient": ["#000000", "#FFFFFF"] },
                  "follows": { "shot": "s2", "properties": ["scale"] },
                  "alternatives": [ { "name": "B", "camera": { "scale": KEYS, "position": APART,
                      "rotation": { "value": 3 }, "anchor": { "value": [48, 32] } } } ],
                  "camera": { "scale": KEYS, "position": APART, "rotation": { "muted": true, "value": 1, "keys": [ { "at": 0, "value": 2 } ] },
                      "anchor": { "value": [48, 32] }, "opacity": { "value": 50 }, "speed": { "value": 200 } },
                  "markers": [ { "at": 3, "name": "here" } ] },
                { "id": "s2", "name": "Two", "media": "m2", "track": 2, "start": 0, "length": 40, "fillsFrame": true,
                  "backdrop": { "clouds": "#102030", "seed": 4 },
                  "camera": { "scale": { "value": [10, 10] }, "position": { "value": [1, 1] }, "rotation": { "value": 0 },
                      "anchor": { "value": [48, 32] } } } ],
              "markers": [ { "at": 7 } ] }
            """.replace("KEYS", CHANNEL_KEYS).replace("APART", APART);

    @TempDir
    private Path folder;

    private JsonNode roundTrip(JsonNode tree) throws IOException, FileProblem {
        Path file = folder.resolve("film.amber");
        Files.writeString(file, JSON.writeValueAsString(tree));
        Project project = ProjectFile.open(file);
        ProjectFile.save(project, file);
        assertThat(ProjectFile.open(file)).isEqualTo(project);
        return JSON.readTree(Files.readString(file));
    }

    private static int markEveryObject(JsonNode node, int from) {
        int marked = from;
        for (Map.Entry<String, JsonNode> member : node.properties()) {
            marked = markEveryObject(member.getValue(), marked);
        }
        if (node instanceof ArrayNode array) {
            for (JsonNode item : array) {
                marked = markEveryObject(item, marked);
            }
        }
        if (node instanceof ObjectNode object) {
            object.putObject("future").put("number", marked++).putNull("nothing");
        }
        return marked;
    }

    @Test
    void an_unknown_member_in_every_object_survives_a_round_trip() throws IOException, FileProblem {
        JsonNode tree = JSON.readTree(EVERYTHING);
        assertThat(markEveryObject(tree, 0)).isGreaterThan(40);
        assertThat(roundTrip(tree)).isEqualTo(tree);
    }

    @Test
    void members_of_properties_and_legs_that_say_only_the_usual_survive_and_can_be_opened_again()
            throws IOException, FileProblem {
        ObjectNode tree = (ObjectNode) JSON.readTree(EVERYTHING);
        ObjectNode camera = (ObjectNode) tree.at("/shots/0/camera");
        camera.set("speed", JSON.readTree("{ \"value\": 100, \"future\": 1 }"));
        camera.set("opacity", JSON.readTree("{ \"value\": 100, \"future\": 2 }"));
        ((ObjectNode) tree.at("/shots/0/enter")).set("leg", JSON.readTree("{ \"kind\": \"linear\", \"future\": 3 }"));
        ((ObjectNode) tree.at("/shots/0/camera/scale/keys/1"))
                .set("leg", JSON.readTree("{ \"kind\": \"linear\", \"future\": 4 }"));
        ((ObjectNode) tree.at("/shots/0")).set("source", JSON.readTree("{ \"future\": 5 }"));
        assertThat(roundTrip(tree)).isEqualTo(tree);
    }

    @Test
    void extras_of_a_part_that_was_taken_away_go_with_it() throws IOException, FileProblem {
        ObjectNode tree = (ObjectNode) JSON.readTree(EVERYTHING);
        ((ObjectNode) tree.at("/shots/0/enter")).put("future", true);
        Path file = folder.resolve("film.amber");
        Files.writeString(file, tree.toString());
        Project project = ProjectFile.open(file);
        var shot = project.shots().getFirst();
        var plain = shot.withLayering(amberlens.core.material.layering.Layering.PLAIN);
        ProjectFile.save(
                project.withShots(java.util.List.of(plain, project.shots().get(1))), file);
        assertThat(JSON.readTree(Files.readString(file)).at("/shots/0").has("enter"))
                .isFalse();
        ProjectFile.open(file);
    }

    @Test
    void an_unknown_number_is_the_same_however_it_is_written() throws IOException, FileProblem {
        ObjectNode tree = (ObjectNode) JSON.readTree(EVERYTHING);
        Path file = folder.resolve("film.amber");
        for (String number : java.util.List.of("1e9", "1E+300", "-0.0", "2.50", "1.0", "7", "1e-30")) {
            Files.writeString(file, tree.toString().replaceFirst("\\{", "{ \"future\": " + number + ","));
            Project project = ProjectFile.open(file);
            ProjectFile.save(project, file);
            assertThat(ProjectFile.open(file)).as(number).isEqualTo(project);
        }
    }
}
