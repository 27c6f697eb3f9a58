package amberlens.media.planes;

import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.vision.Vision;
import java.util.List;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.imgproc.Imgproc;
import org.opencv.photo.Photo;

/**
 * What is painted in the place of planes, made from what is around them by the library's inpainting (M. Bertalmío, A. Bertozzi and
 * G. Sapiro, <em>Navier–Stokes, Fluid Dynamics, and Image and Video Inpainting</em>, 2001). It is made on a reduced picture: the deeper one looks behind a plane, the less
 * is known of what is there, and a finer guess would be no better one.
 */
final class Filling {
    /** The longer side of the reduced picture where what is around goes on. */
    private static final int FINE = 1200;

    /** Likewise where colours run into each other. */
    private static final int COARSE = 96;

    private static final double RADIUS = 4;
    private static final double BLUR = 1.2;
    private static final int WHITE = 255;

    /** A square of which a smaller part is opaque is as good as transparent. */
    private static final float LEAST_OPAQUE = 0.02f;

    private final PictureArea area;
    private final int step;
    private final int width;
    private final int height;
    private final byte[] codes;

    private Filling(PictureArea area, int step, int width, int height, byte[] codes) {
        this.area = area;
        this.step = step;
        this.width = width;
        this.height = height;
        this.codes = codes;
    }

    /** What is around the holes goes on in them. */
    static Filling goingOn(Raster picture, PictureArea area, List<Hole> holes, Rows rows) {
        return of(picture, area, holes, rows, FINE);
    }

    /** The colours around the holes run into each other. */
    static Filling spread(Raster picture, PictureArea area, List<Hole> holes, Rows rows) {
        return of(picture, area, holes, rows, COARSE);
    }

    private static Filling of(Raster picture, PictureArea area, List<Hole> holes, Rows rows, int longest) {
        Vision.require();
        Size size = area.size();
        int step = Math.max(1, Math.ceilDiv(Math.max(size.width(), size.height()), longest));
        int width = Math.ceilDiv(size.width(), step);
        int height = Math.ceilDiv(size.height(), step);
        byte[] codes = new byte[3 * width * height];
        byte[] mask = new byte[width * height];
        rows.inBands(height, (first, last) -> {
            reduce(picture, area, step, codes, mask, first, last);
            mask(holes, area, step, mask, first, last);
        });
        Mat image = new Mat(height, width, CvType.CV_8UC3);
        Mat missing = new Mat(height, width, CvType.CV_8UC1);
        Mat filled = new Mat();
        image.put(0, 0, codes);
        missing.put(0, 0, mask);
        Photo.inpaint(image, missing, filled, RADIUS, Photo.INPAINT_NS);
        Imgproc.GaussianBlur(filled, filled, new org.opencv.core.Size(0, 0), BLUR); // it leaves streaks
        filled.get(0, 0, codes);
        image.release();
        missing.release();
        filled.release();
        return new Filling(area, step, width, height, codes);
    }

    /**
     * The mean light of what is opaque in squares: light is premultiplied, and what is transparent is no black. A square in which nothing is
     * has no colour of its own, and is filled.
     */
    private static void reduce(
            Raster picture, PictureArea area, int step, byte[] codes, byte[] mask, int first, int last) {
        Loops loops = Loops.best();
        int across = area.size().width();
        int width = Math.ceilDiv(across, step);
        float[] row = new float[4 * across + Loops.SPARE];
        for (int y = first; y < last; y++) {
            float[] sums = new float[4 * width];
            int lines = Math.min(step, area.size().height() - y * step);
            for (int line = 0; line < lines; line++) {
                picture.read(loops, area.left(), area.top() + y * step + line, across, row, 0);
                for (int x = 0; x < across; x++) {
                    for (int part = 0; part < 4; part++) {
                        sums[x / step * 4 + part] += row[4 * x + part];
                    }
                }
            }
            for (int x = 0; x < width; x++) {
                int columns = Math.min(step, across - x * step);
                float opaque = sums[4 * x + 3];
                boolean nothing = opaque < LEAST_OPAQUE * lines * columns;
                mask[y * width + x] = (byte) (nothing ? WHITE : 0);
                for (int part = 0; part < 3; part++) {
                    codes[3 * (y * width + x) + part] =
                            (byte) (nothing ? 0 : Srgb.encoded8(sums[4 * x + part] / opaque));
                }
            }
        }
    }

    /** Which squares are to be filled: all that something of a plane may be in. */
    private static void mask(List<Hole> holes, PictureArea area, int step, byte[] mask, int first, int last) {
        int width = Math.ceilDiv(area.size().width(), step);
        for (int y = first; y < last; y++) {
            for (int x = 0; x < width; x++) {
                double atX = area.left() + (x + 0.5) * step;
                double atY = area.top() + (y + 0.5) * step;
                boolean within = holes.stream().anyMatch(hole -> hole.begins(atX, atY, step));
                mask[y * width + x] = (byte) (within ? WHITE : mask[y * width + x]);
            }
        }
    }

    /** The colour of a pixel of the picture, 0xBBGGRR. */
    int code(int x, int y) {
        double atX = Math.clamp((x + 0.5 - area.left()) / step - 0.5, 0, width - 1.0);
        double atY = Math.clamp((y + 0.5 - area.top()) / step - 0.5, 0, height - 1.0);
        int left = Math.min((int) atX, Math.max(0, width - 2));
        int top = Math.min((int) atY, Math.max(0, height - 2));
        int right = Math.min(left + 1, width - 1);
        int below = Math.min(top + 1, height - 1);
        int code = 0;
        for (int part = 0; part < 3; part++) {
            double above = mixed(top, left, right, atX - left, part);
            double under = mixed(below, left, right, atX - left, part);
            code |= (int) Math.round(above + (atY - top) * (under - above)) << 8 * part;
        }
        return code;
    }

    private double mixed(int y, int left, int right, double part, int colour) {
        int from = codes[3 * (y * width + left) + colour] & 0xFF;
        int to = codes[3 * (y * width + right) + colour] & 0xFF;
        return from + part * (to - from);
    }
}
