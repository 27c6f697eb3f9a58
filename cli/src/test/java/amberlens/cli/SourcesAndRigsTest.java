package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** What is proved is proved of the files that are there and of what is seen; and sources are never written over. */
class SourcesAndRigsTest extends CommandTrial {
    private static final String TWO = """
            { "format": "amber-lens/project", "version": 1, "name": "two",
              "frame": { "width": 320, "height": 180, "rate": "25/1" },
              "media": [ { "id": "m1", "kind": "photo", "path": "bed.png", "width": 640, "height": 360 },
                         { "id": "r", "kind": "rig", "path": "Rig", "width": 320, "height": 180 } ],
              "shots": [
                { "id": "s1", "media": "m1", "start": 0, "length": 21, "camera": {
                  "scale": { "value": [50, 50] }, "position": { "value": [160, 90] }, "rotation": { "value": 0 },
                  "anchor": { "value": [320, 180] } } },
                { "id": "rig", "media": "r", "track": 2, "start": 0, "length": 21, "camera": {
                  "scale": { "value": [100, 100] }, "position": { "value": [160, 90] }, "anchor": { "value": [160, 90] },
                  "rotation": { "keys": [ { "at": 0, "value": 0, "leg": { "kind": "linear" } }, { "at": 20, "value": 4 } ] } } } ] }
            """;

    @BeforeEach
    void write() throws IOException {
        Files.writeString(folder.resolve("two.amber"), TWO);
        picture("bed.png", 640, 360);
    }

    @Test
    void under_a_rig_the_pose_that_was_judged_is_printed_and_the_rig_itself_is_not_judged() throws IOException {
        assertThat(run("check", "@two.amber", "--json", "--frames")).isEqualTo(3);
        JsonNode shots = new ObjectMapper().readTree(out).get("shots");
        assertThat(shots.get(0).get("frames").get(20).get("rotation").asDouble())
                .isEqualTo(4);
        assertThat(shots.get(0).get("sealed").asBoolean()).isFalse();
        assertThat(shots.get(1).get("judged").asBoolean()).isFalse();
        assertThat(shots.get(1).get("sealed").asBoolean()).isTrue();
        JsonNode last = shots.get(0).get("frames").get(20);
        // Trigonometry of a turned rectangle: the frame's corner turned by 4° lies so far outside.
        double reach = 160 * Math.cos(Math.toRadians(4)) + 90 * Math.sin(Math.toRadians(4));
        double down = 160 * Math.sin(Math.toRadians(4)) + 90 * Math.cos(Math.toRadians(4));
        assertThat(last.get("margin").asDouble()).isCloseTo(-Math.max(reach - 160, down - 90), within(1e-9));
        run("check", "@two.amber");
        assertThat(out).contains("checked with each shot that the rig moves").contains("1 of 2 shots has an open edge");
    }

    @Test
    void seal_closes_what_a_rig_opens_by_the_shots_or_by_the_rig() {
        for (String shot : new String[] {"s1", "rig"}) {
            for (String way : new String[] {"lift", "least"}) {
                assertThat(run("seal", "@two.amber", "--shot", shot, "--by", way, "-o", "@sealed.amber", "--overwrite"))
                        .as(shot + " " + way)
                        .isZero();
                assertThat(run("check", "@sealed.amber")).as(shot + " " + way).isZero();
            }
        }
    }

    @Test
    void linked_shots_are_sealed_together_whatever_their_order() throws IOException {
        String follower = """
                { "id": "s0", "media": "m1", "start": 21, "length": 21, "follows": { "shot": "s1", "properties": ["scale"] }, "camera": {
                  "scale": { "value": [50, 50] }, "position": { "value": [160, 90] }, "rotation": { "value": 3 },
                  "anchor": { "value": [320, 180] } } },""";
        Files.writeString(
                folder.resolve("linked.amber"),
                TWO.replace("\"shots\": [", "\"shots\": [" + follower).replace("\"value\": 4 }", "\"value\": 0 }"));
        assertThat(run("seal", "@linked.amber", "-o", "@sealed.amber")).isZero();
        assertThat(run("check", "@sealed.amber")).isZero();
        JsonNode sealed = new ObjectMapper()
                .readTree(Files.readString(folder.resolve("sealed.amber")))
                .get("shots");
        assertThat(sealed.get(0).get("follows").get("shot").asText()).isEqualTo("s1");
        assertThat(sealed.get(0).get("camera").get("scale"))
                .isEqualTo(sealed.get(1).get("camera").get("scale"));
    }

