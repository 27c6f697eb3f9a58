package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** One film in several shapes. The picture is red on its left half and blue on its right; the subject stands far left. */
class DeliveryCommandsTest extends CommandTrial {
    private static final String FILM = """
            { "format": "amber-lens/project", "version": 1, "name": "Beds",
              "frame": { "width": 160, "height": 90, "rate": "25/1" },
              "media": [ { "id": "m1", "kind": "photo", "path": "beds.png", "width": 640, "height": 360 } ],
              "shots": [ { "id": "s1", "media": "m1", "start": 0, "length": 10, "subject": [40, 180],
                "camera": { "scale": { "keys": [ { "at": 0, "value": [25, 25] }, { "at": 9, "value": [25, 25] } ] },
                            "position": { "value": [80, 45] }, "rotation": { "value": 0 }, "anchor": { "value": [320, 180] } } } ],
              "deliveries": [ { "id": "d1", "name": "tall", "width": 90, "height": 160 } ] }
            """;

    @BeforeEach
    void film() throws IOException {
        var picture = new BufferedImage(640, 360, BufferedImage.TYPE_INT_RGB);
        var pen = picture.createGraphics();
        pen.setColor(java.awt.Color.RED);
        pen.fillRect(0, 0, 320, 360);
        pen.setColor(java.awt.Color.BLUE);
        pen.fillRect(320, 0, 320, 360);
        pen.dispose();
        ImageIO.write(picture, "png", folder.resolve("beds.png").toFile());
        Files.writeString(folder.resolve("film.amber"), FILM);
    }

    private int pixel(String name, int x, int y) throws IOException {
        return ImageIO.read(folder.resolve(name).toFile()).getRGB(x, y) & 0xFFFFFF;
    }

    private JsonNode check() throws IOException {
        run("check", "@film.amber", "--json");
        return new ObjectMapper().readTree(out);
    }

    /** The film is sealed, and its delivery is not: proof and check say the same. */
    @Test
    void a_proof_says_what_is_open_in_a_delivery() throws IOException {
        assertThat(run("reframe", "@film.amber", "--delivery", "tall")).as(err).isZero();
        assertThat(run("sheet", "@film.amber", "-o", "@sealed.html")).as(err).isZero();
        assertThat(out).contains("in tall: Every shot is sealed.");
        var mapper = new ObjectMapper();
        var project = (ObjectNode) mapper.readTree(Files.readString(folder.resolve("film.amber")));
        ((ObjectNode) project.at("/shots/0/deliveries/0/camera"))
                .putObject("scale")
                .putArray("value")
                .add(20)
                .add(20);
        Files.writeString(folder.resolve("film.amber"), mapper.writeValueAsString(project));
        assertThat(run("check", "@film.amber")).isEqualTo(3);
        assertThat(run("sheet", "@film.amber", "-o", "@open.html")).isEqualTo(3);
        assertThat(out).contains("in tall: 1 of 1 shot has an open edge.");
        assertThat(Files.readString(folder.resolve("open.html"))).contains("In tall: 1 of 1 shot has an open edge.");
    }

    @Test
    void without_framings_of_its_own_a_delivery_shows_the_middle_and_with_them_the_subject() throws IOException {
        assertThat(run("frame", "@film.amber", "--at", "3", "--delivery", "tall", "-o", "@middle.png"))
                .isZero();
        assertThat(pixel("middle.png", 20, 80)).isEqualTo(0xFF0000);
        assertThat(pixel("middle.png", 70, 80)).isEqualTo(0x0000FF);
        assertThat(run("reframe", "@film.amber", "--delivery", "TALL")).as(err).isZero();
        assertThat(out).contains("s1  reframed for tall");
        assertThat(run("frame", "@film.amber", "--at", "3", "--delivery", "d1", "-o", "@subject.png"))
                .isZero();
        assertThat(pixel("subject.png", 2, 2)).isEqualTo(0xFF0000);
        assertThat(pixel("subject.png", 87, 157)).isEqualTo(0xFF0000);
        run("frame", "@film.amber", "--at", "3", "-o", "@own.png");
        assertThat(pixel("own.png", 20, 45)).isEqualTo(0xFF0000);
        assertThat(pixel("own.png", 140, 45)).isEqualTo(0x0000FF);
    }

