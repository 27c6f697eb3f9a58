package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The commands as a script calls them: exit codes, what is printed, what is written. */
class CommandsTest extends CommandTrial {
    /** 110 % of a picture as large as the frame, turned to 8° and back: open in the middle only. */
    private static final String PROJECT = """
            { "format": "amber-lens/project", "version": 1, "name": "beds",
              "frame": { "width": 320, "height": 180, "rate": "25/1" },
              "media": [ { "id": "m1", "kind": "photo", "path": "beds.png", "width": 320, "height": 180 } ],
              "shots": [ { "id": "s1", "name": "Beds", "media": "m1", "start": 0, "length": 41, "camera": {
                "scale": { "value": [110, 110] }, "position": { "value": [160, 90] }, "anchor": { "value": [160, 90] },
                "rotation": { "keys": [ { "at": 0, "value": 0 }, { "at": 20, "value": 8 }, { "at": 40, "value": 0 } ] } } } ] }
            """;

    @BeforeEach
    void write() throws IOException {
        Files.writeString(folder.resolve("beds.amber"), PROJECT);
        ImageIO.write(
                new BufferedImage(320, 180, BufferedImage.TYPE_INT_RGB),
                "png",
                folder.resolve("beds.png").toFile());
    }

    @Test
    void check_finds_the_open_span_and_exits_with_3() throws IOException {
        assertThat(run("check", "@beds.amber", "--json", "--frames")).isEqualTo(3);
        JsonNode shot = new ObjectMapper().readTree(out).get("shots").get(0);
        assertThat(shot.get("sealed").asBoolean()).isFalse();
        assertThat(shot.get("worst").get("frame").asInt()).isEqualTo(20);
        assertThat(shot.get("open")).hasSize(1);
        assertThat(shot.get("open").get(0).get("from").asInt()).isBetween(7, 9);
        assertThat(shot.get("enlargement").get("max").asDouble()).isEqualTo(110);
        assertThat(shot.get("frames")).hasSize(41);
        assertThat(shot.get("frames").get(10).get("rotation").asDouble()).isEqualTo(4);
        assertThat(shot.get("frames").get(0).get("margin").asDouble()).isCloseTo(9, within(1e-9));
        assertThat(run("check", "@beds.amber")).isEqualTo(3);
        assertThat(out).contains("OPEN").contains("corner");
    }

    @Test
    void seal_lifts_and_writes_and_the_check_is_content() throws IOException {
        assertThat(run("seal", "@beds.amber", "--by", "lift", "--limit", "140", "-o", "@sealed.amber"))
                .isZero();
        assertThat(out).contains("sealed: +");
        assertThat(run("check", "@sealed.amber")).isZero();
        assertThat(Files.readString(folder.resolve("beds.amber"))).isEqualTo(PROJECT);
        assertThat(run("seal", "@sealed.amber")).isZero();
        assertThat(out).contains("sealed already");
    }

    @Test
    void seal_by_least_change_zooms_only_as_far_as_the_turn_needs() {
        assertThat(run("seal", "@beds.amber", "--by", "LEAST", "--limit", "140", "-o", "@least.amber"))
                .isZero();
        assertThat(out).contains("sealed: +").contains("shift at most");
        assertThat(run("check", "@least.amber")).isZero();
    }

    @Test
    void seal_by_shift_moves_without_a_zoom_and_refuses_where_only_a_zoom_helps() throws IOException {
        assertThat(run("seal", "@beds.amber", "--by", "shift")).isEqualTo(3);
        assertThat(err).contains("s1 stays open").contains("a turn of at most");
        Files.writeString(
                folder.resolve("aside.amber"),
                PROJECT.replace("[160, 90] }, \"anchor\"", "[200, 90] }, \"anchor\"")
                        .replace("\"value\": 8", "\"value\": 0"));
        assertThat(run("seal", "@aside.amber", "--by", "shift")).isZero();
        assertThat(out).contains("sealed: +0.00 % scale, shift at most 24.0 px");
        assertThat(run("check", "@aside.amber")).isZero();
    }

    @Test
    void an_unknown_way_to_seal_is_wrong_use_and_names_the_ways() {
        assertThat(run("seal", "@beds.amber", "--by", "wish")).isEqualTo(2);
        assertThat(err).containsIgnoringCase("lift").containsIgnoringCase("least");
    }

    @Test
    void a_shot_that_cannot_be_sealed_stays_and_the_exit_code_is_3() {
        assertThat(run("seal", "@beds.amber", "-o", "@same.amber")).isEqualTo(3);
        assertThat(err).contains("s1 stays open").contains("110 %");
        assertThat(run("check", "@same.amber")).isEqualTo(3);
    }

    @Test
    void a_file_in_which_nothing_could_be_sealed_is_not_touched() throws IOException {
        assertThat(run("seal", "@beds.amber")).isEqualTo(3);
        assertThat(Files.readString(folder.resolve("beds.amber"))).isEqualTo(PROJECT);
    }

