package amberlens.media.marks;

import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.media.picture.PictureReader;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;

/** Photographs and drawings of the artifact {@code org.openimaj:test-resources}, and what is made of them. */
final class TestPictures {
    /** Two portraits: where the middle of the face is was read off them. */
    static final String PORTRAIT = "data/sinaface.jpg";

    static final String SMALL_PORTRAIT = "data/face/ss.jpg";

    /** Those in which there is no face. */
    static final List<String> NO_FACE = List.of(
            "contour/aestheticode/aestheticode.jpg",
            "data/35smm_original.jpg",
            "data/alphaimage.png",
            "data/bird.png",
            "data/cat.jpg",
            "data/circle.png",
            "data/ellipses.jpg",
            "data/fisheye.jpeg",
            "data/green-rose.jpeg",
            "data/photo.JPG",
            "data/red-rose.jpeg",
            "data/square.png",
            "data/square_rot.png",
            "data/squares1.png",
            "data/squares2.png",
            "data/text.png",
            "data/triangles.png",
            "processing/transform/italic--20.png",
            "text/extraction/lab-sign.jpg",
            "text/extraction/signtext.jpg");

    private TestPictures() {}

    static BufferedImage image(String name) throws IOException {
        try (InputStream in = TestPictures.class.getResourceAsStream("/org/openimaj/image/" + name)) {
            if (in == null) {
                throw new IOException(name + " is not in the artifact");
            }
            return ImageIO.read(in);
        }
    }

    static Pyramid pyramid(BufferedImage image, Path folder) throws Exception {
        Path file = Files.createTempFile(folder, "picture", ".png");
        ImageIO.write(image, "png", file.toFile());
        return pyramid(file);
    }

    static Pyramid pyramid(Path file) throws Exception {
        Raster pixels = PictureReader.read(file, Rows.ALONE);
        return Pyramid.onDemand(pixels);
    }

    /** A picture laid into a larger one. */
    static BufferedImage laid(BufferedImage ground, BufferedImage picture, int left, int top, double times) {
        BufferedImage all = new BufferedImage(ground.getWidth(), ground.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = all.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(ground, 0, 0, null);
        pen.drawImage(
                picture,
                left,
                top,
                (int) Math.round(times * picture.getWidth()),
                (int) Math.round(times * picture.getHeight()),
                null);
        pen.dispose();
        return all;
    }

    static BufferedImage scaled(BufferedImage picture, int width, int height) {
        BufferedImage all = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = all.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(picture, 0, 0, width, height, null);
        pen.dispose();
        return all;
    }

    static BufferedImage mirrored(BufferedImage picture) {
        BufferedImage all = new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = all.createGraphics();
        pen.drawImage(picture, picture.getWidth(), 0, -picture.getWidth(), picture.getHeight(), null);
        pen.dispose();
        return all;
    }
}
