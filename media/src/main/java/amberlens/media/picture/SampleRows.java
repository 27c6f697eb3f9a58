package amberlens.media.picture;

import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.IndexColorModel;
import java.awt.image.Raster;
import java.util.Optional;
import java.util.stream.IntStream;

/** Rows of an image as 16-bit codes of red, green, blue and alpha; grey stands in all three colours. */
abstract class SampleRows {
    private final int colours;

    private SampleRows(int colours) {
        this.colours = colours;
    }

    /** How many colour components the codes really hold: 1 for grey, 3 for colour. */
    int colours() {
        return colours;
    }

    /** Whether all codes are those of bytes. */
    boolean ofBytes() {
        return false;
    }

    /** Whether every alpha is full. */
    boolean opaque() {
        return false;
    }

    /** Fills four codes per pixel. */
    abstract void read(int y, int[] rgba);

    /**
     * @param premultiplied whether colours were multiplied by the alpha, though the image does not know of it
     */
    static SampleRows of(BufferedImage image, Optional<TiffDirectory> tiff, boolean premultiplied) {
        ColorModel model = image.getColorModel();
        int colours = model.getNumColorComponents();
        Raster raster = image.getRaster();
        boolean palette = model instanceof IndexColorModel || raster.getNumBands() < colours;
        if (palette || (colours != 1 && colours != 3)) {
            return new ByColour(image);
        }
        int type = raster.getTransferType();
        int extra = raster.getNumBands() - colours;
        int alpha = extra == 0
                ? -1
                : colours + Math.clamp(tiff.map(TiffDirectory::alpha).orElse(0), 0, extra - 1);
        boolean bytes = type == DataBuffer.TYPE_BYTE
                && raster.getNumDataElements() == raster.getNumBands()
                && model.getComponentSize(0) == 8;
        if (bytes && !premultiplied) {
            return new OfBytes(raster, colours, alpha);
        }
        boolean wide = type == DataBuffer.TYPE_INT || type == DataBuffer.TYPE_FLOAT || type == DataBuffer.TYPE_DOUBLE;
        boolean packed = raster.getNumDataElements() != raster.getNumBands();
        if ((wide && !packed) || premultiplied) {
            return new OfNumbers(
                    image,
                    colours,
                    alpha,
                    premultiplied,
                    tiff.filter(TiffDirectory::swapsThreeBytes).isPresent());
        }
        return new OfSamples(image, colours, alpha);
    }

    /** Palettes and rare models, through their 8-bit colours. */
    private static final class ByColour extends SampleRows {
        private final BufferedImage image;
        private final int[] argb;

        ByColour(BufferedImage image) {
            super(3);
            this.image = image;
            argb = new int[image.getWidth()];
        }

        @Override
        boolean ofBytes() {
            return true;
        }

        @Override
        boolean opaque() {
            return !image.getColorModel().hasAlpha();
        }

        @Override
        void read(int y, int[] rgba) {
            image.getRGB(0, y, argb.length, 1, argb, 0, argb.length);
            for (int x = 0; x < argb.length; x++) {
                rgba[4 * x] = (argb[x] >> 16 & 0xFF) * 257;
                rgba[4 * x + 1] = (argb[x] >> 8 & 0xFF) * 257;
                rgba[4 * x + 2] = (argb[x] & 0xFF) * 257;
                rgba[4 * x + 3] = (argb[x] >>> 24) * 257;
            }
        }
    }

    /** Components in bands of their own, one of which may be the alpha. */
    private abstract static class OfBands extends SampleRows {
        final Raster raster;
        final int bands;
        /** The band of the alpha, or -1. */
        final int alpha;

        OfBands(Raster raster, int colours, int alpha) {
            super(colours);
            this.raster = raster;
            this.alpha = alpha;
            bands = raster.getNumBands();
        }

        @Override
        boolean opaque() {
            return alpha < 0;
        }
    }

    /** The common case: 8-bit components side by side. */
    private static final class OfBytes extends OfBands {
        private final byte[] row;

        OfBytes(Raster raster, int colours, int alpha) {
            super(raster, colours, alpha);
            row = new byte[raster.getWidth() * bands];
        }

        @Override
        boolean ofBytes() {
            return true;
        }

