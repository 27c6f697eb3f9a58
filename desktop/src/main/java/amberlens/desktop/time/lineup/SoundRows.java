package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where clips of sound lie in the Line-up: in rows below the shots, the first track uppermost. */
record SoundRows(LineUpLayout plan) {
    /** Within it a fade's handle is taken. */
    private static final double HANDLE = 7;

    private static final double LINE_REACH = 4;

    Project project() {
        return plan.project();
    }

    double top(int track) {
        return plan.shotsHeight() + (track - 1) * rowHeight();
    }

    double rowHeight() {
        int tracks = SoundEdits.tracks(project());
        return tracks == 0 ? 0 : (plan.height() - LineUpLayout.AIR - plan.shotsHeight()) / tracks;
    }

    /** The track at a height: one more than there are below the lowest. */
    int track(double y) {
        int tracks = SoundEdits.tracks(project());
        return Math.clamp((int) Math.floor((y - plan.shotsHeight()) / rowHeight()) + 1, 1, tracks + 1);
    }

    /** Whether a height is in the rows of sounds. */
    boolean holds(double y) {
        return SoundEdits.tracks(project()) > 0 && y >= plan.shotsHeight();
    }

    /** Where a moment of the line-up stands, in seconds. */
    double x(double seconds) {
        return plan.x(seconds * project().frame().rate().perSecond());
    }

    double seconds(double x) {
        return (plan.from() + (x - LineUpLayout.LEFT) / plan.perFrame())
                / project().frame().rate().perSecond();
    }

    /** The place of a clip. */
    Box box(SoundClip clip) {
        double left = x(clip.start().value());
        return new Box(left, top(clip.track()) + 1, Math.max(2, x(clip.end().value()) - left), rowHeight() - 2);
    }

    record Box(double x, double y, double width, double height) {
        double right() {
            return x + width;
        }

        LevelScale levels() {
            return new LevelScale(y + 1, height - 2);
        }
    }

    boolean shows(SoundClip clip) {
        Box box = box(clip);
        return box.right() >= LineUpLayout.LEFT && box.x() <= plan.width();
    }

    /** The uppermost clip at a place: the one that lies last in the project. */
    Optional<SoundClip> clipAt(double x, double y) {
        List<SoundClip> here = new ArrayList<>(project().sounds());
        return here.reversed().stream()
                .filter(clip -> holds(y) && clip.track() == track(y))
                .filter(clip -> x >= box(clip).x() && x < box(clip).right())
                .findFirst();
    }

    /** The x of the handles of a clip's fades. */
    double enterX(SoundClip clip) {
        return x(clip.start().value() + clip.enter().value());
    }

    double leaveX(SoundClip clip) {
        return x(clip.end().value() - clip.leave().value());
    }

    /** What of a clip a pointer takes. */
    sealed interface Grip {
        record Key(int at) implements Grip {}

        record Line() implements Grip {}

        record End(boolean atStart) implements Grip {}

        record Fade(boolean atStart) implements Grip {}

        record Body() implements Grip {}
    }

    /** The level of a clip at an x, in dB. */
    double level(SoundClip clip, double x) {
        return clip.level().at(frame(clip, x));
    }

    /** The frame of a clip at an x, with parts of it. */
    double frame(SoundClip clip, double x) {
        return (seconds(x) - clip.start().value()) * project().frame().rate().perSecond();
    }

    /** Where a key of a clip's level stands. */
    double keyX(SoundClip clip, int at) {
        return x(clip.start().value() + at / project().frame().rate().perSecond());
    }

    /** What of a clip is at a place in it. */
    Grip grip(SoundClip clip, double x, double y) {
        Box box = box(clip);
        LevelScale levels = box.levels();
        for (var key : clip.level().keys()) {
            if (Math.hypot(keyX(clip, key.at()) - x, levels.y(key.value()) - y) <= HANDLE) {
                return new Grip.Key(key.at());
            }
        }
        boolean high = y <= box.y() + HANDLE + 1;
        if (box.width() > 4 * HANDLE && high) {
            if (Math.abs(x - Math.max(enterX(clip), box.x() + HANDLE)) <= HANDLE) {
                return new Grip.Fade(true);
            }
            if (Math.abs(x - Math.min(leaveX(clip), box.right() - HANDLE)) <= HANDLE) {
                return new Grip.Fade(false);
            }
        }
        if (box.width() > 3 * HANDLE && (x < box.x() + HANDLE || x > box.right() - HANDLE)) {
            return new Grip.End(x < box.x() + HANDLE);
        }
        return Math.abs(levels.y(level(clip, x)) - y) <= LINE_REACH ? new Grip.Line() : new Grip.Body();
    }
}
