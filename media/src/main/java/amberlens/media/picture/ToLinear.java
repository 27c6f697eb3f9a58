package amberlens.media.picture;

import amberlens.core.geometry.Size;
import amberlens.core.render.LinearRaster;
import amberlens.core.render.Rows;
import amberlens.core.render.Srgb;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * From the samples of an image to linear light with premultiplied alpha.
 *
 * <p>Samples are taken as 16-bit codes. Codes of an image without a profile of its own, grey ones too, are sRGB codes,
 * as is common practice; others are brought to sRGB by the colour management of the platform, at 16 bits.
 */
final class ToLinear {
    private static final char[] LINEAR = new char[65536];

    static {
        for (int code = 0; code < 65536; code++) {
            LINEAR[code] = (char) Math.round(65535 * Srgb.toLinear(code / 65535.0));
        }
    }

    private ToLinear() {}

    static LinearRaster convert(BufferedImage image, Optional<byte[]> chunk, Orientation orientation, Rows rows) {
        if (image.isAlphaPremultiplied()) {
            image.coerceData(false);
        }
        Optional<ICC_Profile> profile = profile(image, chunk);
        var stored = new Size(image.getWidth(), image.getHeight());
        Size size = orientation.upright(stored);
        var pixels = new long[Math.toIntExact(size.area())];
        var opaque = new AtomicBoolean(true);
        rows.inBands(stored.height(), (first, last) -> {
            var samples = SampleRows.of(image);
            var toSrgb = profile.map(own -> new RowColours(own, stored.width()));
            int[] row = new int[stored.width() * 4];
            boolean bandOpaque = true;
            for (int y = first; y < last; y++) {
                samples.read(y, row);
                if (toSrgb.isPresent()) {
                    toSrgb.get().convert(row, samples.colours());
                }
                bandOpaque &= write(row, y, stored, size, orientation, pixels);
            }
            if (!bandOpaque) {
                opaque.set(false);
            }
        });
        return new LinearRaster(size, pixels, opaque.get());
    }

    /** Whether the codes of a colour space are read as sRGB codes: sRGB itself, and grey without a profile. */
    private static boolean takenAsSrgb(ColorSpace space) {
        return space.isCS_sRGB() || space.equals(ColorSpace.getInstance(ColorSpace.CS_GRAY));
    }

    private static Optional<ICC_Profile> profile(BufferedImage image, Optional<byte[]> chunk) {
        int colours = image.getColorModel().getNumColorComponents();
        if (chunk.isPresent()) {
            try {
                ICC_Profile own = ICC_Profile.getInstance(chunk.get());
                return own.getNumComponents() == colours ? Optional.of(own) : Optional.empty();
            } catch (IllegalArgumentException e) {
                return Optional.empty();
            }
        }
        return ownProfile(image.getColorModel().getColorSpace());
    }

    /** The profile of a colour space that is not simply read as sRGB codes. */
    static Optional<ICC_Profile> ownProfile(ColorSpace space) {
        boolean known = space.getType() == ColorSpace.TYPE_RGB || space.getType() == ColorSpace.TYPE_GRAY;
        return known && !takenAsSrgb(space) && space instanceof ICC_ColorSpace own
                ? Optional.of(own.getProfile())
                : Optional.empty();
    }

    private static boolean write(int[] row, int y, Size stored, Size size, Orientation turn, long[] pixels) {
        boolean opaque = true;
        for (int x = 0; x < stored.width(); x++) {
            int alpha = row[4 * x + 3];
            opaque &= alpha == 65535;
            pixels[turn.row(x, y, stored) * size.width() + turn.column(x, y, stored)] = LinearRaster.pixel(
                    premultiplied(row[4 * x], alpha),
                    premultiplied(row[4 * x + 1], alpha),
                    premultiplied(row[4 * x + 2], alpha),
                    alpha);
        }
        return opaque;
    }

    private static int premultiplied(int code, int alpha) {
        int linear = LINEAR[code];
        return alpha == 65535 ? linear : (int) ((long) linear * alpha / 65535);
    }
}
