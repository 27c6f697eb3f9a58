package amberlens.desktop.time.lineup;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Timecode;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.BeatTicks;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.Surface;
import amberlens.desktop.work.services.Services;
import amberlens.desktop.work.sounds.Waves;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Paints all shots in a row, the mark of open edges, and the playhead through them. */
final class LineUpSurface extends Surface {
    /** The height of the marks of markers. */
    static final double MARKER = 9;

    private static final double READY = 2;

    private final Desk desk;
    private final Services services;
    private final LineUpView view = new LineUpView();
    private final Waves waves = new Waves();
    private final SoundHeads heads;
    private Optional<String> replaced = Optional.empty();
    private OptionalDouble dropX = OptionalDouble.empty();
    private Optional<Landing> landing = Optional.empty();

    /** Where an inset would lie. */
    record Landing(int track, int start, int length) {}

    LineUpSurface(Desk desk, Services services) {
        super(false);
        this.desk = desk;
        this.services = services;
        heads = new SoundHeads(desk);
        setAccessibleText("Line-up: all shots in a row");
    }

    LineUpLayout plan() {
        return view.layout(desk.document().project(), getWidth(), getHeight());
    }

    /** What the ends of something that is dragged catch on. */
    CutSnap snap(Set<String> moved) {
        return new CutSnap(desk, services.sounds().beats(desk.document().settled()), moved);
    }

    SoundHeads heads() {
        return heads;
    }

    LineUpView view() {
        return view;
    }

    /** Shows in which shot a drop would replace the picture. */
    void showReplaced(Optional<String> shot) {
        replaced = shot;
        redraw();
    }

    /** Shows where a drop would put a shot. */
    void showDrop(OptionalDouble x) {
        dropX = x;
        redraw();
    }

    /** Shows where a drop would put an inset. */
    void showInset(Optional<Landing> place) {
        landing = place;
        redraw();
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        LineUpLayout plan = plan();
        heading(pen, plan);
        heads.paint(pen, plan);
        boolean empty = desk.document().project().shots().isEmpty();
        if (empty) {
            invitation(pen, plan, width);
        }
        pen.save();
        Brush.clip(pen, LineUpLayout.LEFT - 2, 0, width - LineUpLayout.LEFT + 2, height);
        contents(pen, plan, width);
        ready(pen, plan);
        markers(pen, plan, height);
        gestures(pen, plan, height);
        if (!empty) {
            upright(pen, plan.x(desk.cursor().playhead()), height, Palette.AMBER.colour(), 1.6);
        }
        pen.restore();
    }

    private void heading(GraphicsContext pen, LineUpLayout plan) {
        Project project = desk.document().project();
        boolean empty = project.shots().isEmpty();
        double middle = plan.shotsHeight() / 2;
        Brush.text(pen, Fonts.strong(13), Palette.TEXT.colour(), "Line-up", 14, middle - (empty ? 0 : 8));
        if (!empty) {
            String whole =
                    Timecode.brief(LineUp.length(project), project.frame().rate());
            Brush.text(pen, Fonts.numbers(11), Palette.MUTED.colour(), whole, 14, middle + 10);
        }
    }

    private static void invitation(GraphicsContext pen, LineUpLayout plan, double width) {
        pen.setStroke(Palette.LINE.colour());
        pen.setLineDashes(4, 4);
        pen.strokeRoundRect(
                LineUpLayout.LEFT,
                LineUpLayout.AIR,
                width - LineUpLayout.LEFT - LineUpLayout.RIGHT,
                plan.shotsHeight() - 2 * LineUpLayout.AIR,
                6,
                6);
        pen.setLineDashes();
        Brush.text(
                pen,
                Fonts.text(13),
                Palette.MUTED.colour(),
                "Shots appear here in order. Drop a picture, or double-click one on the Shelf.",
                LineUpLayout.LEFT + 14,
                plan.shotsHeight() / 2);
    }

    private void contents(GraphicsContext pen, LineUpLayout plan, double width) {
        var painter = new ShotPainter(desk, services, pen, plan);
        var sounds = new SoundPainter(desk, services, pen, plan, waves, view, deviceScale());
        Project project = desk.document().project();
        project.shots().stream().filter(plan::shows).forEach(shot -> {
            painter.shot(shot);
            sounds.ofFootage(shot);
        });
        SoundRows rows = plan.sounds();
        project.sounds().stream().filter(rows::shows).forEach(sounds::clip);
        BeatTicks.paint(
                pen, services.sounds().beats(project), beat -> rows.x(beat.seconds()), LineUpLayout.LEFT - 2, width);
    }

    /** A thin line over what is ready to be played. */
    private void ready(GraphicsContext pen, LineUpLayout plan) {
        pen.setFill(Palette.PALE.colour());
        for (FrameSpan span : services.made().spans()) {
            pen.fillRect(plan.x(span.from()), 0, plan.x(span.to() + 1) - plan.x(span.from()), READY);
        }
    }

    /** What is held over it, and where that will go. */
    private void gestures(GraphicsContext pen, LineUpLayout plan, double height) {
        view.snapLine().ifPresent(frame -> upright(pen, plan.x(frame), height, Palette.SEA.colour(), 1));
        replaced.flatMap(desk.document().project()::shot).ifPresent(shot -> {
            pen.setStroke(Palette.SEA.colour());
            pen.setLineWidth(3);
            pen.strokeRoundRect(
                    plan.x(shot.start()) + 2,
                    plan.top(shot) + 2,
                    Math.max(2, shot.length() * plan.perFrame() - 4),
                    plan.rowHeight(shot.track()) - 4,
                    5,
                    5);
        });
        landing.ifPresent(place -> {
            double x = plan.x(place.start());
            double y = plan.top(place.track()) + 1.5;
            double wide = Math.max(8, place.length() * plan.perFrame());
            pen.setFill(Palette.faint(Palette.SEA.colour(), 0.25));
            pen.fillRoundRect(x, y, wide, plan.rowHeight(place.track()) - 3, 5, 5);
            pen.setStroke(Palette.SEA.colour());
            pen.setLineWidth(2);
            pen.strokeRoundRect(x, y, wide, plan.rowHeight(place.track()) - 3, 5, 5);
        });
        dropX.ifPresent(x -> {
            pen.setFill(Palette.SEA.colour());
            pen.fillRect(x - 1.5, 2, 3, height - 4);
        });
    }

    private static void upright(GraphicsContext pen, double x, double height, Color colour, double wide) {
        pen.setStroke(colour);
        pen.setLineWidth(wide);
        pen.strokeLine(x, 0, x, height);
    }

    private void markers(GraphicsContext pen, LineUpLayout plan, double height) {
        for (Marker marker : desk.document().project().markers()) {
            double x = plan.x(marker.at());
            boolean selected = desk.cursor().selection().part().equals(new Selection.MarkerAt(marker.at(), true));
            pen.setStroke(Palette.faint(Palette.SEA.colour(), selected ? 1 : 0.6));
            pen.setLineWidth(1);
            pen.strokeLine(x, MARKER, x, height);
            pen.setFill(Palette.SEA.colour());
            pen.fillPolygon(new double[] {x - 5, x + 5, x}, new double[] {0, 0, MARKER}, 3);
            if (!marker.name().isEmpty()) {
                double width = Brush.width(Fonts.text(11), marker.name()) + 8;
                pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.8));
                pen.fillRoundRect(x + 6, 0, width, 14, 4, 4);
                Brush.text(pen, Fonts.text(11), Palette.SEA.colour(), marker.name(), x + 10, 7);
            }
        }
    }
}