        @Override
        void read(int y, int[] rgba) {
            raster.getDataElements(raster.getMinX(), raster.getMinY() + y, raster.getWidth(), 1, row);
            int green = colours() == 1 ? 0 : 1;
            int blue = colours() == 1 ? 0 : 2;
            for (int x = 0, at = 0; x < raster.getWidth(); x++, at += bands) {
                rgba[4 * x] = (row[at] & 0xFF) * 257;
                rgba[4 * x + 1] = (row[at + green] & 0xFF) * 257;
                rgba[4 * x + 2] = (row[at + blue] & 0xFF) * 257;
                rgba[4 * x + 3] = alpha < 0 ? 65535 : (row[at + alpha] & 0xFF) * 257;
            }
        }
    }

    /** Components of any depth up to 16 bits, packed or not. */
    private static final class OfSamples extends OfBands {
        private final int[] largest;
        private final int[] row;

        OfSamples(BufferedImage image, int colours, int alpha) {
            super(image.getRaster(), colours, alpha);
            largest = new int[bands];
            ColorModel model = image.getColorModel();
            for (int band = 0; band < bands; band++) {
                int bits = model.getComponentSize(Math.min(band, model.getNumComponents() - 1));
                largest[band] = (1 << Math.min(16, bits)) - 1;
            }
            row = new int[raster.getWidth() * bands];
        }

        /** Codes of 1, 2, 4 and 8 bits are whole codes of bytes. */
        @Override
        boolean ofBytes() {
            return IntStream.of(largest).allMatch(code -> 255 % code == 0);
        }

        @Override
        void read(int y, int[] rgba) {
            raster.getPixels(raster.getMinX(), raster.getMinY() + y, raster.getWidth(), 1, row);
            for (int x = 0, at = 0; x < raster.getWidth(); x++, at += bands) {
                rgba[4 * x] = code(at, 0);
                rgba[4 * x + 1] = colours() == 1 ? rgba[4 * x] : code(at, 1);
                rgba[4 * x + 2] = colours() == 1 ? rgba[4 * x] : code(at, 2);
                rgba[4 * x + 3] = alpha < 0 ? 65535 : code(at, alpha);
            }
        }

        private int code(int at, int band) {
            return (int) ((long) row[at + band] * 65535 / largest[band]);
        }
    }

    /**
     * Whole numbers of more than 16 bits, and floating point, of which 0 … 1 is taken as the range from black to white; with
     * colours multiplied by their alpha or not.
     */
    private static final class OfNumbers extends OfBands {
        private static final double UNSIGNED = 4294967296.0;

        private final boolean premultiplied;
        private final boolean swapped;
        private final double largest;
        private final double[] row;

        OfNumbers(BufferedImage image, int colours, int alpha, boolean premultiplied, boolean swapped) {
            super(image.getRaster(), colours, alpha);
            this.premultiplied = premultiplied;
            this.swapped = swapped;
            int type = raster.getTransferType();
            boolean floating = type == DataBuffer.TYPE_FLOAT || type == DataBuffer.TYPE_DOUBLE;
            largest = floating ? 1 : Math.pow(2, image.getColorModel().getComponentSize(0)) - 1;
            row = new double[raster.getWidth() * bands];
        }

        @Override
        void read(int y, int[] rgba) {
            raster.getPixels(raster.getMinX(), raster.getMinY() + y, raster.getWidth(), 1, row);
            for (int x = 0, at = 0; x < raster.getWidth(); x++, at += bands) {
                double opacity = alpha < 0 ? 1 : part(at + alpha);
                double factor = premultiplied && opacity > 0 ? 65535 / opacity : 65535;
                for (int c = 0; c < 3; c++) {
                    rgba[4 * x + c] = (int) Math.min(65535, Math.rint(part(at + (colours() == 1 ? 0 : c)) * factor));
                }
                rgba[4 * x + 3] = (int) Math.rint(opacity * 65535);
            }
        }

        /** A sample as a part of the largest, 0 … 1; what is not a number is black. */
        private double part(int index) {
            double value = row[index];
            if (swapped) {
                value = Integer.reverseBytes((int) value) >>> 8;
            }
            double part = (largest > 1 && value < 0 ? value + UNSIGNED : value) / largest;
            return part > 0 ? Math.min(part, 1) : 0;
        }
    }
}
