package amberlens.media.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.TitleEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.title.Title;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.export.ExportProgress;
import amberlens.media.export.FrameSource;
import amberlens.media.pixels.PixelCache;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.xpath.XPathConstants;
import javax.xml.xpath.XPathFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Document;
import org.w3c.dom.NodeList;

/** Pages are read back by the platform's XML parser, and their pictures by its image reader. */
class ProofTest {
    private static final Size FRAME = new Size(320, 180);
    private static final ZonedDateTime NOON = ZonedDateTime.of(2026, 5, 4, 12, 0, 0, 0, ZoneOffset.UTC);

    @TempDir
    private Path folder;

    private Project project = Project.empty("none");
    private final PixelCache pictures = new PixelCache(1 << 28, Runnable::run, Rows.ALONE);

    /** A red picture that fills the frame, and a green one that leaves 40 px of its left open. */
    @BeforeEach
    void draw() throws IOException {
        Media red = picture("red.png", 0xC02818, "m1");
        Media green = picture("green.png", 0x28A030, "m2");
        project = MediaEdits.addAll(List.of(red, green))
                .apply(Project.empty("Beds <script>alert(1)</script> & \u0007borders")
                        .withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK)));
        project = ShotEdits.add(project.media().get(0), Refit.FILL, 0).apply(project);
        project = ShotEdits.add(project.media().get(1), Refit.FILL, 1).apply(project);
        project = ShotEdits.setLength("s1", 30, ShotEdits.Timing.KEEP).apply(project);
        project = ShotEdits.setLength("s2", 2, ShotEdits.Timing.KEEP).apply(project);
        project = project.mapShot(
                "s2",
                shot -> shot.withCamera(
                        CameraTrack.still(shot.camera().at(0).withPosition(new FramePoint(160 + 40, 90)))));
    }

    private Media picture(String name, int rgb, String id) throws IOException {
        var image = new BufferedImage(320, 180, BufferedImage.TYPE_INT_RGB);
        image.setRGB(
                0, 0, 320, 180, IntStream.generate(() -> rgb).limit(320 * 180).toArray(), 0, 320);
        Path file = folder.resolve(name);
        ImageIO.write(image, "png", file.toFile());
        return Media.photo(id, file.toString(), new Size(320, 180));
    }

    private Optional<List<ShotCheck>> prove(Path file, ExportProgress progress) throws FileProblem {
        var origin = new Proof.Origin(Optional.of("beds.amber"), Optional.of("00ff"), NOON);
        return new Proof(project, origin).write(file, new FrameSource(project, pictures, Rows.ALONE), progress);
    }

    private Document page() throws Exception {
        Path file = folder.resolve("proof.html");
        assertThat(prove(file, ExportProgress.NONE)).isPresent();
        return DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(file.toFile());
    }

    private static List<String> all(Document page, String path) throws Exception {
        var found = (NodeList) XPathFactory.newInstance().newXPath().evaluate(path, page, XPathConstants.NODESET);
        return IntStream.range(0, found.getLength())
                .mapToObj(i -> found.item(i).getTextContent())
                .toList();
    }

    @Test
    void a_page_says_of_every_shot_whether_it_is_sealed_and_by_how_much() throws Exception {
        Document page = page();
        assertThat(all(page, "//h2/span")).containsExactly("Red", "Green");
        assertThat(all(page, "//article/@class")).containsExactly("shot", "shot is-open");
        assertThat(all(page, "//header/p")).containsExactly("1 of 2 shots has an open edge.");
        assertThat(all(page, "//article[2]//dd").getFirst())
                .startsWith("OPEN 0:00 to 0:01 (frames 0 to 1)")
                .contains("40.0 px");
        assertThat(all(page, "//header//dd"))
                .contains("00ff", "beds.amber", "4 May 2026, 12:00 Z", "00:00:01:07, 2 shots");
        assertThat(all(page, "//article[2]//figcaption"))
                .containsExactly("00:00:01:05, frame 0, furthest open", "00:00:01:06, frame 1");
    }

    @Test
    void a_title_is_named_and_not_judged() throws Exception {
        project = TitleEdits.add(Title.of("Fern round"), 0).apply(project);
        Document page = page();
        String title = "//article[contains(h2/small, 'title')]";
        assertThat(all(page, title + "//dd").getFirst()).isEqualTo("not checked: a title");
        assertThat(all(page, title + "//path")).isEmpty();
        assertThat(all(page, title + "//img/@src")).isNotEmpty();
    }

    @Test
    void its_pictures_are_those_of_the_film() throws Exception {
        List<String> addresses = all(page(), "//img/@src");
        assertThat(addresses).hasSize(5).allMatch(address -> address.startsWith("data:image/jpeg;base64,"));
        BufferedImage green = read(addresses.get(3));
        assertThat(green.getWidth() * 9).isEqualTo(green.getHeight() * 16);
        assertThat(codes(green, 4)).allMatch(code -> code < 12);
        assertThat(codes(green, green.getWidth() - 4)[1]).isCloseTo(0xA0, within(6));
        assertThat(codes(read(addresses.getFirst()), 4)[0]).isCloseTo(0xC0, within(6));
    }

    private static BufferedImage read(String address) throws IOException {
        byte[] bytes = Base64.getDecoder().decode(address.substring(address.indexOf(',') + 1));
        return ImageIO.read(new ByteArrayInputStream(bytes));
    }

    private static Integer[] codes(BufferedImage image, int x) {
        int rgb = image.getRGB(x, image.getHeight() / 2);
        return new Integer[] {rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255};
    }

    /** A shot that is open throughout has nothing above the line, and the line stands where the frame is filled exactly. */
    @Test
    void open_frames_hang_below_the_line_and_sealed_ones_stand_on_it() throws Exception {
        Document page = page();
        double line =
                ys(all(page, "//article[2]//path[@class='line']/@d").getFirst()).getFirst();
        assertThat(ys(all(page, "//article[2]//path[@class='open']/@d").getFirst()))
                .allMatch(y -> y >= line)
                .anyMatch(y -> y > line + 4);
        assertThat(ys(all(page, "//article[2]//path[@class='sealed']/@d").getFirst()))
                .allMatch(y -> y == line);
        assertThat(all(page, "//article[1]//path[@class='open']/@d")).isEmpty();
    }

    /** What follows M x and V, in a path of these alone and of H. */
    private static List<Double> ys(String path) {
        return Stream.of(path.replaceAll("H[-0-9.]+|Z", "").split("M\\S+ |V"))
                .filter(part -> !part.isBlank())
                .map(Double::valueOf)
                .toList();
    }

    /** Neither markup in a name nor a character that pages cannot hold comes through. */
    @Test
    void names_are_text_and_nothing_is_fetched() throws Exception {
        assertThat(all(page(), "//h1")).containsExactly("Beds <script>alert(1)</script> & \uFFFDborders");
        String text = Files.readString(folder.resolve("proof.html"));
        assertThat(text).doesNotContain("<script").doesNotContainPattern("(src|href)=\"(?!data:)");
        assertThat(text).startsWith("<!DOCTYPE html>");
    }

    @Test
    void a_picture_that_is_not_there_is_named_and_the_rest_goes_on() throws Exception {
        Files.delete(folder.resolve("red.png"));
        Document page = page();
        assertThat(all(page, "//p[@class='missing']")).hasSize(3).allMatch(words -> words.contains("red.png"));
        assertThat(all(page, "//img/@src")).hasSize(2);
    }

    @Test
    void cancelled_it_leaves_what_was_there() throws Exception {
        Path file = folder.resolve("proof.html");
        Files.writeString(file, "before");
        assertThat(prove(file, (_, _) -> false)).isEmpty();
        assertThat(file).hasContent("before");
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).hasSize(3);
        }
        Files.createDirectory(folder.resolve("taken"));
        assertThatThrownBy(() -> prove(folder.resolve("taken"), ExportProgress.NONE))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("taken");
    }
}
