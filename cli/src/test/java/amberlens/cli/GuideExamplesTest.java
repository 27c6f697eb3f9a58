package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Every command that the guide shows does what the guide says of it, on the demo. */
class GuideExamplesTest extends CommandTrial {
    private static final Path GUIDE = Path.of("../docs/guide");
    private static final Path DEMO = Path.of("../demo/fernhollow");
    private static final String COMMAND = "amber ";

    /** A folder of three pictures, for what is made of a folder: all of it would be a film of minutes. */
    private void copyAFewPictures() throws IOException {
        Path few = Files.createDirectories(folder.resolve("few"));
        try (Stream<Path> pictures = Files.list(folder.resolve("pictures"))) {
            for (Path picture : pictures.filter(file -> file.toString().endsWith(".jpg"))
                    .sorted()
                    .limit(3)
                    .toList()) {
                Files.copy(picture, few.resolve(picture.getFileName()));
            }
        }
    }

    /** @param times how many times smaller its pictures are; the program says so and shows them as large as they were */
    private void copyTheDemo(int times) throws IOException {
        copy(folder, times);
        copy(folder.resolve("whole"), 1);
        Files.writeString(
                folder.resolve("cut.edl"),
                "001  AX  V  C  00:00:00:00 00:00:02:00 01:00:00:00 01:00:02:00\n* FROM CLIP NAME: garden-plan.jpg\n");
        Files.writeString(folder.resolve("keys.csv"), "frame,rotation\n0,0\n50,3\n");
    }

    private static void copy(Path folder, int times) throws IOException {
        try (Stream<Path> all = Files.walk(DEMO)) {
            for (Path file : all.filter(Files::isRegularFile).toList()) {
                Path copy = folder.resolve(DEMO.relativize(file).toString());
                Files.createDirectories(copy.getParent());
                if (times > 1 && file.toString().endsWith(".jpg")) {
                    ImageIO.write(smaller(ImageIO.read(file.toFile()), times), "jpg", copy.toFile());
                } else {
                    Files.copy(file, copy);
                }
            }
        }
    }

    private static BufferedImage smaller(BufferedImage picture, int times) {
        int width = Math.ceilDiv(picture.getWidth(), times);
        int height = Math.ceilDiv(picture.getHeight(), times);
        var small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        small.createGraphics().drawImage(picture, 0, 0, width, height, null);
        return small;
    }

    private static List<String> examples() throws IOException {
        try (Stream<Path> pages = Files.list(GUIDE)) {
            return pages.filter(page -> page.toString().endsWith(".md"))
                    .sorted()
                    .flatMap(GuideExamplesTest::lines)
                    .filter(line -> line.startsWith(COMMAND))
                    .toList();
        }
    }

    private static Stream<String> lines(Path page) {
        try {
            return Files.readAllLines(page).stream();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** Files lie in the folder of this test. */
    private static String placed(String word, String example) {
        if (example.contains("seal ") && word.endsWith("low.amber")) {
            return "@whole/" + word; // how far may be enlarged depends on the pixels that are there
        }
        return word.matches(".*\\.(amber|png|mp4|mkv|gif|jpg|wav|html|edl|csv|otio|filter)|pictures|few")
                ? "@" + word
                : word;
    }

    @Test
    void all_commands_of_the_guide_run_on_smaller_pictures() throws IOException {
        copyTheDemo(4);
        copyAFewPictures();
        allRun(word -> word.equals("pictures") ? "few" : word);
    }

    @Test
    @Tag("long")
    void all_commands_of_the_guide_run_on_the_demo() throws IOException {
        copyTheDemo(1);
        allRun(word -> word);
    }

    private void allRun(UnaryOperator<String> changed) throws IOException {
        List<String> examples = examples();
        assertThat(examples).hasSizeGreaterThan(8);
        for (String example : examples) {
            String[] arguments = Stream.of(example.substring(COMMAND.length()).split("\\s+"))
                    .map(changed)
                    .map(word -> placed(word, example))
                    .toArray(String[]::new);
            int output = List.of(arguments).indexOf("-o");
            int code = run(arguments);
            // the demo has an edge that is open, for people to seal
            assertThat(code)
                    .as("%s%n%s%s", example, out, err)
                    .isEqualTo(List.of("check", "sheet").contains(arguments[0]) ? 3 : 0);
            if (output > 0) {
                String file = arguments[output + 1];
                boolean several = List.of(arguments).contains("--deliveries");
                assertThat(Path.of(several ? file.replace(".gif", "-9x16.gif") : file))
                        .as(example)
                        .isNotEmptyFile();
            }
        }
    }
}
