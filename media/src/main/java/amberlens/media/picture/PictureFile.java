package amberlens.media.picture;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.media.raster.Orientation;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.twelvemonkeys.imageio.stream.ByteArrayImageInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.jspecify.annotations.Nullable;

/**
 * An open picture file, found by its content, whatever its name. Checks what its header claims before any pixel is read.
 */
final class PictureFile {
    static final String READABLE = "JPEG, PNG, TIFF, WebP, BMP, GIF, HEIC, AVIF, JPEG 2000, PSD or SVG";
    private static final int LONGEST_SIDE = 65_535;
    private static final long MOST_PIXELS = 300_000_000;

    private static final long SURELY_POSSIBLE = 30_000_000;
    private static final long MOST_PIXELS_PER_BYTE = 10_000;

    /** Bytes that a pixel takes while it is read: as the decoder gives it, and as light. */
    private static final int BYTES_PER_PIXEL = 14;

    final Path path;
    final PictureKind kind;
    final ImageReader reader;
    final int index;
    final Size stored;
    final Orientation orientation;
    final boolean cutOff;
    final Optional<TiffDirectory> tiff;
    private final boolean profileDropped;
    private final ImageInputStream stream;

    private PictureFile(
            Path path,
            PictureKind kind,
            Optional<TiffDirectory> tiff,
            Source source,
            ImageReader reader,
            int index,
            Size stored)
            throws IOException {
        this.path = path;
        this.kind = kind;
        this.tiff = tiff;
        this.reader = reader;
        this.index = index;
        this.stored = stored;
        stream = source.stream;
        profileDropped = source.profileDropped;
        cutOff = CutOff.of(kind, path, tiff);
        orientation = index == 0
                ? orientation(path)
                : tiff.map(TiffDirectory::orientation).orElse(Orientation.UPRIGHT);
    }

    /** Where the decoder reads from. */
    private record Source(ImageInputStream stream, boolean profileDropped) {}

    /**
     * Opens a file.
     *
     * @param page which of its pictures, from 1
     * @param budget closes it when its time is over
     */
    static PictureFile open(Path path, int page, Budget budget) throws FileProblem, IOException {
        checkThere(path);
        PictureKind kind = PictureKind.of(path);
        int index = kind == PictureKind.TIFF && page > 1 ? TiffPages.index(path, page) : 0;
        if (kind != PictureKind.TIFF && page > 1) {
            throw new FileProblem(path + " holds one picture, and no page " + page + ".");
        }
        Optional<TiffDirectory> tiff = kind == PictureKind.TIFF ? TiffDirectory.of(path, index) : Optional.empty();
        if (kind == PictureKind.JPEG_XL) {
            throw new FileProblem(
                    path
                            + " is a JPEG XL picture, which cannot be decoded; convert it to PNG or AVIF, which keep its quality.");
        }
        Source source = source(path, kind, tiff);
        budget.closing(source.stream);
        ImageReader reader = Decoders.of(source.stream)
                .orElseThrow(() ->
                        new FileProblem(path + " is not a picture that can be read; it must be " + READABLE + "."));
        budget.closing((AutoCloseable) reader::dispose);
        budget.closing((AutoCloseable) reader::abort);
        reader.setInput(source.stream, index == 0, false);
        Size claimed = claimedSize(path, reader, index);
        budget.extendFor(claimed.area());
        return new PictureFile(path, kind, tiff, source, reader, index, claimed);
    }

    private static Source source(Path path, PictureKind kind, Optional<TiffDirectory> tiff)
            throws FileProblem, IOException {
        if (kind == PictureKind.RAW) {
            return new Source(new ByteArrayImageInputStream(RawPreview.of(path)), false);
        }
        Optional<Mended> mended = Mended.of(kind, path, tiff);
        if (mended.isPresent()) {
            return new Source(
                    new ByteArrayImageInputStream(mended.get().bytes()),
                    mended.get().profileDropped());
        }
        ImageInputStream stream = ImageIO.createImageInputStream(path.toFile());
        if (stream == null) {
            throw new FileProblem(path + " cannot be opened; check that you may read it.");
        }
        return new Source(stream, false);
    }

    /** What is to be known of a file that can be read; empty when all is well. */
    Optional<String> remark() {
        if (kind == PictureKind.RAW) {
            return Optional.of("is camera raw; its preview of " + stored + " px is shown.");
        }
        if (cutOff) {
            return Optional.of("is damaged: it ends before its pixels do; what is there is shown.");
        }
        return profileDropped
                ? Optional.of("has a broken colour profile; its colours are read as sRGB.")
                : Optional.empty();
    }

    boolean profileDropped() {
        return profileDropped;
    }

    static void checkThere(Path path) throws FileProblem {
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

    private static Size claimedSize(Path path, ImageReader reader, int index) throws IOException, FileProblem {
        int width = reader.getWidth(index);
        int height = reader.getHeight(index);
        checkSize(path, width, height);
        return new Size(width, height);
    }

    /** Refuses what nobody can mean, and what there is no room for. */
    static void checkSize(Path path, int width, int height) throws FileProblem {
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
        refuseImplausible(path, width, height);
    }

    /**
     * A few bytes can claim a huge picture, and a decoder believes them. No picture worth using is packed that densely: even one
     * of a single colour takes more in every format but the barest.
     */
    private static void refuseImplausible(Path path, int width, int height) throws FileProblem {
        long pixels = (long) width * height;
        long bytes = path.toFile().length();
        if (pixels > SURELY_POSSIBLE && pixels / MOST_PIXELS_PER_BYTE > bytes) {
            throw new FileProblem(path + " says it is " + width + " × " + height + " pixels but has only " + bytes
                    + " bytes; it is damaged.");
        }
        long memory = Runtime.getRuntime().maxMemory();
        if (pixels * BYTES_PER_PIXEL > memory) {
            throw new FileProblem(path + " says it is " + width + " × " + height
                    + " pixels, too large for the memory that this program may take (" + (memory >> 20) + " MB).");
        }
    }

    static FileProblem damaged(Path path, @Nullable Throwable cause) {
        return new FileProblem(path + " is damaged or cut off; copy it again from its source.", cause);
    }

    /** A file without readable metadata stands upright. */
    private static Orientation orientation(Path path) {
        try {
            var exif = ImageMetadataReader.readMetadata(path.toFile()).getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer tag = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
            return tag == null ? Orientation.UPRIGHT : Orientation.ofTag(tag);
        } catch (ImageProcessingException | IOException | RuntimeException | StackOverflowError e) {
            return Orientation.UPRIGHT;
        }
    }
}
