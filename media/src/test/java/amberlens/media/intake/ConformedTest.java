package amberlens.media.intake;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is proved is proved of the pixels that are really there. */
class ConformedTest {
    private static final Size SIZE = new Size(160, 90);

    @TempDir
    private Path folder;

    private Path picture(String name, int clearColumns) throws IOException {
        boolean alpha = name.endsWith(".png");
        var image = new BufferedImage(
                SIZE.width(), SIZE.height(), alpha ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        var paint = image.createGraphics();
        for (int x = clearColumns; x < SIZE.width(); x++) {
            paint.setColor(new Color(x, 120, 255 - x));
            paint.fillRect(x, 0, 1, SIZE.height());
        }
        Path file = folder.resolve(name);
        ImageIO.write(image, alpha ? "png" : "jpg", file.toFile());
        return file;
    }

    private static Project project(Path file) {
        Media media = Media.photo("m1", file.toString(), SIZE);
        var camera = CameraTrack.still(Refit.FILL.pose(SIZE, SIZE));
        return Project.empty("Bed")
                .withFrame(new FrameFormat(SIZE, FrameRate.of(25), Colour.BLACK))
                .withMedia(List.of(media))
                .withShots(List.of(new Shot("s1", "Bed", "m1", 1, 0, 10, true, camera, Extras.NONE)));
    }

    private static boolean sealed(Project project) {
        return EdgeReport.of(project.take(project.shots().getFirst())).isSealed();
    }

    @Test
    void recorded_bounds_are_held_against_the_file() throws IOException {
        Path file = picture("fern.png", 0);
        Project judged =
                SettingsEdits.judgeOpaque("s1", PictureArea.whole(SIZE)).apply(project(file));
        assertThat(Conformed.of(judged, FilmGuard.NONE).remarks()).isEmpty();
        assertThat(sealed(judged)).isTrue();
        picture("fern.png", 40);
        Conformed found = Conformed.of(judged, FilmGuard.NONE);
        assertThat(found.remarks())
                .singleElement()
                .asString()
                .contains("fern.png is opaque within 120 × 90 px at 40, 0, not within 160 × 90 px at 0, 0");
        assertThat(sealed(found.project())).isFalse();
        assertThat(found.project().media().getFirst().opaque()).contains(new PictureArea(40, 0, new Size(120, 90)));
    }

    @Test
    void a_picture_with_transparent_pixels_that_is_judged_as_a_whole_is_told() throws IOException {
        Project whole = project(picture("fern.png", 40));
        Conformed found = Conformed.of(whole, FilmGuard.NONE);
        assertThat(found.remarks()).singleElement().asString().contains("has transparent pixels");
        assertThat(found.project()).isEqualTo(whole);
        assertThat(Conformed.of(project(picture("bed.png", 0)), FilmGuard.NONE).remarks())
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"cut.jpg", "cut.png"})
    void a_file_that_ends_before_its_picture_does_is_told(String name) throws IOException {
        Path file = picture(name, 0);
        assertThat(Conformed.of(project(file), FilmGuard.NONE).remarks()).isEmpty();
        byte[] whole = Files.readAllBytes(file);
        for (double part : new double[] {0.5, 0.9, 0.999}) {
            Files.write(file, Arrays.copyOf(whole, (int) (whole.length * part)));
            assertThat(Conformed.of(project(file), FilmGuard.NONE).remarks())
                    .as("%s of it", part)
                    .singleElement()
                    .asString()
                    .contains("is damaged or cut off");
        }
    }
}
