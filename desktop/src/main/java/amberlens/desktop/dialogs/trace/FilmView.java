package amberlens.desktop.dialogs.trace;

import amberlens.core.material.trace.Stand;
import amberlens.core.material.trace.Trace;
import amberlens.core.render.frame.FrameRaster;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.Pictures;
import amberlens.desktop.kit.style.Surface;
import amberlens.desktop.work.tracking.FilmTraces.Piece;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.transform.Affine;
import javafx.scene.transform.NonInvertibleTransformException;

/** A film that plays in place over its first picture, so that what its camera did is seen: nothing in it moves but the frame. */
final class FilmView extends Surface {
    private static final double INSET = 6;

    /** It is never shown smaller than so many of its frames beside each other. */
    private static final double WIDEST = 3;

    private Optional<Piece> piece = Optional.empty();
    private final SortedMap<Integer, Image> images = new TreeMap<>();
    private Optional<Image> passing = Optional.empty();
    private Bounds world = new BoundingBox(0, 0, 1, 1);
    private int at;

    FilmView() {
        super(true);
        setFocusTraversable(false);
        setMouseTransparent(true);
        setId("trace-film");
    }

    /** What is being looked at while nothing is found yet. */
    void show(FrameRaster latest) {
        passing = Optional.of(Pictures.image(latest));
        redraw();
    }

    void show(Piece found) {
        piece = Optional.of(found);
        images.clear();
        found.pictures().forEach((frame, picture) -> images.put(frame, Pictures.image(picture)));
        world = world(found.trace());
        at = 0;
        redraw();
    }

    void clear() {
        piece = Optional.empty();
        passing = Optional.empty();
        images.clear();
        redraw();
    }

    /** @param frame counted from the first of the trace */
    void play(int frame) {
        if (frame != at) {
            at = frame;
            redraw();
        }
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        pen.setFill(Palette.GROUND.colour());
        pen.fillRect(0, 0, width, height);
        if (piece.isEmpty() || images.isEmpty()) {
            passing.ifPresent(image -> {
                double scale = Math.min(width / image.getWidth(), height / image.getHeight());
                double across = scale * image.getWidth();
                double down = scale * image.getHeight();
                pen.drawImage(image, (width - across) / 2, (height - down) / 2, across, down);
            });
            return;
        }
        Trace trace = piece.get().trace();
        Image first = images.firstEntry().getValue();
        double ratio = (double) trace.film().height() / trace.film().width();
        double scale = Math.min((width - 2 * INSET) / world.getWidth(), (height - 2 * INSET) / world.getHeight());
        var view = new Affine();
        view.appendTranslation(width / 2, height / 2);
        view.appendScale(scale, scale);
        view.appendTranslation(-world.getCenterX(), -world.getCenterY());
        pen.save();
        pen.transform(view);
        pen.setGlobalAlpha(0.45);
        pen.drawImage(first, 0, 0, 1, ratio);
        pen.setGlobalAlpha(1);
        Stand stand = trace.stands().get(Math.clamp(at, 0, trace.length() - 1));
        pen.transform(found(stand, ratio));
        int frame = trace.first() + at;
        Image now = images.headMap(frame + 1).isEmpty()
                ? first
                : images.headMap(frame + 1).lastEntry().getValue();
        pen.drawImage(now, 0, 0, 1, ratio);
        pen.setStroke(Palette.AMBER.colour());
        pen.setLineWidth(1.7 * stand.scale() / scale);
        pen.strokeRect(0, 0, 1, ratio);
        pen.restore();
    }

    /** Where the frame of the film lies in its first picture, in widths of it. */
    private static Affine found(Stand stand, double ratio) {
        var there = new Affine();
        there.appendTranslation(stand.x() + 0.5, stand.y() + ratio / 2);
        there.appendRotation(stand.degrees());
        there.appendScale(stand.scale(), stand.scale());
        there.appendTranslation(-0.5, -ratio / 2);
        try {
            return there.createInverse();
        } catch (NonInvertibleTransformException e) {
            return new Affine(); // a scale is above 0
        }
    }

    /** What all frames cover, and the first picture. */
    private static Bounds world(Trace trace) {
        double ratio = (double) trace.film().height() / trace.film().width();
        double left = 0;
        double top = 0;
        double right = 1;
        double bottom = ratio;
        for (Stand stand : trace.stands()) {
            Bounds frame = found(stand, ratio).transform(new BoundingBox(0, 0, 1, ratio));
            left = Math.min(left, frame.getMinX());
            top = Math.min(top, frame.getMinY());
            right = Math.max(right, frame.getMaxX());
            bottom = Math.max(bottom, frame.getMaxY());
        }
        double across = Math.min(WIDEST, right - left);
        double down = Math.min(WIDEST * ratio, bottom - top);
        return new BoundingBox((left + right - across) / 2, (top + bottom - down) / 2, across, down);
    }
}
