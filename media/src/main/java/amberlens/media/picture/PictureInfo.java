package amberlens.media.picture;

import amberlens.core.base.geometry.Size;
import amberlens.media.raster.Orientation;
import java.util.Optional;

/**
 * What a picture file holds.
 *
 * @param format the file format's name, for example {@code JPEG}
 * @param size upright, in source pixels
 * @param bits per channel
 * @param colour for people, for example {@code "RGB, ICC profile"}
 * @param remark what is to be known, to continue the file's name; empty when all is well
 * @param orientation how the stored pixels are turned
 */
public record PictureInfo(
        String format, Size size, int bits, String colour, Orientation orientation, Optional<String> remark) {
    /** Whether pixels of it may be transparent. */
    public boolean hasAlpha() {
        return colour.contains("with alpha");
    }
}
