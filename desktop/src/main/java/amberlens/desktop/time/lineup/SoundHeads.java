package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.canvas.GraphicsContext;

/** What stands at the left of the rows of sounds: a drop for each that is filled while the track is heard. A click mutes it, with Shift it alone is listened to. */
final class SoundHeads {
    private static final double X = 20;
    private static final double RADIUS = 4.5;

    private final Desk desk;

    SoundHeads(Desk desk) {
        this.desk = desk;
    }

    void paint(GraphicsContext pen, LineUpLayout plan) {
        SoundRows rows = plan.sounds();
        for (int track = 1; track <= SoundEdits.tracks(plan.project()); track++) {
            double y = rows.top(track) + rows.rowHeight() / 2;
            boolean muted = clips(plan.project(), track).stream().allMatch(SoundClip::mute);
            boolean solo = desk.tools().solo().isSolo(track);
            pen.setStroke(solo ? Palette.AMBER.colour() : Palette.SEA.colour());
            pen.setLineWidth(1.5);
            if (!muted) {
                pen.setFill(solo ? Palette.AMBER.colour() : Palette.SEA.colour());
                pen.fillOval(X - RADIUS, y - RADIUS, 2 * RADIUS, 2 * RADIUS);
            }
            pen.strokeOval(X - RADIUS, y - RADIUS, 2 * RADIUS, 2 * RADIUS);
            String words = Brush.fitted(Fonts.text(11), name(plan.project(), track), LineUpLayout.LEFT - X - 14);
            Brush.text(pen, Fonts.text(11), muted ? Palette.MUTED.colour() : Palette.TEXT.colour(), words, X + 10, y);
        }
    }

    /** What is heard on a track, where that is one thing. */
    private static String name(Project project, int track) {
        List<String> names = clips(project, track).stream()
                .map(clip -> project.media(clip.media()).orElseThrow().name())
                .distinct()
                .toList();
        return names.size() == 1 ? names.getFirst() : "Sound " + track;
    }

    /** The track whose head is at a place. */
    OptionalInt at(LineUpLayout plan, double x, double y) {
        return x < LineUpLayout.LEFT - 4 && plan.sounds().holds(y)
                ? OptionalInt.of(Math.min(plan.sounds().track(y), SoundEdits.tracks(plan.project())))
                : OptionalInt.empty();
    }

    void press(int track, boolean alone) {
        if (alone) {
            desk.tools().solo().toggle(track);
            return;
        }
        List<SoundClip> clips = clips(desk.document().project(), track);
        boolean muted = clips.stream().allMatch(SoundClip::mute);
        Set<String> ids = clips.stream().map(SoundClip::id).collect(Collectors.toSet());
        desk.document().apply(SoundEdits.mute(ids, !muted));
        desk.say("Shift+click: solo this track.");
    }

    private static List<SoundClip> clips(Project project, int track) {
        return project.sounds().stream().filter(clip -> clip.track() == track).toList();
    }
}
