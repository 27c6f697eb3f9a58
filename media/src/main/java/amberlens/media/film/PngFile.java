package amberlens.media.film;

import amberlens.core.model.FileProblem;
import amberlens.core.render.FrameRaster;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/** One frame as a PNG file. */
public final class PngFile {
    private PngFile() {}

    /** Writes the frame; an existing file is replaced. */
    public static void write(FrameRaster frame, Path destination) throws FileProblem {
        PartFile part = PartFile.beside(destination);
        try {
            if (!ImageIO.write(image(frame), "png", part.path().toFile())) {
                throw new IOException("no PNG writer");
            }
        } catch (IOException e) {
            part.remove();
            throw PartFile.cannotWrite(destination, e);
        }
        part.moveIntoPlace();
    }

    private static BufferedImage image(FrameRaster frame) {
        var image = new BufferedImage(frame.size().width(), frame.size().height(), BufferedImage.TYPE_INT_RGB);
        System.arraycopy(
                frame.argb(), 0, ((DataBufferInt) image.getRaster().getDataBuffer()).getData(), 0, frame.argb().length);
        return image;
    }
}
