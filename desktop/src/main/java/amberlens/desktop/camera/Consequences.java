package amberlens.desktop.camera;

import amberlens.core.edges.FillScale;
import amberlens.core.edges.Judged;
import amberlens.core.edges.Room;
import amberlens.core.edges.TurnLimit;
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

    static String of(Property property, Shot shot, int frame, Pose pose, Judged judged, FrameFormat format) {
        boolean judgedHere = shot.fillsFrame() || property == Property.SCALE || property == Property.ANCHOR;
        if (!judgedHere) {
            return property == Property.POSITION ? "An inset: its edges are free" : "";
        }
        return switch (property) {
            case SCALE -> enlargement(pose);
            case POSITION -> room(judged.of(pose), judged.picture(), judged.mask());
            case ROTATION -> turn(judged.of(pose), judged.picture(), judged.mask());
            case ANCHOR -> pace(shot, frame, format);
            case OPACITY, SPEED -> "";
        };
    }

    private static String enlargement(Pose pose) {
        double percent = Enlargement.percent(pose);
        return text("Enlargement %.0f %%, %s", percent, Enlargement.verdict(percent));
    }

    private static String room(Pose pose, Size picture, Size frame) {
        Room room = Room.of(pose, picture, frame);
        return text(
                "Room ←%d →%d ↑%d ↓%d",
                Math.round(room.left()), Math.round(room.right()), Math.round(room.up()), Math.round(room.down()));
    }

    /** The scale that this turn needs where the gate stands, and the turn that this scale allows somewhere. */
    private static String turn(Pose pose, Size picture, Size frame) {
        String allowed = TurnLimit.degrees(pose.scale(), picture, frame).stream()
                .mapToObj(most -> most >= 180 ? "any turn fits" : text("turn ≤ %.1f°", most))
                .findFirst()
                .orElse("no turn fits");
        return switch (FillScale.of(pose, picture, frame)) {
            case FillScale.Found found -> text("Needs ≥ %.1f %%, ", found.percent()) + allowed;
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
