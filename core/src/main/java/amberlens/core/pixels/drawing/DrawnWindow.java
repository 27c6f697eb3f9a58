package amberlens.core.pixels.drawing;

import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import java.util.Optional;

/**
 * A part of a drawing that is drawn larger than the rest, for a move that looks closely. Windows lie in rows and columns and overlap by half,
 * so that whatever is seen at a level lies within one of them, and a move goes on in the same window for a while.
 *
 * @param tall whether windows are higher than wide, as the output is
 * @param level every pixel of the picture is 2ˡᵉᵛᵉˡ pixels wide in it, 1 … {@value #FINEST}
 * @param column from 0
 * @param row from 0
 */
public record DrawnWindow(boolean tall, int level, int column, int row) {
    /** 64 times as large. */
    public static final int FINEST = 6;

    /**
     * How far it is from one window to the next along the longer side, in its own pixels; each is twice as wide and high. An output of
     * 1920 × 1080 that is not turned, or not much, is never enlarged beyond what is enough; a window has 28 million pixels at most.
     */
    private static final int LONG_STEP = 3264;

    private static final int SHORT_STEP = 2176;

    /** Up to this much enlarged, as a power of two, the next finer level would not be seen to be better: to 119 %. */
    private static final double ENOUGH = 0.25;

    private static final int MOST = 4096;

    public DrawnWindow {
        if (level < 1 || level > FINEST || column < 0 || column >= MOST || row < 0 || row >= MOST) {
            throw new IllegalArgumentException("there is no window " + column + ", " + row + " at level " + level);
        }
    }

    /**
     * The window for what is seen; empty where the drawing as it is will do, or where it leans.
     *
     * @param toOutput from the picture's pixels to those of the output
     */
    public static Optional<DrawnWindow> of(ProjectiveMap toOutput, Size picture, Size output) {
        double determinant = toOutput.determinant();
        if (!toOutput.isAffine() || determinant == 0 || !Double.isFinite(determinant)) {
            return Optional.empty();
        }
        ProjectiveMap back = toOutput.inverse();
        double[] across = seen(back.xx(), back.xy(), back.dx(), back.ww(), output, picture.width());
        double[] down = seen(back.yx(), back.yy(), back.dy(), back.ww(), output, picture.height());
        boolean tall = output.height() > output.width();
        double wide = (across[1] - across[0]) / (tall ? SHORT_STEP : LONG_STEP);
        double high = (down[1] - down[0]) / (tall ? LONG_STEP : SHORT_STEP);
        int level = Math.min(FINEST, (int) Math.ceil(Math.log(toOutput.mostStretch(0, 0)) / Math.log(2) - ENOUGH));
        while (level > 0 && Math.max(wide, high) * Math.scalb(1.0, level) > 1) {
            level--;
        }
        if (level <= 0 || wide <= 0 || high <= 0) {
            return Optional.empty();
        }
        var first = new DrawnWindow(tall, level, 0, 0);
        return Optional.of(new DrawnWindow(
                tall, level, (int) (across[0] / first.stepAcross()), (int) (down[0] / first.stepDown())));
    }

    /** From where to where the picture is seen in one direction. */
    private static double[] seen(double x, double y, double by, double w, Size output, int end) {
        double least = by + Math.min(0, x * output.width()) + Math.min(0, y * output.height());
        double greatest = by + Math.max(0, x * output.width()) + Math.max(0, y * output.height());
        return new double[] {Math.clamp(least / w, 0, end), Math.clamp(greatest / w, 0, end)};
    }

    private int stepAcross() {
        return (tall ? SHORT_STEP : LONG_STEP) >> level;
    }

    private int stepDown() {
        return (tall ? LONG_STEP : SHORT_STEP) >> level;
    }

    /** How many times as large as the picture it is. */
    public int times() {
        return 1 << level;
    }

    /** The part of the picture, in its pixels. */
    public PictureArea area(Size picture) {
        int left = Math.min(column * stepAcross(), picture.width() - 1);
        int top = Math.min(row * stepDown(), picture.height() - 1);
        return new PictureArea(
                left,
                top,
                new Size(
                        Math.min(2 * stepAcross(), picture.width() - left),
                        Math.min(2 * stepDown(), picture.height() - top)));
    }
}
