package amberlens.media.picture;

import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.drawing.DrawnWindow;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.heif.HeifPicture;
import amberlens.media.raster.DecodedPicture;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;

/** Reads pictures of every supported format into linear light, upright, in sRGB primaries. */
public final class PictureReader {
    private static final long MOST_LOOKED_THROUGH = 512L << 20;

    static {
        ImageIO.setUseCache(false);
    }

    private PictureReader() {}

    /**
     * What a file holds, from its header alone.
     *
     * @throws FileProblem when it is not a readable picture or too large
     */
    public static PictureInfo info(Path path) throws FileProblem {
        return Budget.read(path, budget -> {
            if (isDecodedHere(path)) {
                try (DecodedPicture file = opened(path)) {
                    return new PictureInfo(
                            file.format(),
                            file.orientation().upright(file.stored()),
                            file.bits(),
                            file.colour(),
                            file.orientation(),
                            file.remark());
                }
            }
            var file = PictureFile.open(path, 1, budget);
            var type = file.reader.getRawImageType(0);
            if (type == null) {
                type = file.reader.getImageTypes(0).next();
            }
            ColorModel model = type.getColorModel();
            return new PictureInfo(
                    file.reader.getFormatName().toUpperCase(Locale.ROOT),
                    file.orientation.upright(file.stored),
                    model.getComponentSize(0),
                    colour(model, file),
                    file.orientation,
                    file.remark());
        });
    }

    /**
     * The size of a picture, and what is to be known of it.
     *
     * @param size upright
     * @param remark continues the file's name; empty when all is well
     */
    public record Header(Size size, Optional<String> remark) {}

    /** How many pictures a file holds that are meant to be looked at one by one: the pages of a TIFF; 1 of all others. */
    public static int pages(Path path) throws FileProblem {
        return Budget.read(path, _ -> {
            PictureFile.checkThere(path);
            return PictureKind.of(path) == PictureKind.TIFF
                    ? Math.max(1, TiffPages.of(path).size())
                    : 1;
        });
    }

    /** Reads the header of a file's first picture alone. */
    public static Header header(Path path) throws FileProblem {
        return header(path, 1);
    }

    /**
     * Reads the header of a picture alone.
     *
     * @param page which of those in the file, from 1
     */
    public static Header header(Path path, int page) throws FileProblem {
        return Budget.read(path, budget -> {
            if (isDecodedHere(path)) {
                try (DecodedPicture file = opened(path)) {
                    return new Header(file.orientation().upright(file.stored()), file.remark());
                }
            }
            var file = PictureFile.open(path, page, budget);
            return new Header(file.orientation.upright(file.stored), file.remark());
        });
    }

    /**
     * Refuses a picture whose file ends before the picture does, as far as that is seen without decoding it.
     *
     * @throws FileProblem when it is cut off, or cannot be read
     */
    public static void requireWhole(Path path) throws FileProblem {
        Budget.read(path, _ -> {
            PictureFile.checkThere(path);
            if (Files.size(path) <= MOST_LOOKED_THROUGH
                    && FileEnd.isMissing(PictureKind.of(path), Files.readAllBytes(path))) {
                throw PictureFile.damaged(path, null);
            }
            return path;
        });
    }

    /** The upright size of a picture, from its header alone. */
    public static Size size(Path path) throws FileProblem {
        return header(path).size();
    }

    /**
     * The pixels of a picture.
     *
     * @param damaged whether the file ends before its pixels do; what is not there is transparent or black
     */
    public record Picture(Raster pixels, boolean damaged) {}

    /** All pixels of a picture that is whole, see {@link #picture}. */
    public static Raster read(Path path, Rows rows) throws FileProblem {
        return picture(path, 1, rows).pixels();
    }

