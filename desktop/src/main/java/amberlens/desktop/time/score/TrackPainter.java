package amberlens.desktop.time.score;

import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.desktop.kit.style.Palette;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;

/** Paints how sure it is, frame by frame, where the subject of footage is: a ribbon as thick as it is sure, broken where it is a guess. */
final class TrackPainter {
    private static final double THINNEST = 2;

    private TrackPainter() {}

    static void paint(Painting on) {
        Optional<Track> track = on.services().tracks().of(on.shot());
        if (track.isEmpty()) {
            return;
        }
        ScoreLayout plan = on.plan();
        GraphicsContext pen = on.pen();
        double top = plan.trackTop();
        pen.setFill(Palette.GROUND.colour());
        pen.fillRect(0, top, plan.width(), ScoreLayout.TRACK);
        pen.setStroke(Palette.LINE.colour());
        pen.setLineWidth(1);
        pen.strokeLine(0, Math.floor(top) + 0.5, plan.width(), Math.floor(top) + 0.5);
        List<Spot> spots = on.services().tracks().spots(on.shot());
        long guessed = spots.stream().filter(Spot::weak).count();
        CheckPainter.head(
                on,
                track.get().name(),
                on.services().tracks().isRunning() ? "tracking …" : words(spots, guessed),
                guessed > 0 ? Palette.PALE.colour() : Palette.MUTED.colour(),
                top + ScoreLayout.TRACK / 2);
        CheckPainter.clipped(on, top, ScoreLayout.TRACK, () -> ribbon(on, spots, top + ScoreLayout.TRACK / 2));
    }

    private static String words(List<Spot> spots, long guessed) {
        double sure = spots.stream().mapToDouble(Spot::confidence).average().orElse(0);
        return guessed > 0 ? "uncertain in " + guessed + " f" : String.format(Locale.ROOT, "sure, %.0f %%", 100 * sure);
    }

    private static void ribbon(Painting on, List<Spot> spots, double middle) {
        ScoreLayout plan = on.plan();
        GraphicsContext pen = on.pen();
        int step = Math.max(1, (int) Math.floor(2 / plan.perFrame()));
        for (int frame = 0; frame < spots.size(); frame += step) {
            double least = 1;
            for (int at = frame; at < Math.min(spots.size(), frame + step); at++) {
                least = Math.min(least, spots.get(at).confidence());
            }
            double from = plan.x(frame);
            double width = plan.x(Math.min(spots.size(), frame + step)) - from + 0.5;
            if (least < Spot.WEAK) {
                pen.setFill(Palette.faint(Palette.PALE.colour(), 0.6));
                pen.fillRect(from, middle - 0.5, width, 1);
                pen.fillRect(from, middle - 4, Math.max(1, width / 3), 8);
            } else {
                double half = (THINNEST + (ScoreLayout.TRACK - 8 - THINNEST) * least) / 2;
                pen.setFill(Palette.SEA.colour());
                pen.fillRect(from, middle - half, width, 2 * half);
            }
        }
    }
}
