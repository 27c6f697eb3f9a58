package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.security.MessageDigest;
import java.util.HexFormat;
import org.junit.jupiter.api.Test;

class SheetCommandTest extends CommandTrial {
    private static final String PROJECT = """
            { "format": "amber-lens/project", "version": 1, "name": "beds",
              "frame": { "width": 320, "height": 180, "rate": "25/1" },
              "media": [ { "id": "m1", "kind": "photo", "path": "bed.png", "width": 640, "height": 360 } ],
              "shots": [ { "id": "s1", "name": "Beds", "media": "m1", "start": 0, "length": 10, "camera": {
                "scale": { "value": [SCALE, SCALE] }, "position": { "value": [160, 90] }, "rotation": { "value": 0 },
                "anchor": { "value": [320, 180] } } } ] }
            """;

    private void project(int scale) throws IOException {
        picture("bed.png", 640, 360);
        Files.writeString(folder.resolve("bed.amber"), PROJECT.replace("SCALE", String.valueOf(scale)));
    }

    @Test
    void a_sealed_project_is_proved_with_the_checksum_of_its_file() throws Exception {
        project(50);
        assertThat(run("sheet", "@bed.amber", "-o", "@proof/bed.html")).as(err).isZero();
        assertThat(out).contains("Every shot is sealed.");
        byte[] hash = MessageDigest.getInstance("SHA-256").digest(Files.readAllBytes(folder.resolve("bed.amber")));
        assertThat(folder.resolve("proof/bed.html"))
                .content()
                .contains(HexFormat.of().formatHex(hash), "Amber Lens 0.");
        assertThat(run("sheet", "@bed.amber", "-o", "@proof/bed.html")).isEqualTo(1);
        assertThat(err).contains("exists already");
        assertThat(run("sheet", "@bed.amber", "-o", "@proof/bed.html", "--overwrite"))
                .isZero();
        assertThat(run("sheet", "@bed.amber", "-o", "@bed.amber", "--overwrite"))
                .isEqualTo(1);
        assertThat(err).contains("not overwritten");
    }

    @Test
    void an_open_edge_is_told_by_the_exit_code_and_the_page() throws Exception {
        project(49);
        assertThat(run("sheet", "@bed.amber", "-o", "@bed.html")).as(err).isEqualTo(3);
        assertThat(out).contains("1 of 1 shot has an open edge.");
        assertThat(folder.resolve("bed.html")).content().contains("OPEN 0:00 to 0:09");
        assertThat(run("sheet", "@gone.amber", "-o", "@gone.html")).isEqualTo(1);
        assertThat(run("sheet", "@bed.amber")).isEqualTo(2);
    }
}
