package amberlens.media.export;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.media.picture.PictureReader;
import amberlens.media.pixels.PixelCache;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A disc in a drawing, looked at closely: it is as sharp as when the Java library draws it at that size. */
class CloseDrawingTest {
    private static final Size FRAME = new Size(640, 360);

    @TempDir
    private static Path folder;

    /** What is seen from near and far is read once. */
    private static final PixelCache CACHE = new PixelCache(1L << 29, Runnable::run, Rows.ALONE);

    @AfterAll
    static void close() {
        CACHE.close();
    }

    private static Project project(double percent, double degrees) throws Exception {
        Path file = Files.writeString(folder.resolve("disc.svg"), """
                <svg xmlns="http://www.w3.org/2000/svg" width="400" height="300">
                  <rect width="400" height="300" fill="#202830"/>
                  <circle cx="210" cy="140" r="5" fill="#E0C080"/>
                </svg>
                """);
        Media drawing = Media.photo("m1", file.toString(), PictureReader.size(file));
        Pose pose = new Pose(Scale.uniform(percent), FRAME.centre(), degrees, new PicturePoint(2290, 1560));
        Project empty = Project.empty("Disc");
        return empty.withFrame(empty.frame().withSize(FRAME))
                .withMedia(List.of(drawing))
                .withShots(List.of(new Shot("s1", "Disc", "m1", 1, 0, 2, true, CameraTrack.still(pose), Extras.NONE)));
    }

    private static FrameRaster rendered(Project project) throws Exception {
        return new FrameSource(project, CACHE, Rows.ALONE).frame(0, FRAME);
    }

    /** The drawing is 11 times as large as it says; its disc is drawn by the Java library with the same map. */
    private static BufferedImage drawn(Project project) {
        Pose pose = project.shots().getFirst().camera().at(0);
        FramePoint centre = pose.toFrame(new PicturePoint(2310, 1540));
        double radius = 55 * pose.scale().factorX();
        var image = new BufferedImage(FRAME.width(), FRAME.height(), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        pen.setColor(new Color(0x202830));
        pen.fillRect(0, 0, FRAME.width(), FRAME.height());
        pen.setColor(new Color(0xE0C080));
        pen.fill(AffineTransform.getTranslateInstance(centre.x(), centre.y())
                .createTransformedShape(new Ellipse2D.Double(-radius, -radius, 2 * radius, 2 * radius)));
        pen.dispose();
        return image;
    }

    @ParameterizedTest
    @CsvSource({"300, 0", "800, 0", "800, 30", "2000, -10"})
    void isAsSharpAsIfItWereDrawnAtThatSize(double percent, double degrees) throws Exception {
        Project project = project(percent, degrees);
        FrameRaster ours = rendered(project);
        BufferedImage theirs = drawn(project);
        int between = 0;
        int worst = 0;
        for (int y = 0; y < FRAME.height(); y++) {
            for (int x = 0; x < FRAME.width(); x++) {
                int mine = ours.rgb(x, y) >> 8 & 0xFF;
                int other = theirs.getRGB(x, y) >> 8 & 0xFF;
                between += mine > 60 && mine < 170 ? 1 : 0;
                worst = Math.max(worst, Math.abs(mine - other));
            }
        }
        // the rim of a disc is 2πr long and about a pixel wide, a little more where 2ⁿ pixels are brought to one size
        double rim = 2 * Math.PI * 55 * percent / 100;
        assertThat(between).isLessThan((int) (1.9 * rim) + 20);
        assertThat(worst)
                .as("a rim that lies half a pixel off at most, in codes")
                .isLessThan(130);
    }

    @Test
    void countsAsDrawnWhereItLiesFlat() throws Exception {
        Project flat = project(800, 0);
        assertThat(ShotCheck.of(flat, flat.shots().getFirst()).enlargement().percent())
                .isEqualTo(100);
    }
}