    @Test
    void moves_that_follow_each_other_are_refused() throws IOException {
        Files.writeString(
                folder.resolve("circle.amber"),
                TWO.replace(
                        "\"id\": \"s1\",",
                        "\"id\": \"s1\", \"follows\": { \"shot\": \"s1\", \"properties\": [\"scale\"] },"));
        assertThat(run("check", "@circle.amber")).isEqualTo(1);
        assertThat(err).contains("/shots/0/follows");
    }

    @Test
    void a_picture_that_is_smaller_than_the_project_says_is_judged_as_it_is() throws IOException {
        picture("bed.png", 320, 180);
        Files.writeString(folder.resolve("two.amber"), TWO.replace("\"value\": 4 }", "\"value\": 0 }"));
        assertThat(run("check", "@two.amber")).isEqualTo(3);
        assertThat(err).contains("bed.png is 320 × 180 px, not 640 × 360 px");
        assertThat(run("seal", "@two.amber", "--limit", "200", "-o", "@sealed.amber"))
                .isIn(0, 3);
        assertThat(run("check", "@sealed.amber")).isIn(0, 3);
        picture("bed.png", 640, 360);
        assertThat(run("check", "@two.amber")).isZero();
        assertThat(err).isEmpty();
    }

    @Test
    void sources_are_not_written_over_and_endings_are_heeded() throws IOException {
        byte[] before = Files.readAllBytes(folder.resolve("bed.png"));
        assertThat(run("frame", "@two.amber", "--at", "0", "-o", "@bed.png", "--overwrite"))
                .isEqualTo(1);
        assertThat(err).contains("not overwritten");
        Files.createSymbolicLink(folder.resolve("alias.png"), folder.resolve("bed.png"));
        assertThat(run("frame", "@two.amber", "--at", "0", "-o", "@alias.png", "--overwrite"))
                .isEqualTo(1);
        assertThat(Files.readAllBytes(folder.resolve("bed.png"))).isEqualTo(before);
        assertThat(run("frame", "@two.amber", "--at", "0", "-o", "@x.jpg")).isEqualTo(1);
        assertThat(err).contains(".png or .tif");
        assertThat(folder.resolve("x.jpg")).doesNotExist();
        assertThat(run("frame", "@two.amber", "--at", "0", "-o", "@x.tif")).isZero();
        assertThat(Files.readAllBytes(folder.resolve("x.tif"))).startsWith('I', 'I', 42, 0);
        assertThat(run("seal", "@two.amber", "-o", "@bed.png")).isEqualTo(1);
        assertThat(err).contains("not named like a project");
        Files.writeString(folder.resolve("notes.amber"), "{ \"mine\": true }");
        assertThat(run("seal", "@two.amber", "-o", "@notes.amber")).isEqualTo(1);
        assertThat(folder.resolve("notes.amber")).hasContent("{ \"mine\": true }");
    }

    @Test
    @Timeout(300) // a hang, not a slow machine
    void a_scale_too_small_to_be_seen_renders_as_background() throws IOException {
        Files.writeString(folder.resolve("two.amber"), TWO.replace("[50, 50]", "[0.0000001, 0.0000001]"));
        assertThat(run("frame", "@two.amber", "--at", "10", "-o", "@small.png"))
                .as(err)
                .isZero();
        assertThat(ImageIO.read(folder.resolve("small.png").toFile()).getRGB(160, 90) & 0xFFFFFF)
                .isZero();
    }
}
