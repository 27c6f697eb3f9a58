package amberlens.desktop.camera;

import amberlens.core.edges.FillScale;
import amberlens.core.edges.Room;
import amberlens.core.geometry.Size;
import amberlens.core.model.FrameFormat;
import amberlens.core.model.Shot;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import amberlens.core.pace.Pace;
import amberlens.core.sharpness.Enlargement;
import java.util.Locale;

/** What follows from each property of a pose, in a few words. */
final class Consequences {
    private Consequences() {}

    static String of(Property property, Shot shot, int frame, Pose pose, Size picture, FrameFormat format) {
        return switch (property) {
            case SCALE -> enlargement(pose);
            case POSITION -> room(pose, picture, format.size());
            case ROTATION -> turn(pose, picture, format.size());
            case ANCHOR -> pace(shot, frame, format);
        };
    }

    private static String enlargement(Pose pose) {
        double percent = Enlargement.percent(pose);
        return text("Enlargement %.0f %%, %s", percent, Enlargement.verdict(percent));
    }

    private static String room(Pose pose, Size picture, Size frame) {
        Room room = Room.of(pose, picture, frame);
        return text("Room ←%.0f →%.0f ↑%.0f ↓%.0f", room.left(), room.right(), room.up(), room.down());
    }

    private static String turn(Pose pose, Size picture, Size frame) {
        return switch (FillScale.of(pose, picture, frame)) {
            case FillScale.Found found -> text("Needs scale ≥ %.1f %%", found.percent());
            case FillScale.None none -> "Anchor beyond the " + none.side().word() + ": none covers";
        };
    }

    private static String pace(Shot shot, int frame, FrameFormat format) {
        Pace pace = Pace.at(shot.camera(), Math.min(frame, Math.max(0, shot.lastFrame() - 1)), format.size());
        double percent = pace.percentOfWidthPerSecond(format.size(), format.rate());
        return percent < 0.05
                ? "Pace: stands still"
                : text("Pace %.1f %%/s, %.0f s across", percent, pace.crossingSeconds(format.size(), format.rate()));
    }

    private static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
