package amberlens.desktop.time.lineup;

import amberlens.core.material.footage.SourceTime;
import amberlens.core.material.sound.Gain;
import amberlens.core.material.sound.Peaks;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Key;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.work.services.Services;
import amberlens.desktop.work.sounds.KnownSound;
import amberlens.desktop.work.sounds.Waves;
import java.util.List;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Paints the clips of sound below the shots: wave, level with its keys, fades; and the sound of footage in its shots. */
final class SoundPainter {
    private static final double BEAD = 3.5;

    private final Desk desk;
    private final Services services;
    private final GraphicsContext pen;
    private final LineUpLayout plan;
    private final SoundRows rows;
    private final Waves waves;
    private final LineUpView view;
    private final double scale;

    /** @param scale pixels of the screen for each of the band */
    SoundPainter(
            Desk desk,
            Services services,
            GraphicsContext pen,
            LineUpLayout plan,
            Waves waves,
            LineUpView view,
            double scale) {
        this.desk = desk;
        this.services = services;
        this.pen = pen;
        this.plan = plan;
        this.waves = waves;
        this.view = view;
        this.scale = scale;
        rows = plan.sounds();
    }

    void clip(SoundClip clip) {
        SoundRows.Box box = rows.box(clip);
        boolean heard = !clip.mute() && desk.tools().solo().hears(clip);
        pen.setFill(Palette.faint(Palette.SEA.colour(), heard ? 0.13 : 0.05));
        pen.fillRect(box.x(), box.y(), box.width(), box.height());
        pen.save();
        Brush.clip(pen, box.x(), box.y(), box.width(), box.height());
        wave(clip, box, heard);
        name(clip, box, heard);
        pen.restore();
        fades(clip, box);
        level(clip, box, heard);
        border(clip, box);
    }

    private void wave(SoundClip clip, SoundRows.Box box, boolean heard) {
        Media media = project().media(clip.media()).orElseThrow();
        KnownSound known = services.sounds().known(media);
        if (known.peaks().isEmpty()) {
            String words = known.problem().isPresent()
                    ? "cannot be heard"
                    : "reading … " + Math.round(100 * known.part()) + " %";
            Color colour = known.problem().isPresent() ? Palette.OPEN_TEXT.colour() : Palette.MUTED.colour();
            double x = Math.max(box.x(), LineUpLayout.LEFT) + 8;
            double y = box.y() + box.height() * 0.5;
            Brush.text(pen, Fonts.text(11), colour, words, x, y);
            return;
        }
        double samplesPerPixel = Samples.RATE / (pixelsPerSecond() * scale);
        double in = clip.in().value() * Samples.RATE;
        var gain = new Gain(clip, project().sounds(), project().frame().rate());
        var key = List.of(clip, crossed(clip), project().frame().rate(), samplesPerPixel);
        paint(
                known.peaks().get(),
                key,
                box,
                Palette.faint(Palette.SEA.colour(), heard ? 0.75 : 0.3),
                column -> in + column * samplesPerPixel,
                column -> gain.at(Math.round(column * samplesPerPixel)));
    }

    /** The neighbours into which it passes, which its wave depends on. */
    private List<SoundClip> crossed(SoundClip clip) {
        return project().sounds().stream()
                .filter(other -> other.track() == clip.track()
                        && other.start().compareTo(clip.end()) < 0
                        && clip.start().compareTo(other.end()) < 0)
                .toList();
    }

    /** What of a wave is seen, in pixels of the screen. */
    private void paint(
            Peaks peaks,
            Object key,
            SoundRows.Box box,
            Color colour,
            DoubleUnaryOperator place,
            DoubleUnaryOperator gain) {
        double left = Math.max(box.x(), LineUpLayout.LEFT - 2);
        double right = Math.min(box.right(), plan.width());
        long first = Math.round((left - box.x()) * scale);
        int width = (int) Math.ceil((right - left) * scale);
        int height = (int) Math.round(box.height() * scale);
        if (width > 0 && height > 0) {
            pen.drawImage(
                    waves.image(peaks, key, first, width, height, colour, place, gain),
                    left,
                    box.y(),
                    width / scale,
                    height / scale);
        }
    }

    private double pixelsPerSecond() {
        return plan.perFrame() * project().frame().rate().perSecond();
    }

