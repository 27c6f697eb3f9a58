package amberlens.media.marks;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.media.vision.Images;
import org.opencv.core.Mat;

/** How likely places of a box are of the person in it. */
public final class PersonMask {
    /** The longer side of what is looked at. */
    private static final double SIDE = 512;

    private PersonMask() {}

    /**
     * Takes some tenths of a second.
     *
     * @return a square of cells over the box, row by row, 0 … 1
     */
    public static float[] of(Pyramid picture, PictureBox box) {
        double wanted = Math.min(1, SIDE / Math.max(box.width(), box.height()));
        int level = 0;
        while (level + 1 < picture.levels() && Math.scalb(1.0, -level - 1) >= wanted) {
            level++;
        }
        Raster reduced = picture.level(level);
        double times = Math.scalb(1.0, -level);
        int left = (int) Math.clamp(Math.floor(box.left() * times), 0, reduced.width() - 1);
        int top = (int) Math.clamp(Math.floor(box.top() * times), 0, reduced.height() - 1);
        int width = (int) Math.clamp(Math.round(box.width() * times), 1, reduced.width() - left);
        int height = (int) Math.clamp(Math.round(box.height() * times), 1, reduced.height() - top);
        Mat image = Images.rgb(reduced, left, top, width, height);
        Mat likely = new Segmenter().look(image);
        float[] cells = new float[Segmenter.SIDE * Segmenter.SIDE];
        likely.get(0, 0, cells);
        image.release();
        likely.release();
        return cells;
    }
}
