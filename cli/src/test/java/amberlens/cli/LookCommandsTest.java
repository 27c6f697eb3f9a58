package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Looks in project files, as the commands see them. */
class LookCommandsTest extends CommandTrial {
    @BeforeEach
    void write() throws IOException {
        var image = new BufferedImage(400, 240, BufferedImage.TYPE_INT_RGB);
        var pen = image.createGraphics();
        pen.setColor(new Color(128, 128, 128));
        pen.fillRect(0, 0, 400, 240);
        ImageIO.write(image, "png", folder.resolve("bed.png").toFile());
    }

    private void project(String looks) throws IOException {
        Files.writeString(folder.resolve("bed.amber"), """
            { "format": "amber-lens/project", "version": 3, "name": "bed",
              "frame": { "width": 320, "height": 180, "rate": "25/1" },
              "media": [ { "id": "m1", "kind": "photo", "path": "bed.png", "width": 400, "height": 240 } ],
              "shots": [ { "id": "s1", "media": "m1", "start": 0, "length": 10, "looks": [ %s ], "camera": {
                "scale": { "value": [100, 100] }, "position": { "value": [160, 90] }, "anchor": { "value": [200, 120] },
                "rotation": { "value": 0 } } } ] }
            """.formatted(looks));
    }

    private int grey(int x, int y) throws IOException {
        return frame().getRGB(x, y) & 0xFF;
    }

    private BufferedImage frame() throws IOException {
        Files.deleteIfExists(folder.resolve("out.png"));
        assertThat(run("frame", "@bed.amber", "--at", "0", "-o", "@out.png"))
                .as(err)
                .isZero();
        return ImageIO.read(folder.resolve("out.png").toFile());
    }

    /** sRGB by IEC 61966-2-1: 128 is 0.2159 of light, of which twice is 0.4317, which is code 175.6. */
    @Test
    void a_stop_more_is_twice_the_light() throws IOException {
        project("{ \"kind\": \"tone\", \"exposure\": {\"value\": 1} }");
        BufferedImage brighter = frame();
        double mean = IntStream.range(0, 256)
                .map(i -> brighter.getRGB(160 + i % 16, 90 + i / 16) & 0xFF)
                .average()
                .orElseThrow();
        assertThat(mean).isCloseTo(175.6, within(0.15));
        project("{ \"kind\": \"tone\", \"on\": false, \"exposure\": {\"value\": 1} }");
        assertThat(grey(160, 90)).isEqualTo(128);
    }

    @Test
    void a_spotlight_dims_by_its_amount_and_a_vignette_by_its_strength() throws IOException {
        project(
                "{ \"kind\": \"mask\", \"shape\": \"rectangle\", \"space\": \"frame\", \"centre\": {\"value\": [160,90]},"
                        + " \"size\": {\"value\": [100,60]}, \"mode\": \"spotlight\", \"outside\": {\"value\": 100} }");
        assertThat(grey(160, 90)).isEqualTo(128);
        assertThat(grey(20, 20)).isZero();
        project("{ \"kind\": \"vignette\", \"strength\": {\"value\": 100}, \"inner\": {\"value\": 20},"
                + " \"outer\": {\"value\": 80} }");
        assertThat(grey(160, 90)).isEqualTo(128);
        assertThat(grey(1, 1)).isZero();
    }

    @Test
    void a_crop_is_judged_by_what_remains() throws IOException {
        project("{ \"kind\": \"crop\", \"left\": {\"value\": 15} }");
        assertThat(run("check", "@bed.amber", "--json")).isEqualTo(3);
        JsonNode shot = new ObjectMapper().readTree(out).get("shots").get(0);
        assertThat(shot.get("worst").get("margin").asDouble()).isCloseTo(-20, within(1e-9));
        assertThat(run("seal", "@bed.amber", "--by", "lift", "--limit", "150", "-o", "@sealed.amber"))
                .isZero();
        assertThat(run("check", "@sealed.amber")).isZero();
        assertThat(Files.readString(folder.resolve("sealed.amber"))).contains("\"crop\"");
    }

    @Test
    void a_picture_out_of_which_a_mask_cuts_is_not_judged() throws IOException {
        project("{ \"kind\": \"crop\", \"left\": {\"value\": 15} }, { \"kind\": \"mask\" }");
        assertThat(run("check", "@bed.amber")).isZero();
    }

    @Test
    void a_look_of_an_unknown_kind_is_told_of_once_and_not_shown() throws IOException {
        project("{ \"kind\": \"grain\", \"amount\": {\"value\": 7} }, { \"kind\": \"grain\" }");
        assertThat(grey(160, 90)).isEqualTo(128);
        assertThat(err.lines().filter(line -> line.contains("\"grain\""))).hasSize(1);
        assertThat(run("render", "@bed.amber", "-o", "@film.mp4", "--from", "0", "--to", "2"))
                .isZero();
        assertThat(err.lines().filter(line -> line.contains("\"grain\""))).hasSize(1);
    }
}
