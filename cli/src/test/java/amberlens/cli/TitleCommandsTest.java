package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Titles in project files, as the commands see them. */
class TitleCommandsTest extends CommandTrial {
    private void project(String title, double percent) throws IOException {
        Files.writeString(folder.resolve("pond.amber"), """
            { "format": "amber-lens/project", "version": 4, "name": "pond",
              "frame": { "width": 640, "height": 360, "rate": "25/1" },
              "media": [ { "id": "t1", "kind": "title", "title": %s } ],
              "shots": [ { "id": "s1", "media": "t1", "start": 0, "length": 10, "fillsFrame": true, "camera": {
                "scale": { "value": [%s, %s] }, "position": { "value": [100, 50] }, "anchor": { "value": [0, 0] },
                "rotation": { "value": 0 } } } ] }
            """.formatted(title, percent, percent));
    }

    private BufferedImage frame() throws IOException {
        Files.deleteIfExists(folder.resolve("out.png"));
        assertThat(run("frame", "@pond.amber", "--at", "0", "-o", "@out.png"))
                .as(err)
                .isZero();
        return ImageIO.read(folder.resolve("out.png").toFile());
    }

    /** The first and the last column in which something is lit, and the first and last row. */
    private static int[] lit(BufferedImage image) {
        int[] found = {image.getWidth(), -1, image.getHeight(), -1};
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                if ((image.getRGB(x, y) >> 8 & 0xFF) > 40) {
                    found[0] = Math.min(found[0], x);
                    found[1] = Math.max(found[1], x);
                    found[2] = Math.min(found[2], y);
                    found[3] = Math.max(found[3], y);
                }
            }
        }
        return found;
    }

    @Test
    void a_title_stands_with_the_upper_left_of_its_text_box_at_its_place() throws IOException {
        project("{ \"text\": \"HHHH\", \"font\": \"Barlow\", \"size\": 60, \"lineSpacing\": 1 }", 100);
        int[] once = lit(frame());
        assertThat(once[0]).isBetween(100, 110);
        assertThat(once[2]).isBetween(50, 70);
        project("{ \"text\": \"HHHH\", \"font\": \"Barlow\", \"size\": 60, \"lineSpacing\": 1 }", 200);
        int[] twice = lit(frame());
        assertThat(twice[1] - twice[0]).isBetween(2 * (once[1] - once[0]) - 3, 2 * (once[1] - once[0]) + 5);
        assertThat(twice[3] - 50).isBetween(2 * (once[3] - 50) - 2, 2 * (once[3] - 50) + 4);
    }

    @Test
    void a_title_is_not_judged_and_never_enlarged() throws IOException {
        project("{ \"text\": \"pond\" }", 400);
        assertThat(run("check", "@pond.amber", "--json")).isZero();
        JsonNode shot = new ObjectMapper().readTree(out).get("shots").get(0);
        assertThat(shot.get("sealed").asBoolean()).isTrue();
        assertThat(shot.get("enlargement").get("max").asDouble()).isEqualTo(100);
        assertThat(run("check", "@pond.amber")).isZero();
        assertThat(out).contains("not checked: a title");
    }

    @Test
    void a_font_that_is_missing_is_told_of_and_replaced_and_kept() throws IOException {
        project("{ \"text\": \"pond\", \"font\": \"Nowhere Grotesque\", \"size\": 80 }", 100);
        BufferedImage replaced = frame();
        assertThat(err.lines().filter(line -> line.contains("Nowhere Grotesque")))
                .hasSize(1);
        project("{ \"text\": \"pond\", \"size\": 80 }", 100);
        BufferedImage usual = frame();
        assertThat(err).isEmpty();
        for (int y = 0; y < usual.getHeight(); y++) {
            for (int x = 0; x < usual.getWidth(); x++) {
                assertThat(replaced.getRGB(x, y)).isEqualTo(usual.getRGB(x, y));
            }
        }
    }

    @Test
    void a_film_of_a_title_alone_is_rendered() throws IOException {
        project("{ \"text\": \"The mill pond\\nin June\", \"size\": 60 }", 100);
        assertThat(run("render", "@pond.amber", "-o", "@film.mp4")).as(err).isZero();
        assertThat(Files.size(folder.resolve("film.mp4"))).isGreaterThan(1000);
    }
}
