package amberlens.media.picture;

import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.raster.IccProfiles;
import amberlens.media.raster.Orientation;
import amberlens.media.raster.RasterRows;
import amberlens.media.raster.RowColours;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.util.Optional;

/**
 * From the samples of an image to a raster.
 *
 * <p>Samples are taken as 16-bit codes. Codes of an image without a profile of its own, grey ones too, are sRGB codes,
 * as is common practice; others are brought to sRGB by the colour management of the platform, at 16 bits.
 */
final class ToRaster {
    private ToRaster() {}

    static Raster convert(
            BufferedImage image,
            Optional<byte[]> chunk,
            Optional<TiffDirectory> tiff,
            Orientation orientation,
            Rows rows) {
        boolean premultiplied = stillPremultiplied(image, tiff);
        Optional<ICC_Profile> profile = profile(image, chunk);
        var stored = new Size(image.getWidth(), image.getHeight());
        var any = SampleRows.of(image, tiff, premultiplied);
        return RasterRows.convert(stored, orientation, depth(any, profile.isPresent()), rows, () -> {
            var samples = SampleRows.of(image, tiff, premultiplied);
            var toSrgb = profile.map(own -> new RowColours(own, stored.width()));
            return new Samples(samples, toSrgb);
        });
    }

    /**
     * Whether colours are multiplied by the alpha in what the rows read; where the platform knows of it and can, it is undone at once. It
     * cannot where there are channels beside colours and alpha.
     */
    private static boolean stillPremultiplied(BufferedImage image, Optional<TiffDirectory> tiff) {
        if (!image.isAlphaPremultiplied()) {
            return tiff.filter(TiffDirectory::premultiplied).isPresent();
        }
        boolean more = image.getRaster().getNumBands() > image.getColorModel().getNumColorComponents() + 1;
        if (!more) {
            image.coerceData(false);
        }
        return more;
    }

    private record Samples(SampleRows samples, Optional<RowColours> toSrgb) implements RasterRows.Source {
        @Override
        public void read(int y, int height, int[] rgba) {
            samples.read(y, rgba);
            toSrgb.ifPresent(colours -> colours.convert(rgba, samples.colours()));
        }

        @Override
        public boolean opaque() {
            return samples.opaque();
        }
    }

    private static RasterRows.Depth depth(SampleRows samples, boolean profile) {
        if (!samples.ofBytes()) {
            return RasterRows.Depth.SIXTEEN_BITS;
        }
        if (!profile) {
            return RasterRows.Depth.EIGHT_BITS;
        }
        return samples.opaque() ? RasterRows.Depth.TEN_BITS : RasterRows.Depth.SIXTEEN_BITS;
    }

    /** Whether the codes of a colour space are read as sRGB codes: sRGB itself, and grey without a profile. */
    private static boolean takenAsSrgb(ColorSpace space) {
        return space.isCS_sRGB() || space.equals(ColorSpace.getInstance(ColorSpace.CS_GRAY));
    }

    private static Optional<ICC_Profile> profile(BufferedImage image, Optional<byte[]> chunk) {
        int colours = image.getColorModel().getNumColorComponents();
        if (chunk.isPresent()) {
            return IccProfiles.usable(chunk.get(), colours);
        }
        return ownProfile(image.getColorModel().getColorSpace()).flatMap(own -> IccProfiles.usable(own, 0));
    }

    /** The profile of a colour space that is not simply read as sRGB codes. */
    static Optional<ICC_Profile> ownProfile(ColorSpace space) {
        boolean known = space.getType() == ColorSpace.TYPE_RGB || space.getType() == ColorSpace.TYPE_GRAY;
        return known && !takenAsSrgb(space) && space instanceof ICC_ColorSpace own
                ? Optional.of(own.getProfile())
                : Optional.empty();
    }
}
