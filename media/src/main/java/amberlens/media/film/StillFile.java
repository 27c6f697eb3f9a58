package amberlens.media.film;

import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import amberlens.core.render.DeepRaster;
import amberlens.core.render.FrameRaster;
import amberlens.core.render.RenderedFrame;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferInt;
import java.awt.image.DataBufferUShort;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/** One frame as a picture file. */
public final class StillFile {
    /** The kinds of picture files that are written. */
    public enum Kind {
        PNG,
        TIFF
    }

    private StillFile() {}

    /** Writes the frame; an existing file is replaced. A TIFF is made of a frame of 16 bits. */
    public static void write(RenderedFrame frame, Kind kind, Path destination) throws FileProblem {
        PartFile part = PartFile.beside(destination);
        try {
            switch (kind) {
                case PNG -> {
                    if (!ImageIO.write(image(frame), "png", part.path().toFile())) {
                        throw new IOException("no PNG writer");
                    }
                }
                case TIFF -> Files.write(part.path(), TiffPicture.of((DeepRaster) frame));
            }
        } catch (FileProblem e) {
            part.remove();
            throw e;
        } catch (IOException e) {
            part.remove();
            throw PartFile.cannotWrite(destination, e);
        }
        part.moveIntoPlace();
    }

    private static BufferedImage image(RenderedFrame frame) {
        return switch (frame) {
            case FrameRaster raster -> image(raster);
            case DeepRaster raster -> image(raster);
        };
    }

    private static BufferedImage image(FrameRaster frame) {
        var image = new BufferedImage(frame.size().width(), frame.size().height(), BufferedImage.TYPE_INT_RGB);
        System.arraycopy(
                frame.argb(), 0, ((DataBufferInt) image.getRaster().getDataBuffer()).getData(), 0, frame.argb().length);
        return image;
    }

    private static BufferedImage image(DeepRaster frame) {
        Size size = frame.size();
        var model = new ComponentColorModel(
                ColorSpace.getInstance(ColorSpace.CS_sRGB),
                true,
                false,
                Transparency.TRANSLUCENT,
                DataBuffer.TYPE_USHORT);
        var data = new DataBufferUShort(frame.rgba(), frame.rgba().length);
        var raster = Raster.createInterleavedRaster(
                data, size.width(), size.height(), 4 * size.width(), 4, new int[] {0, 1, 2, 3}, null);
        return new BufferedImage(model, raster, false, null);
    }
}
