package amberlens.media.picture;

import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * An open picture file, found by its content, whatever its name. Checks what its header claims before any pixel is read.
 */
final class PictureFile implements AutoCloseable {
    static final String READABLE = "JPEG, PNG, TIFF, WebP, BMP or GIF";
    private static final int LONGEST_SIDE = 65_535;
    private static final long MOST_PIXELS = 300_000_000;

    final Path path;
    final ImageReader reader;
    final Size stored;
    final Orientation orientation;
    private final ImageInputStream stream;

    private PictureFile(Path path, ImageReader reader, ImageInputStream stream, Size stored) {
        this.path = path;
        this.reader = reader;
        this.stream = stream;
        this.stored = stored;
        this.orientation = orientation(path);
    }

    static PictureFile open(Path path) throws FileProblem {
        checkThere(path);
        try {
            ImageInputStream stream = ImageIO.createImageInputStream(path.toFile());
            if (stream == null) {
                throw new FileProblem(path + " cannot be opened; check that you may read it.");
            }
            return open(path, stream);
        } catch (IOException e) {
            throw new FileProblem(path + " cannot be opened: " + e.getMessage() + ".", e);
        }
    }

    private static PictureFile open(Path path, ImageInputStream stream) throws FileProblem, IOException {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
        if (!readers.hasNext()) {
            stream.close();
            throw new FileProblem(path + " is not a picture that can be read; it must be " + READABLE + ".");
        }
        ImageReader reader = readers.next();
        try {
            reader.setInput(stream, true, false);
            return new PictureFile(path, reader, stream, claimedSize(path, reader));
        } catch (FileProblem e) {
            reader.dispose();
            stream.close();
            throw e;
        } catch (IOException | RuntimeException e) {
            reader.dispose();
            stream.close();
            throw damaged(path, e);
        }
    }

    private static void checkThere(Path path) throws FileProblem {
        if (!Files.exists(path)) {
            throw new FileProblem(path + " is not there; it may have been moved or renamed.");
        }
        if (!Files.isRegularFile(path)) {
            throw new FileProblem(path + " is not a file.");
        }
        try {
            if (Files.size(path) == 0) {
                throw new FileProblem(path + " is empty (0 bytes); copy it again from its source.");
            }
        } catch (IOException e) {
            throw new FileProblem(path + " cannot be read: " + e.getMessage() + ".", e);
        }
        if (!Files.isReadable(path)) {
            throw new FileProblem(path + " may not be read; check its permissions.");
        }
    }

    private static Size claimedSize(Path path, ImageReader reader) throws IOException, FileProblem {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if (width < 1 || height < 1) {
            throw new FileProblem(path + " says it is " + width + " × " + height + " pixels; it is damaged.");
        }
        if (width > LONGEST_SIDE || height > LONGEST_SIDE || (long) width * height > MOST_PIXELS) {
            throw new FileProblem(String.format(
                    Locale.ROOT,
                    "%s says it is %d × %d pixels; pictures up to %d pixels a side and %d million pixels can be used.",
                    path,
                    width,
                    height,
                    LONGEST_SIDE,
                    MOST_PIXELS / 1_000_000));
        }
        return new Size(width, height);
    }

    static FileProblem damaged(Path path, Throwable cause) {
        return new FileProblem(path + " is damaged or cut off; copy it again from its source.", cause);
    }

    /** A file without readable metadata stands upright. */
    private static Orientation orientation(Path path) {
        try {
            var exif = ImageMetadataReader.readMetadata(path.toFile()).getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer tag = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
            return tag == null ? Orientation.UPRIGHT : Orientation.ofTag(tag);
        } catch (ImageProcessingException | IOException | RuntimeException e) {
            return Orientation.UPRIGHT;
        }
    }

    @Override
    public void close() {
        reader.dispose();
        try {
            stream.close();
        } catch (IOException e) {
            org.slf4j.LoggerFactory.getLogger(PictureFile.class).debug("closing {}", path, e);
        }
    }
}
