package amberlens.media.picture;

import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.IndexColorModel;
import java.awt.image.Raster;

/** Rows of an image as 16-bit codes of red, green, blue and alpha; grey stands in all three colours. */
abstract class SampleRows {
    /** How many colour components the codes really hold: 1 for grey, 3 for colour. */
    abstract int colours();

    /** Fills four codes per pixel. */
    abstract void read(int y, int[] rgba);

    static SampleRows of(BufferedImage image) {
        ColorModel model = image.getColorModel();
        int colours = model.getNumColorComponents();
        if (model instanceof IndexColorModel || (colours != 1 && colours != 3)) {
            return new ByColour(image);
        }
        boolean bytes = image.getRaster().getTransferType() == DataBuffer.TYPE_BYTE
                && image.getRaster().getNumDataElements() == image.getRaster().getNumBands()
                && model.getComponentSize(0) == 8;
        return bytes ? new OfBytes(image) : new OfSamples(image);
    }

    /** Palettes and rare models, through their 8-bit colours. */
    private static final class ByColour extends SampleRows {
        private final BufferedImage image;
        private final int[] argb;

        ByColour(BufferedImage image) {
            this.image = image;
            argb = new int[image.getWidth()];
        }

        @Override
        int colours() {
            return 3;
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

    /** The common case: 8-bit components side by side. */
    private static final class OfBytes extends SampleRows {
        private final Raster raster;
        private final int bands;
        private final byte[] row;

        OfBytes(BufferedImage image) {
            raster = image.getRaster();
            bands = raster.getNumBands();
            row = new byte[raster.getWidth() * bands];
        }

        @Override
        int colours() {
            return bands < 3 ? 1 : 3;
        }

        @Override
        void read(int y, int[] rgba) {
            raster.getDataElements(raster.getMinX(), raster.getMinY() + y, raster.getWidth(), 1, row);
            boolean grey = bands < 3;
            boolean alpha = bands == 2 || bands == 4;
            for (int x = 0, at = 0; x < raster.getWidth(); x++, at += bands) {
                rgba[4 * x] = (row[at] & 0xFF) * 257;
                rgba[4 * x + 1] = (row[grey ? at : at + 1] & 0xFF) * 257;
                rgba[4 * x + 2] = (row[grey ? at : at + 2] & 0xFF) * 257;
                rgba[4 * x + 3] = alpha ? (row[at + bands - 1] & 0xFF) * 257 : 65535;
            }
        }
    }

    /** Components of any depth up to 16 bits, packed or not. */
    private static final class OfSamples extends SampleRows {
        private final Raster raster;
        private final int bands;
        private final int[] largest;
        private final int[] row;

        OfSamples(BufferedImage image) {
            raster = image.getRaster();
            bands = raster.getNumBands();
            largest = new int[bands];
            for (int band = 0; band < bands; band++) {
                largest[band] = (1 << Math.min(16, image.getColorModel().getComponentSize(band))) - 1;
            }
            row = new int[raster.getWidth() * bands];
        }

        @Override
        int colours() {
            return bands < 3 ? 1 : 3;
        }

        @Override
        void read(int y, int[] rgba) {
            raster.getPixels(raster.getMinX(), raster.getMinY() + y, raster.getWidth(), 1, row);
            boolean grey = bands < 3;
            boolean alpha = bands == 2 || bands == 4;
            for (int x = 0, at = 0; x < raster.getWidth(); x++, at += bands) {
                rgba[4 * x] = code(at, 0);
                rgba[4 * x + 1] = grey ? rgba[4 * x] : code(at, 1);
                rgba[4 * x + 2] = grey ? rgba[4 * x] : code(at, 2);
                rgba[4 * x + 3] = alpha ? code(at, bands - 1) : 65535;
            }
        }

        private int code(int at, int band) {
            return (int) ((long) row[at + band] * 65535 / largest[band]);
        }
    }
}