    @Test
    void frame_and_render_write_files_and_never_over_others_unasked() throws IOException {
        assertThat(run("frame", "@beds.amber", "--at", "00:00:01:00", "-o", "@f.png", "--size", "160x90"))
                .isZero();
        assertThat(ImageIO.read(folder.resolve("f.png").toFile()).getWidth()).isEqualTo(160);
        assertThat(run("frame", "@beds.amber", "--at", "3", "-o", "@f.png")).isEqualTo(1);
        assertThat(err).contains("exists already").contains("--overwrite");
        assertThat(run("frame", "@beds.amber", "--at", "3", "-o", "@f.png", "--overwrite"))
                .isZero();
        assertThat(run("render", "@beds.amber", "-o", "@s.png", "--shot", "s1", "--from", "2", "--to", "4"))
                .isZero();
        assertThat(folder.resolve("s-0002.png")).exists();
        assertThat(folder.resolve("s-0004.png")).exists();
        assertThat(run("render", "@beds.amber", "-o", "@film.mp4")).isZero();
        assertThat(folder.resolve("film.mp4")).isNotEmptyFile();
    }

    @Test
    void render_says_which_edges_it_would_show_and_closes_them_when_asked() throws IOException {
        assertThat(run("render", "@beds.amber", "-o", "@open.png", "--from", "18", "--to", "21"))
                .isZero();
        assertThat(err)
                .contains("\"Beds\" shows")
                .contains("px beyond the")
                .contains("at 00:00:00:20")
                .contains("--seal lift");
        assertThat(run("render", "@beds.amber", "-o", "@level.png", "--from", "0", "--to", "2"))
                .isZero();
        assertThat(err).isEmpty();
        assertThat(run("render", "@beds.amber", "-o", "@no.png", "--from", "18", "--to", "21", "--seal", "lift"))
                .isEqualTo(3);
        assertThat(err).contains("nothing was rendered").contains("\"Beds\"").contains("110 %");
        assertThat(folder.resolve("no-0018.png")).doesNotExist();
        String[] sealed = {
            "render", "@beds.amber", "-o", "@yes.png", "--from", "18", "--to", "21", "--seal", "least", "--limit", "140"
        };
        assertThat(run(sealed)).isZero();
        assertThat(err).isEmpty();
        assertThat(folder.resolve("yes-0021.png")).exists();
        assertThat(Files.readString(folder.resolve("beds.amber"))).isEqualTo(PROJECT);
        assertThat(run("render", "@beds.amber", "-o", "@z.png", "--seal", "lift", "--limit", "0"))
                .isEqualTo(2);
    }

    @Test
    void wrong_use_exits_with_2_and_says_what_would_be_right() {
        assertThat(run("render", "@beds.amber", "-o", "@film.xyz")).isEqualTo(2);
        assertThat(err).contains(".mp4 or .webm");
        assertThat(run("frame", "@beds.amber", "--at", "41", "-o", "@f.png")).isEqualTo(2);
        assertThat(err).contains("0 to 40");
        assertThat(run("seal", "@beds.amber", "--shot", "s7")).isEqualTo(2);
        assertThat(err).contains("s7").contains("s1");
        assertThat(run("seal", "@beds.amber", "--limit", "0")).isEqualTo(2);
        assertThat(run("fly")).isEqualTo(2);
        assertThat(run("frame", "@beds.amber", "--at", "1", "-o", "@f.png", "--size", "big"))
                .isEqualTo(2);
        assertThat(err).contains("1280x720");
        assertThat(run("move", "@beds.amber", "--shot", "s1", "--as", "xyz", "-o", "@f.svg"))
                .isEqualTo(2);
        assertThat(err).contains("choose one of css, svg, lottie, csv, ffmpeg, otio, not \"xyz\"");
        assertThat(run("seal", "@beds.amber", "--by", "force")).isEqualTo(2);
        assertThat(err).contains("choose one of lift, shift, least, not \"force\"");
        assertThat(run("take", "@beds.amber", "-o", "@f.amber")).isEqualTo(1);
        assertThat(err).contains("Amber Lens project already");
    }

    @Test
    void failures_are_one_or_two_plain_lines_without_a_stack_trace() {
        assertThat(run("check", "@gone.amber")).isEqualTo(1);
        assertThat(err.lines()).hasSizeLessThanOrEqualTo(2);
        assertThat(err).startsWith("amber: ").contains("gone.amber").doesNotContain("\tat ");
        assertThat(run("check", "--verbose", "@gone.amber")).isEqualTo(1);
        assertThat(err).contains("\tat ");
    }

    @Test
    void info_tells_what_a_picture_holds_and_goes_on_after_a_bad_one() {
        assertThat(run("info", "@gone.png", "@beds.png")).isEqualTo(1);
        assertThat(err).contains("gone.png");
        assertThat(out).contains("320 × 180 px").contains("PNG").contains("8 bits");
    }

    @Test
    void every_command_has_help() {
        for (String command : new String[] {"check", "seal", "frame", "render", "info"}) {
            assertThat(run(command, "--help")).isZero();
            assertThat(out).contains("Usage: amber " + command);
        }
    }
}
