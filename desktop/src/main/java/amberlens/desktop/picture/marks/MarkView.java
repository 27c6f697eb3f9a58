package amberlens.desktop.picture.marks;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.mark.Mark;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.MarkTools;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/**
 * The marks of a picture as they lie on the Table: four open corners around each, closed while it is kept whole always; the one under the
 * pointer and the selected one have their box and their words.
 */
public final class MarkView {
    private static final double REACH = 5;
    private static final double GRIP = 7;
    private static final double TAG = 16;

    private final MarkDesk marks;
    private final MarkTools tools;
    private final Function<PicturePoint, FramePoint> toScreen;

    public MarkView(Desk desk, MarkDesk marks, Function<PicturePoint, FramePoint> toScreen) {
        this.marks = marks;
        this.toScreen = toScreen;
        tools = desk.tools().marks();
    }

    /** A box on the screen. */
    private record Box(double left, double top, double right, double bottom) {
        boolean near(double x, double y) {
            boolean around = x >= left - REACH && x <= right + REACH && y >= top - REACH && y <= bottom + REACH;
            boolean within = x > left + REACH && x < right - REACH && y > top + REACH && y < bottom - REACH;
            return around && !within;
        }

        boolean onTag(double x, double y, double width) {
            return x >= left && x <= left + width && y >= bottom + 2 && y <= bottom + 2 + TAG;
        }
    }

    private Box box(Mark mark) {
        boolean moving = tools.dragged().isPresent() && isSelected(mark);
        PictureBox seen = marks.seen(moving ? tools.dragged().orElseThrow() : mark.box());
        FramePoint from = toScreen.apply(new PicturePoint(seen.left(), seen.top()));
        FramePoint to = toScreen.apply(new PicturePoint(seen.right(), seen.bottom()));
        return new Box(from.x(), from.y(), to.x(), to.y());
    }

    private boolean isSelected(Mark mark) {
        return tools.selected().equals(marks.named(mark));
    }

    private boolean isPointed(Mark mark) {
        return tools.pointed().equals(marks.named(mark));
    }

    /** Those that are seen, the smallest last: it lies over the others. */
    private List<Mark> seen() {
        return marks.all().stream()
                .filter(mark -> isSelected(mark) || tools.shown() && !mark.isRefused())
                .sorted(Comparator.comparingDouble((Mark mark) -> mark.box().area())
                        .reversed())
                .toList();
    }

    /**
     * Paints them.
     *
     * @param width of the surface
     * @param cut whether one is cut though it is to be kept
     */
    public void paint(GraphicsContext pen, double width, Predicate<Mark> cut) {
        for (Mark mark : seen()) {
            Color colour = cut.test(mark) ? Palette.VERMILION.colour() : Palette.SEA.colour();
            outline(pen, mark, colour);
        }
        for (Mark mark : seen()) {
            if (isSelected(mark) || isPointed(mark)) {
                tag(pen, mark, width, cut.test(mark));
            }
        }
    }

    private void outline(GraphicsContext pen, Mark mark, Color colour) {
        Box box = box(mark);
        boolean whole = isSelected(mark) || isPointed(mark) || mark.keep() == Mark.Keep.ALWAYS;
        for (boolean shade : new boolean[] {true, false}) {
            pen.setStroke(
                    shade
                            ? Palette.faint(Palette.GROUND.colour(), 0.7)
                            : Palette.faint(colour, mark.isKept() ? 1 : 0.8));
            pen.setLineWidth(shade ? 3.2 : isSelected(mark) ? 1.8 : 1.2);
            if (!mark.isKept()) {
                pen.setLineDashes(2, 3);
            }
            if (whole) {
                pen.strokeRect(box.left, box.top, box.right - box.left, box.bottom - box.top);
            } else {
                corners(pen, box);
            }
            pen.setLineDashes();
        }
        if (isSelected(mark)) {
            pen.setFill(colour);
            for (double x : new double[] {box.left, box.right}) {
                for (double y : new double[] {box.top, box.bottom}) {
                    pen.fillRect(x - 3, y - 3, 6, 6);
                }
            }
        }
    }

    private static void corners(GraphicsContext pen, Box box) {
        double across = Math.min(12, (box.right - box.left) / 3);
        double down = Math.min(12, (box.bottom - box.top) / 3);
        for (boolean right : new boolean[] {false, true}) {
            for (boolean low : new boolean[] {false, true}) {
                double x = right ? box.right : box.left;
                double y = low ? box.bottom : box.top;
                pen.strokeLine(x, y, x + (right ? -across : across), y);
                pen.strokeLine(x, y, x, y + (low ? -down : down));
            }
        }
    }

    private void tag(GraphicsContext pen, Mark mark, double width, boolean cut) {
        Box box = box(mark);
        String words = words(mark) + (cut ? ", cut here" : "");
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.85));
        double left = Math.clamp(box.left, 2, Math.max(2, width - tagWidth(words) - 2));
        pen.fillRoundRect(left, box.bottom + 2, tagWidth(words), TAG, 4, 4);
        Brush.text(
                pen,
                Fonts.text(11.5),
                cut ? Palette.OPEN_TEXT.colour() : Palette.SEA.colour(),
                words,
                left + 5,
                box.bottom + 2 + TAG / 2);
    }

    private static double tagWidth(String words) {
        return Brush.width(Fonts.text(11.5), words) + 10;
    }

    /** What it is and what is asked of it. */
    static String words(Mark mark) {
        String sure = mark.by() == Mark.By.FOUND ? String.format(Locale.ROOT, ", %.0f %% sure", 100 * mark.sure()) : "";
        return mark.kind().word()
                + sure
                + (mark.isKept() ? ", " + mark.keep().words() : mark.isRefused() ? ", does not matter" : "");
    }

    /** The one at whose border, or words, a place is; the uppermost. */
    public Optional<Mark> at(double x, double y) {
        return seen().reversed().stream()
                .filter(mark ->
                        box(mark).near(x, y) || isSelected(mark) && box(mark).onTag(x, y, tagWidth(words(mark))))
                .findFirst();
    }

    /** The one that a place lies in, the smallest first: for a menu. */
    public Optional<Mark> around(double x, double y) {
        return seen().reversed().stream()
                .filter(mark -> {
                    Box box = box(mark);
                    return x >= box.left - REACH
                            && x <= box.right + REACH
                            && y >= box.top - REACH
                            && y <= box.bottom + REACH;
                })
                .findFirst();
    }

    /** Which corner of the selected one is at a place: 0 the upper left one, then clockwise. */
    Optional<Integer> corner(Mark mark, double x, double y) {
        if (!isSelected(mark)) {
            return Optional.empty();
        }
        Box box = box(mark);
        double[][] corners = {{box.left, box.top}, {box.right, box.top}, {box.right, box.bottom}, {box.left, box.bottom}
        };
        for (int i = 0; i < corners.length; i++) {
            if (Math.hypot(corners[i][0] - x, corners[i][1] - y) <= GRIP) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }
}
