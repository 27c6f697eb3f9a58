package amberlens.desktop.time.lineup;

import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.LineUp;
import amberlens.desktop.desk.state.Desk;
import javafx.geometry.Point2D;
import javafx.scene.Scene;

/** Tells tests where shots are on the screen. */
public final class LineUpProbe {
    private LineUpProbe() {}

    public static Point2D middle(Scene scene, Desk desk, String id) {
        return at(scene, desk, id, 0.5);
    }

    /** The end that is dragged to trim. */
    public static Point2D end(Scene scene, Desk desk, String id) {
        return at(scene, desk, id, 1).subtract(2, 0);
    }

    /** The beginning that is dragged to trim. */
    public static Point2D start(Scene scene, Desk desk, String id) {
        return at(scene, desk, id, 0).add(2, 0);
    }

    /** How wide a frame is on the screen. */
    public static double perFrame(Scene scene) {
        return ((LineUpSurface) scene.lookup("#lineup-surface")).plan().perFrame();
    }

    private static SoundClip clip(LineUpSurface surface, String id) {
        return surface.plan().project().sounds().stream()
                .filter(found -> found.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static LineUpSurface surface(Scene scene) {
        return (LineUpSurface) scene.lookup("#lineup-surface");
    }

    /** A place in a clip of sound, low enough to be beside its level. */
    public static Point2D sound(Scene scene, String id, double part) {
        LineUpSurface surface = surface(scene);
        SoundRows.Box box = surface.plan().sounds().box(clip(surface, id));
        return surface.localToScreen(box.x() + part * box.width(), box.y() + 0.88 * box.height());
    }

    /** Where the level of a clip stands at one of its frames. */
    public static Point2D level(Scene scene, String id, int frame) {
        LineUpSurface surface = surface(scene);
        SoundClip clip = clip(surface, id);
        return level(scene, id, frame, clip.level().at(frame));
    }

    /** Where a level would stand at a frame of a clip. */
    public static Point2D level(Scene scene, String id, int frame, double decibels) {
        LineUpSurface surface = surface(scene);
        SoundRows rows = surface.plan().sounds();
        SoundClip clip = clip(surface, id);
        return surface.localToScreen(
                rows.keyX(clip, frame), rows.box(clip).levels().y(decibels));
    }

    /** The handle of a fade. */
    public static Point2D fade(Scene scene, String id, boolean atStart) {
        LineUpSurface surface = surface(scene);
        SoundRows rows = surface.plan().sounds();
        SoundClip clip = clip(surface, id);
        double x = atStart
                ? Math.max(rows.enterX(clip), rows.box(clip).x() + 6)
                : Math.min(rows.leaveX(clip), rows.box(clip).right() - 6);
        return surface.localToScreen(x, rows.box(clip).y() + 4);
    }

    /** The head of a track of sounds. */
    public static Point2D head(Scene scene, int track) {
        LineUpSurface surface = surface(scene);
        SoundRows rows = surface.plan().sounds();
        return surface.localToScreen(20, rows.top(track) + rows.rowHeight() / 2);
    }

    private static Point2D at(Scene scene, Desk desk, String id, double part) {
        LineUpSurface surface = (LineUpSurface) scene.lookup("#lineup-surface");
        LineUpLayout plan = surface.plan();
        var shot = desk.document().project().shot(id).orElseThrow();
        return surface.localToScreen(
                plan.x(shot.start() + part * shot.length()), plan.top(shot) + 0.7 * plan.rowHeight(shot.track()));
    }

    /** A frame in the row that opens above all others while something is dragged. */
    public static Point2D openRow(Scene scene, int frame) {
        LineUpSurface surface = surface(scene);
        LineUpLayout plan = surface.plan();
        int track = LineUp.tracks(plan.project()) + 1;
        return surface.localToScreen(plan.x(frame), plan.top(track) + plan.rowHeight(track) / 2);
    }
}