    /**
     * All pixels of a picture, as far as they are there.
     *
     * @param page which of those in the file, from 1
     * @throws FileProblem when it is not a readable picture, damaged or too large, or takes too long
     */
    public static Picture picture(Path path, int page, Rows rows) throws FileProblem {
        return Budget.read(path, budget -> {
            if (isDecodedHere(path)) {
                try (DecodedPicture file = opened(path)) {
                    budget.extendFor(file.stored().area());
                    Raster pixels = file.read(rows);
                    return new Picture(pixels, file.damaged());
                }
            }
            var file = PictureFile.open(path, page, budget);
            BufferedImage image = image(file);
            return new Picture(ToRaster.convert(image, profile(file), file.tiff, file.orientation, rows), file.cutOff);
        });
    }

    /**
     * A window of a drawing; empty where the file is none.
     *
     * @throws FileProblem when it is damaged, or takes too long
     */
    public static Optional<Raster> window(Path path, DrawnWindow window, Rows rows) throws FileProblem {
        return Budget.read(path, budget -> {
            PictureFile.checkThere(path);
            if (PictureKind.of(path) != PictureKind.SVG) {
                return Optional.empty();
            }
            try (SvgPicture file = SvgPicture.of(path)) {
                PictureArea area = window.area(file.stored());
                budget.extendFor(area.size().area() * window.times() * window.times());
                return Optional.of(file.read(area, window.times(), rows));
            }
        });
    }

    /** Whether a format has a reader of its own; the others are found by what the registry of decoders knows. */
    private static boolean isDecodedHere(Path path) throws IOException, FileProblem {
        PictureFile.checkThere(path);
        PictureKind kind = PictureKind.of(path);
        return kind == PictureKind.HEIF || kind == PictureKind.SVG;
    }

    private static DecodedPicture opened(Path path) throws IOException, FileProblem {
        return PictureKind.of(path) == PictureKind.SVG ? SvgPicture.of(path) : new HeifPicture(path);
    }

    private static BufferedImage image(PictureFile file) throws IOException, FileProblem {
        if (file.cutOff) {
            return whatIsThere(file);
        }
        List<String> warnings = new ArrayList<>();
        file.reader.addIIOReadWarningListener((_, warning) -> warnings.add(warning));
        BufferedImage image = file.reader.read(file.index);
        if (warnings.stream().anyMatch(PictureReader::tellsOfMissingData)) {
            throw PictureFile.damaged(file.path, null);
        }
        return image;
    }

    /** Decodes into an image that is kept when the decoder gives up. */
    private static BufferedImage whatIsThere(PictureFile file) throws IOException {
        ImageReadParam into = file.reader.getDefaultReadParam();
        BufferedImage image = file.reader
                .getImageTypes(file.index)
                .next()
                .createBufferedImage(file.stored.width(), file.stored.height());
        into.setDestination(image);
        try {
            return file.reader.read(file.index, into);
        } catch (IOException | RuntimeException _) {
            return image;
        }
    }

    private static boolean tellsOfMissingData(String warning) {
        String lower = warning.toLowerCase(Locale.ROOT);
        return lower.contains("premature") || lower.contains("truncat") || lower.contains("corrupt");
    }

    /** A profile that the reader itself leaves aside: PNG carries it in a chunk of its own. */
    private static Optional<byte[]> profile(PictureFile file) throws IOException {
        if (file.kind != PictureKind.PNG || file.profileDropped()) {
            return Optional.empty();
        }
        return PngChunks.profile(Files.readAllBytes(file.path));
    }

    private static String colour(ColorModel model, PictureFile file) throws IOException {
        String base =
                switch (model.getColorSpace().getType()) {
                    case ColorSpace.TYPE_GRAY -> "grey";
                    case ColorSpace.TYPE_CMYK -> "CMYK";
                    default -> model instanceof java.awt.image.IndexColorModel ? "palette" : "RGB";
                };
        boolean own = profile(file).isPresent()
                || ToRaster.ownProfile(model.getColorSpace()).isPresent();
        boolean alpha =
                model.hasAlpha() || file.tiff.filter(tiff -> tiff.alpha() >= 0).isPresent();
        String profile = file.profileDropped() ? ", broken ICC profile (read as sRGB)" : own ? ", ICC profile" : "";
        return base + (alpha ? " with alpha" : "") + profile;
    }
}