    private void name(SoundClip clip, SoundRows.Box box, boolean heard) {
        String state = clip.mute() ? " · muted" : heard ? "" : " · not in solo";
        boolean told = isOneOfSeveral(clip) || !state.isEmpty();
        if (!told || box.width() < 40) {
            return;
        }
        String name = project().media(clip.media()).orElseThrow().name();
        double x = Math.max(box.x(), LineUpLayout.LEFT) + 6;
        String words = Brush.fitted(Fonts.text(11), name + state, box.right() - x - 6);
        double width = Brush.width(Fonts.text(11), words);
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.55));
        pen.fillRoundRect(x - 3, box.y() + 2, width + 6, 14, 4, 4);
        Brush.text(pen, Fonts.text(11), heard ? Palette.TEXT.colour() : Palette.MUTED.colour(), words, x, box.y() + 9);
    }

    /** Whether its track plays other things, too, so that its head cannot say what is heard. */
    private boolean isOneOfSeveral(SoundClip clip) {
        return project().sounds().stream()
                .anyMatch(
                        other -> other.track() == clip.track() && !other.media().equals(clip.media()));
    }

    private void fades(SoundClip clip, SoundRows.Box box) {
        double enter = rows.enterX(clip);
        double leave = rows.leaveX(clip);
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.6));
        pen.fillPolygon(
                new double[] {box.x(), enter, box.x()}, new double[] {box.y(), box.y(), box.y() + box.height()}, 3);
        pen.fillPolygon(
                new double[] {box.right(), leave, box.right()},
                new double[] {box.y(), box.y(), box.y() + box.height()},
                3);
        boolean shown = view.pointed().filter(clip.id()::equals).isPresent()
                || desk.cursor().selection().sounds().contains(clip.id());
        if (shown && box.width() > 28) {
            pen.setFill(Palette.TEXT.colour());
            pen.fillRoundRect(Math.max(enter, box.x() + 5) - 3.5, box.y() + 1, 7, 7, 3, 3);
            pen.fillRoundRect(Math.min(leave, box.right() - 5) - 3.5, box.y() + 1, 7, 7, 3, 3);
        }
    }

    /** The level as a line through the clip, with its keys. */
    private void level(SoundClip clip, SoundRows.Box box, boolean heard) {
        LevelScale levels = box.levels();
        double left = Math.max(box.x(), LineUpLayout.LEFT - 2);
        double right = Math.min(box.right(), plan.width());
        pen.setStroke(Palette.faint(Palette.PALE.colour(), heard ? 0.95 : 0.4));
        pen.setLineWidth(1.3);
        if (!clip.level().animated()) {
            double y = levels.y(clip.level().constant());
            pen.strokeLine(left, y, right, y);
            return;
        }
        pen.beginPath();
        pen.moveTo(left, levels.y(rows.level(clip, left)));
        for (double x = left + 3; x < right; x += 3) {
            pen.lineTo(x, levels.y(rows.level(clip, x)));
        }
        pen.lineTo(right, levels.y(rows.level(clip, right)));
        pen.stroke();
        Set<Integer> selected = desk.cursor().selection().part() instanceof Selection.LevelKeys keys
                        && keys.clip().equals(clip.id())
                ? keys.frames()
                : Set.of();
        for (Key<Double> key : clip.level().keys()) {
            double x = rows.keyX(clip, key.at());
            if (x >= left - BEAD && x <= right + BEAD) {
                pale(x, levels.y(key.value()), selected.contains(key.at()));
            }
        }
    }

    private void pale(double x, double y, boolean selected) {
        double radius = selected ? BEAD + 1 : BEAD;
        pen.setFill(selected ? Palette.AMBER.colour() : Palette.GROUND.colour());
        pen.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
        pen.setStroke(selected ? Palette.TEXT.colour() : Palette.PALE.colour());
        pen.setLineWidth(1.5);
        pen.strokeOval(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    private void border(SoundClip clip, SoundRows.Box box) {
        boolean selected = desk.cursor().selection().sounds().contains(clip.id());
        pen.setStroke(selected ? Palette.AMBER.colour() : Palette.LINE.colour());
        pen.setLineWidth(selected ? 2 : 1);
        pen.strokeRoundRect(box.x() + 0.5, box.y(), Math.max(1, box.width() - 1), box.height(), 4, 4);
    }

    /** The sound of a shot's own footage, low in it. */
    void ofFootage(Shot shot) {
        Media media = project().mediaOf(shot);
        KnownSound known = services.sounds().known(media);
        if (!Hearing.isHeard(project(), shot) || known.peaks().isEmpty()) {
            return;
        }
        SourceTime time = project().sourceTime(shot).orElseThrow();
        double height = Math.min(14, plan.rowHeight(shot.track()) * 0.3);
        double framesPerPixel = 1 / (plan.perFrame() * scale);
        double samplesPerPlace = Samples.RATE / time.footage().rate().perSecond();
        var box = new SoundRows.Box(
                plan.x(shot.start()) + 1,
                plan.top(shot) + plan.rowHeight(shot.track()) - height - 2,
                Math.max(2, shot.length() * plan.perFrame() - 2),
                height);
        paint(
                known.peaks().get(),
                List.of(time, framesPerPixel),
                box,
                Palette.faint(Palette.SEA.colour(), desk.tools().solo().hearsFootage() ? 0.7 : 0.25),
                column -> time.place(column * framesPerPixel) * samplesPerPlace,
                _ -> 1);
    }

    private Project project() {
        return desk.document().project();
    }
}
