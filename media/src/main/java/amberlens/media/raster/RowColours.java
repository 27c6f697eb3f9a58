package amberlens.media.raster;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.ColorConvertOp;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferUShort;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;

/** Brings rows of 16-bit codes from a profile's colours to sRGB. */
public final class RowColours {
    private final ColorConvertOp conversion;
    private final WritableRaster from;
    private final WritableRaster to;
    private final int width;
    private final int components;

    /** @param width pixels of a row */
    public RowColours(ICC_Profile profile, int width) {
        this.width = width;
        components = profile.getNumComponents();
        conversion = new ColorConvertOp(new ICC_Profile[] {profile, ICC_Profile.getInstance(ColorSpace.CS_sRGB)}, null);
        from = Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, width, 1, components, null);
        to = Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, width, 1, 3, null);
    }

    /** Converts a row in place; alpha stays. */
    public void convert(int[] rgba, int colours) {
        if (colours != components) {
            return;
        }
        short[] source = ((DataBufferUShort) from.getDataBuffer()).getData();
        for (int x = 0; x < width; x++) {
            for (int c = 0; c < components; c++) {
                source[x * components + c] = (short) rgba[4 * x + c];
            }
        }
        conversion.filter(from, to);
        short[] result = ((DataBufferUShort) to.getDataBuffer()).getData();
        for (int x = 0; x < width; x++) {
            for (int c = 0; c < 3; c++) {
                rgba[4 * x + c] = result[3 * x + c] & 0xFFFF;
            }
        }
    }
}
