package amberlens.media.picture;

import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import amberlens.core.render.LinearRaster;
import amberlens.core.render.Rows;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;

/** Reads pictures of every supported format into linear light, upright, in sRGB primaries. */
public final class PictureReader {
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
        try (var file = PictureFile.open(path)) {
            var type = file.reader.getRawImageType(0);
            if (type == null) {
                type = file.reader.getImageTypes(0).next();
            }
            ColorModel model = type.getColorModel();
            return new PictureInfo(
                    file.reader.getFormatName().toUpperCase(Locale.ROOT),
                    file.orientation.upright(file.stored),
                    model.getComponentSize(0),
                    colour(model, profile(file.reader)),
                    file.orientation);
        } catch (IOException | RuntimeException e) {
            throw PictureFile.damaged(path, e);
        }
    }

    /** The upright size of a picture, from its header alone. */
    public static Size size(Path path) throws FileProblem {
        try (var file = PictureFile.open(path)) {
            return file.orientation.upright(file.stored);
        }
    }

    /**
     * All pixels of a picture.
     *
     * @throws FileProblem when it is not a readable picture, damaged, cut off or too large
     */
    public static LinearRaster read(Path path, Rows rows) throws FileProblem {
        try (var file = PictureFile.open(path)) {
            List<String> warnings = new ArrayList<>();
            file.reader.addIIOReadWarningListener((_, warning) -> warnings.add(warning));
            BufferedImage image = file.reader.read(0);
            if (warnings.stream().anyMatch(PictureReader::tellsOfMissingData)) {
                throw PictureFile.damaged(path, null);
            }
            return ToLinear.convert(image, profile(file.reader), file.orientation, rows);
        } catch (IOException | RuntimeException e) {
            throw PictureFile.damaged(path, e);
        } catch (OutOfMemoryError e) {
            throw new FileProblem(path + " is too large for the memory of this machine.", e);
        }
    }

    private static boolean tellsOfMissingData(String warning) {
        String lower = warning.toLowerCase(Locale.ROOT);
        return lower.contains("premature") || lower.contains("truncat") || lower.contains("corrupt");
    }

    /** A profile that the reader itself leaves aside: PNG carries it in a chunk of its own. */
    private static Optional<byte[]> profile(ImageReader reader) throws IOException {
        if (!reader.getFormatName().equalsIgnoreCase("png")) {
            return Optional.empty();
        }
        return PngProfile.of(reader.getImageMetadata(0));
    }

    private static String colour(ColorModel model, Optional<byte[]> chunk) {
        String base =
                switch (model.getColorSpace().getType()) {
                    case ColorSpace.TYPE_GRAY -> "grey";
                    case ColorSpace.TYPE_CMYK -> "CMYK";
                    default -> model instanceof java.awt.image.IndexColorModel ? "palette" : "RGB";
                };
        boolean own =
                chunk.isPresent() || ToLinear.ownProfile(model.getColorSpace()).isPresent();
        return base + (model.hasAlpha() ? " with alpha" : "") + (own ? ", ICC profile" : "");
    }
}
