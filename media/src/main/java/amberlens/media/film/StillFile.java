package amberlens.media.film;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.render.frame.DeepRaster;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.RenderedFrame;
import amberlens.files.FileWords;
import amberlens.files.PartFiles;
import amberlens.files.WholeFile;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferInt;
import java.awt.image.DataBufferUShort;
import java.awt.image.Raster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageIO;

/** One frame as a picture file. */
public final class StillFile {
    /** The kinds of picture files that are written. */
    public enum Kind {
        PNG(".png"),
        TIFF(".tif", ".tiff");

        private final List<String> endings;

        Kind(String... endings) {
            this.endings = List.of(endings);
        }

        /** The kind that a file's name asks for. */
        public static Optional<Kind> byEnding(Path path) {
            String name = String.valueOf(path.getFileName()).toLowerCase(Locale.ROOT);
            return Arrays.stream(values())
                    .filter(kind -> kind.endings.stream().anyMatch(name::endsWith))
                    .findFirst();
        }
    }

    private StillFile() {}

    /** Writes the frame; an existing file is replaced, a missing folder is made. A TIFF is made of a frame of 16 bits. */
    public static void write(RenderedFrame frame, Kind kind, Path destination) throws FileProblem {
        try {
            WholeFile.makeFolder(destination);
            PartFiles.removeBeside(destination);
            try (WholeFile file = aside(frame, kind, destination)) {
                file.intoPlace();
            }
        } catch (IOException e) {
            throw FileWords.cannotWrite(destination, e);
        }
    }

    /** The frame written aside, to be moved into place or closed. */
    static WholeFile aside(RenderedFrame frame, Kind kind, Path destination) throws FileProblem, IOException {
        WholeFile file = WholeFile.beside(destination);
        try {
            switch (kind) {
                case PNG -> {
                    if (!ImageIO.write(image(frame), "png", file.path().toFile())) {
                        throw new IOException("no PNG writer");
                    }
                }
                case TIFF -> file.put(TiffPicture.of((DeepRaster) frame));
            }
            return file;
        } catch (IOException | FileProblem | RuntimeException | Error e) {
            file.close();
            throw e;
        }
    }

    /** The frame as the bytes of a PNG. */
    public static byte[] png(RenderedFrame frame) {
        var bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image(frame), "png", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException("memory can be written to", e);
        }
        return bytes.toByteArray();
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
