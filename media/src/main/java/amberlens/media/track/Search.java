package amberlens.media.track;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.opencv.core.Core;
import org.opencv.core.Mat;
import org.opencv.core.Point;
import org.opencv.core.Scalar;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;

/** Looks for something in a whole picture, by the correlation of a general library on a small copy; what it finds is then looked at closely. */
final class Search {
    private static final int SHRUNK = 4;
    private static final int MOST = 5;
    private static final double[] SIZES = {1, 0.84, 1.19};

    private record Guess(Placing placing, double score) {}

    /** Places where something may be, the likeliest first. */
    List<Placing> places(Grey frame, Likeness look, Placing last) {
        Mat small = shrunk(frame.image());
        List<Guess> guesses = new ArrayList<>();
        for (double size : SIZES) {
            Placing sized = last.scaled(size);
            int side = (int) Math.ceil(2 * look.radius() * sized.scale() / SHRUNK);
            if (side < 5 || side >= Math.min(small.cols(), small.rows())) {
                continue;
            }
            Mat template = shrunk(
                    look.set(sized.movedTo(side * SHRUNK / 2.0, side * SHRUNK / 2.0), side * SHRUNK, side * SHRUNK));
            var scores = new Mat();
            Imgproc.matchTemplate(small, template, scores, Imgproc.TM_CCOEFF_NORMED);
            addBest(scores, sized, side, guesses);
            template.release();
            scores.release();
        }
        small.release();
        guesses.sort(Comparator.comparingDouble(guess -> -guess.score));
        return guesses.stream().limit(MOST).map(Guess::placing).toList();
    }

    /** The best places that are half a side apart. */
    private static void addBest(Mat scores, Placing sized, int side, List<Guess> guesses) {
        for (int i = 0; i < MOST; i++) {
            Core.MinMaxLocResult best = Core.minMaxLoc(scores);
            if (best.maxVal <= 0) {
                return;
            }
            guesses.add(new Guess(
                    sized.movedTo((best.maxLoc.x + side / 2.0) * SHRUNK, (best.maxLoc.y + side / 2.0) * SHRUNK),
                    best.maxVal));
            double apart = Math.max(2, side / 2);
            Imgproc.rectangle(
                    scores,
                    new Point(best.maxLoc.x - apart, best.maxLoc.y - apart),
                    new Point(best.maxLoc.x + apart, best.maxLoc.y + apart),
                    new Scalar(-1),
                    Imgproc.FILLED);
        }
    }

    private static Mat shrunk(Shades image) {
        Mat whole = Mats.of(image);
        var small = new Mat();
        Imgproc.resize(
                whole,
                small,
                new Size(Math.max(1, image.width() / SHRUNK), Math.max(1, image.height() / SHRUNK)),
                0,
                0,
                Imgproc.INTER_AREA);
        whole.release();
        return small;
    }
}
