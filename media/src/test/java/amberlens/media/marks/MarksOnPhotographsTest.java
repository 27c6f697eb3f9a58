package amberlens.media.marks;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.material.mark.FoundMark;
import amberlens.core.material.mark.Mark;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The photographs of Debian's {@code mate-backgrounds}, which {@code ./amber test --long} installs. */
@Tag("long")
class MarksOnPhotographsTest {
    private static final Path PHOTOGRAPHS = Path.of("/usr/share/backgrounds/mate");

    private static Map<Path, List<FoundMark>> found() throws Exception {
        Map<Path, List<FoundMark>> found = new LinkedHashMap<>();
        var marks = new PictureMarks();
        try (Stream<Path> files = Files.walk(PHOTOGRAPHS)) {
            for (Path file : files.filter(one -> one.toString().matches(".*\\.(jpg|png)"))
                    .sorted()
                    .toList()) {
                found.put(file, marks.find(TestPictures.pyramid(file)));
            }
        }
        return found;
    }

    /** The middle of each thing was read off the photograph, in parts of its sides. */
    @Test
    void no_face_and_subjects_where_a_person_would_look() throws Exception {
        Map<Path, List<FoundMark>> found = found();
        assertThat(found).hasSizeGreaterThanOrEqualTo(28);
        List<Path> faces = new ArrayList<>();
        found.forEach((file, marks) -> {
            if (marks.stream().anyMatch(mark -> mark.kind() != Mark.Kind.SUBJECT)) {
                faces.add(file);
            }
        });
        assertThat(faces).isEmpty();

        Map<String, double[]> things = Map.of(
                "Aqua.jpg", new double[] {0.70, 0.65},
                "Garden.jpg", new double[] {0.60, 0.50},
                "LadyBird.jpg", new double[] {0.70, 0.52},
                "FreshFlower.jpg", new double[] {0.52, 0.62},
                "TwoWings.jpg", new double[] {0.60, 0.55},
                "YellowFlower.jpg", new double[] {0.62, 0.48});
        List<String> missed = new ArrayList<>();
        for (var thing : things.entrySet()) {
            Path file = PHOTOGRAPHS.resolve("nature").resolve(thing.getKey());
            var size = TestPictures.pyramid(file).size();
            double x = thing.getValue()[0] * size.width();
            double y = thing.getValue()[1] * size.height();
            boolean held = found.get(file).stream()
                    .map(FoundMark::box)
                    .anyMatch(box -> box.left() <= x && x <= box.right() && box.top() <= y && y <= box.bottom());
            if (!held) {
                missed.add(thing.getKey());
            }
        }
        assertThat(missed).hasSizeLessThanOrEqualTo(1);
        for (String texture : List.of("Blinds.jpg", "Dune.jpg", "GreenMeadow.jpg", "Wood.jpg")) {
            assertThat(found.get(PHOTOGRAPHS.resolve("nature").resolve(texture)))
                    .as(texture)
                    .isEmpty();
        }
    }
}
