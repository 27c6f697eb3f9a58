package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.model.project.FileProblem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What JSON can hold and a project cannot is refused at its member, in words, and in no time. */
class RefusedProjectsTest {
    private static final String SMALL = """
            { "format": "amber-lens/project", "version": 1, "name": "Small", "note": 1,
              "frame": { "width": 192, "height": 108, "rate": "25/1" },
              "media": [ { "id": "m1", "kind": "photo", "path": "p.png", "width": 96, "height": 64,
                           "opaque": { "x": 0, "y": 0, "width": 96, "height": 64 } } ],
              "shots": [ { "id": "s1", "media": "m1", "start": 0, "length": 40, "backdrop": { "clouds": "#102030", "seed": 4 },
                  "camera": { "scale": { "value": [200, 200] },
                     "position": { "keys": [ { "at": 0, "value": [96, 54], "leg": { "kind": "curve", "handles": [0.4, 0, 0.6, 1] } },
                                             { "at": 9, "value": [90, 54], "in": [1, 2] } ] },
                     "rotation": { "value": 0 }, "anchor": { "value": [48, 32] } } } ] }
            """;

    @TempDir
    private Path folder;

    @Test
    void a_number_whose_exponent_is_no_number_itself_is_refused_in_words() throws IOException {
        Path file = Files.writeString(
                folder.resolve("film.amber"), SMALL.replace("\"note\": 1", "\"note\": 1e9007199254740993"));
        assertThatThrownBy(() -> ProjectFile.open(file))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("film.amber is not a project");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "[200, 200]; [1e400, 200]; /shots/0/camera/scale/value/0",
                "[200, 200]; [1e-10000, 200]; /shots/0/camera/scale/value/0",
                "\"note\": 1; \"note\": 1e20000; /note",
                "\"note\": 1; \"note\": {\"deep\": [0, -1e999999999]}; /note/deep/1",
                "[96, 54]; [1e12, 54]; /shots/0/camera/position/keys/0/value/0",
                "[0.4, 0, 0.6, 1]; [0.4, 1e308, 0.6, 1]; /shots/0/camera/position/keys/0/leg/handles/1",
                "[1, 2]; [1e308, 2]; /shots/0/camera/position/keys/1/in/0",
                "\"rotation\": { \"value\": 0 }; \"rotation\": { \"x\": { \"value\": 0 }, \"y\": { \"value\": 0 } }; /shots/0/camera/rotation",
                "\"scale\": { \"value\": [200, 200] }; \"scale\": { \"x\": { \"x\": { \"value\": 1 }, \"y\": { \"value\": 1 } }, \"y\": { \"value\": 1 } }; /shots/0/camera/scale/x",
                "\"seed\": 4; \"seed\": 1e30; /shots/0/backdrop",
                "\"x\": 0, \"y\": 0, \"width\": 96; \"x\": 1, \"y\": 0, \"width\": 96; /media/0"
            })
    void it_is_refused_at_its_member(String right, String wrong, String pointer) throws IOException {
        assertThat(SMALL).contains(right);
        Path file = Files.writeString(folder.resolve("film.amber"), SMALL.replace(right, wrong));
        assertThatThrownBy(() -> ProjectFile.open(file))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("film.amber: at " + pointer)
                .hasMessageNotContaining("$")
                .hasMessageNotContaining("schema");
    }
}
