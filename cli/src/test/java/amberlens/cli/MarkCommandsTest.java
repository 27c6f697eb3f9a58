package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class MarkCommandsTest extends CommandTrial {
    private static final ObjectMapper JSON = new ObjectMapper();

    /** A shot that slides right over a picture of 4000 × 3000 at 100 %, from 960 to 1460 across, with a mark at its last right side. */
    private void project(String name, String keep) throws IOException {
        picture("beds.png", 4000, 3000);
        Files.writeString(folder.resolve(name), """
                { "format": "amber-lens/project", "version": 1, "name": "Beds",
                  "frame": { "width": 1920, "height": 1080, "rate": "25/1", "background": "#000000" },
                  "media": [ { "id": "m1", "kind": "photo", "path": "beds.png", "width": 4000, "height": 3000,
                    "marks": [ { "id": "k1", "kind": "area", "box": [2400, 1400, 60, 60], "keep": "%s", "by": "hand" } ] } ],
                  "shots": [ { "id": "s1", "name": "Beds", "media": "m1", "start": 0, "length": 50,
                    "camera": { "scale": { "value": [100, 100] }, "rotation": { "value": 0 }, "anchor": { "value": [0, 0] },
                      "position": { "keys": [ { "at": 0, "value": [0, -900], "leg": { "kind": "linear" } },
                                              { "at": 49, "value": [-500, -900], "leg": { "kind": "linear" } } ] } } } ] }
                """.formatted(keep));
    }

    private JsonNode cut() throws IOException {
        return JSON.readTree(out).get("shots").get(0).get("cut");
    }

    @Test
    void a_mark_that_is_cut_at_a_rest_is_named_but_no_error() throws IOException {
        project("beds.amber", "rests");
        assertThat(run("check", "@beds.amber", "--json")).as(err).isZero();
        assertThat(cut()).hasSize(1);
        JsonNode one = cut().get(0);
        assertThat(one.get("mark").asText()).isEqualTo("k1");
        assertThat(one.get("kind").asText()).isEqualTo("area");
        assertThat(one.get("from").asInt()).isEqualTo(49);
        assertThat(one.get("to").asInt()).isEqualTo(49);
        assertThat(one.get("px").asDouble()).isEqualTo(40); // its right side is at 2460 - 500 = 1960 of 1920
        assertThat(one.get("side").asText()).isEqualTo("right");
        assertThat(one.get("keep").asText()).isEqualTo("rests");
        assertThat(run("check", "@beds.amber")).isZero();
        assertThat(out).contains("area k1").contains("40.0 px").contains("right");
    }

    @Test
    void one_that_is_always_to_be_whole_ends_with_3_and_the_least_change_mends_it() throws IOException {
        project("beds.amber", "always");
        assertThat(run("check", "@beds.amber", "--json")).isEqualTo(3);
        assertThat(cut()).isNotEmpty();
        assertThat(run("seal", "@beds.amber", "--by", "least", "-o", "@kept.amber"))
                .as(err)
                .isZero();
        assertThat(run("check", "@kept.amber", "--json")).as(out).isZero();
        assertThat(cut()).isEmpty();
    }

    @Test
    void a_lift_that_cuts_a_mark_says_so() throws IOException {
        project("beds.amber", "always");
        Path file = folder.resolve("beds.amber");
        Files.writeString(file, Files.readString(file).replace("[0, -900]", "[10, -900]"));
        assertThat(run("seal", "@beds.amber")).as(err).isZero();
        assertThat(out + err).contains("cuts").contains("k1");
    }

    @Test
    void least_change_says_why_it_cannot_keep_a_mark() throws IOException {
        project("beds.amber", "always");
        Path file = folder.resolve("beds.amber");
        // in the upper left corner, and locked at the last framing, which is elsewhere
        Files.writeString(
                file,
                Files.readString(file)
                        .replace("[2400, 1400, 60, 60]", "[10, 10, 60, 60]")
                        .replace("\"length\": 50,", "\"length\": 50, \"locked\": [49],"));
        assertThat(run("seal", "@beds.amber", "--by", "least")).isEqualTo(3);
        assertThat(err).contains("mark");
        assertThat(run("check", "@beds.amber")).isEqualTo(3);
    }

    @Test
    void nothing_is_found_where_nothing_is() throws IOException {
        picture("beds.png", 640, 480);
        assertThat(run("marks", "@beds.png", "--json")).as(err).isZero();
        JsonNode one = JSON.readTree(out).get(0);
        assertThat(one.get("path").asText()).endsWith("beds.png");
        assertThat(one.get("width").asInt()).isEqualTo(640);
        assertThat(one.get("height").asInt()).isEqualTo(480);
        assertThat(one.get("marks")).isEmpty();
    }

    @Test
    void what_stands_out_is_the_subject_and_a_film_of_it_aims_there() throws IOException {
        var image = new BufferedImage(3000, 2000, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(90, 110, 80));
        pen.fillRect(0, 0, 3000, 2000);
        pen.setColor(new Color(240, 220, 60));
        pen.fillOval(2000, 1200, 300, 300);
        pen.setColor(new Color(120, 40, 20));
        pen.fillOval(2090, 1290, 120, 120);
        pen.dispose();
        Files.createDirectories(folder.resolve("beds"));
        ImageIO.write(image, "png", folder.resolve("beds/flower.png").toFile());
        assertThat(run("marks", "@beds/flower.png", "--json")).as(err).isZero();
        JsonNode mark = JSON.readTree(out).get(0).get("marks").get(0);
        assertThat(mark.get("kind").asText()).isEqualTo("subject");
        JsonNode box = mark.get("box");
        assertThat(box.get(0).asInt()).isLessThan(2150);
        assertThat(box.get(0).asInt() + box.get(2).asInt()).isGreaterThan(2150);

        assertThat(run(
                        "film",
                        "@beds",
                        "-o",
                        "@film.mp4",
                        "--frame",
                        "320x180",
                        "--seconds",
                        "1",
                        "--project",
                        "@film.amber"))
                .as(err)
                .isZero();
        assertThat(Files.readString(folder.resolve("film.amber"))).contains("\"subject\"");
        assertThat(run(
                        "film",
                        "@beds",
                        "-o",
                        "@plain.mp4",
                        "--frame",
                        "320x180",
                        "--seconds",
                        "1",
                        "--no-marks",
                        "--project",
                        "@plain.amber"))
                .as(err)
                .isZero();
        assertThat(Files.readString(folder.resolve("plain.amber"))).doesNotContain("\"marks\"");
    }

    @Test
    void what_is_no_picture_is_refused_in_words() throws IOException {
        Files.writeString(folder.resolve("words.txt"), "words");
        assertThat(run("marks", "@words.txt", "--json")).isEqualTo(1);
        assertThat(err).contains("words.txt");
    }
}
