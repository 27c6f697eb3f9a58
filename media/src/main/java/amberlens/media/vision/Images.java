package amberlens.media.vision;

import amberlens.core.base.colour.Srgb;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;
import org.opencv.core.CvType;
import org.opencv.core.Mat;

/** Pictures as the general library takes them; whoever asks for one releases it. */
public final class Images {
    private Images() {}

    /** All of a picture, RGB, 8 bits. */
    public static Mat rgb(Raster picture) {
        return rgb(picture, 0, 0, picture.width(), picture.height());
    }

    /** A part of a picture, RGB, 8 bits; what shows through is on black. */
    public static Mat rgb(Raster picture, int left, int top, int width, int height) {
        Vision.require();
        byte[] codes = new byte[3 * width * height];
        float[] row = new float[4 * width + Loops.SPARE];
        Loops loops = Loops.plain();
        for (int y = 0; y < height; y++) {
            picture.read(loops, left, top + y, width, row, 0);
            for (int x = 0; x < width; x++) {
                for (int part = 0; part < 3; part++) {
                    codes[3 * (y * width + x) + part] = (byte) Srgb.encoded8(row[4 * x + part]);
                }
            }
        }
        Mat image = new Mat(height, width, CvType.CV_8UC3);
        image.put(0, 0, codes);
        return image;
    }
}