    @Test
    void every_shape_is_checked_and_an_open_one_is_told_and_sealed() throws IOException {
        assertThat(run("reframe", "@film.amber", "--frame", "120x120")).isZero();
        assertThat(check().get("deliveries"))
                .extracting(node -> node.get("name").asText())
                .containsExactly("tall", "1x1");
        assertThat(check().at("/deliveries/1/shots/0/sealed").asBoolean()).isTrue();
        String text = Files.readString(folder.resolve("film.amber"));
        int own = text.indexOf("\"delivery\"");
        int position = text.indexOf("\"position\"", own);
        int value = text.indexOf('[', position);
        Files.writeString(
                folder.resolve("film.amber"),
                text.substring(0, value + 1) + "400, " + text.substring(text.indexOf(',', value) + 1));
        assertThat(run("check", "@film.amber")).isEqualTo(ExitCode.OPEN_EDGE);
        assertThat(out).contains("Delivery 1x1, 120 × 120").contains("OPEN");
        JsonNode found = check();
        assertThat(found.at("/shots/0/sealed").asBoolean()).isTrue();
        assertThat(found.at("/deliveries/0/shots/0/sealed").asBoolean()).isTrue();
        assertThat(found.at("/deliveries/1/shots/0/sealed").asBoolean()).isFalse();
        assertThat(run("check", "@film.amber", "--delivery", "tall")).isZero();
        assertThat(run("seal", "@film.amber", "--by", "least", "--limit", "1000"))
                .isZero();
        assertThat(out).contains("s1 in 1x1  sealed").contains("s1 in tall  is sealed already");
        assertThat(run("check", "@film.amber", "--progress")).isZero();
        assertThat(err.lines())
                .contains("{\"event\":\"progress\",\"done\":3,\"of\":3}")
                .hasSize(3);
    }

    @Test
    void all_are_rendered_in_one_go_named_by_their_shapes() throws IOException {
        assertThat(run("render", "@film.amber", "-o", "@beds.gif", "--deliveries"))
                .as(err)
                .isZero();
        assertThat(folder.toFile().list()).contains("beds-16x9.gif", "beds-tall.gif");
        BufferedImage tall = ImageIO.read(folder.resolve("beds-tall.gif").toFile());
        assertThat(tall.getWidth()).isEqualTo(90);
        assertThat(tall.getHeight()).isEqualTo(160);
        assertThat(run("render", "@film.amber", "-o", "@beds.gif", "--deliveries"))
                .isEqualTo(ExitCode.FAILED);
        assertThat(err).contains("beds-16x9.gif");
        assertThat(run("render", "@film.amber", "-o", "@one.gif", "--delivery", "tall"))
                .isZero();
        assertThat(ImageIO.read(folder.resolve("one.gif").toFile()).getHeight()).isEqualTo(160);
    }

    @Test
    void framings_made_by_hand_are_kept_unless_asked_for_again() throws IOException {
        run("reframe", "@film.amber", "--delivery", "tall");
        String once = Files.readString(folder.resolve("film.amber"));
        assertThat(run("reframe", "@film.amber", "--delivery", "tall", "--json"))
                .isZero();
        assertThat(out).isEmpty();
        assertThat(Files.readString(folder.resolve("film.amber"))).isEqualTo(once);
        assertThat(run("reframe", "@film.amber", "--delivery", "tall", "--again", "--json"))
                .isZero();
        assertThat(out).contains("\"id\":\"s1\"").contains("\"reframed\":true");
    }

    @Test
    void what_cannot_be_meant_is_told() throws IOException {
        assertThat(run("reframe", "@film.amber")).isEqualTo(ExitCode.WRONG_USE);
        assertThat(run("frame", "@film.amber", "--at", "1", "--delivery", "wide", "-o", "@a.png"))
                .isEqualTo(ExitCode.WRONG_USE);
        assertThat(err).contains("no delivery \"wide\"").contains("tall");
        assertThat(run("render", "@film.amber", "-o", "@a.gif", "--deliveries", "--size", "20x20"))
                .isEqualTo(ExitCode.WRONG_USE);
        assertThat(run("reframe", "@film.amber", "--frame", "99999x3")).isEqualTo(ExitCode.WRONG_USE);
        Files.writeString(
                folder.resolve("film.amber"),
                FILM.replace(
                        "\"rotation\": { \"value\": 0 }",
                        "\"rotation\": { \"value\": 0 }, \"pitch\": { \"value\": 90 }"));
        assertThat(run("reframe", "@film.amber", "--delivery", "tall")).isEqualTo(ExitCode.OPEN_EDGE);
        assertThat(err).contains("s1 was not reframed for tall");
    }
}
