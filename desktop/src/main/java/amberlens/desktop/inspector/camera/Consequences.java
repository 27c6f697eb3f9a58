package amberlens.desktop.inspector.camera;

import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.FillScale;
import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.edges.Room;
import amberlens.core.judge.edges.TurnLimit;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pace.Pace;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.pose.Projection;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;

/** What follows from each property of a pose, in a few words. */
final class Consequences {
    private Consequences() {}

    /** What is known where the words are made. */
    private record Moment(Project project, Shot shot, int frame, Pose pose, Judged judged) {
        Pose judgedPose() {
            return judged.of(pose);
        }
    }

    private record Words(boolean forInsets, Function<Moment, String> of) {}

    /** Properties that nothing follows from are left out. */
    private static final Map<Property<?>, Words> WORDS = Map.of(
            Properties.SCALE,
            new Words(true, Consequences::enlargement),
            Properties.POSITION,
            new Words(
                    true,
                    at -> at.shot().fillsFrame()
                            ? room(
                                    at.judgedPose(),
                                    at.judged().picture(),
                                    at.judged().delivery())
                            : "Inset: edges are not checked"),
            Properties.ROTATION,
            new Words(
                    false,
                    at -> turn(
                            at.judgedPose(), at.judged().picture(), at.judged().delivery())),
            Properties.ANCHOR,
            new Words(
                    true,
                    at -> pace(
                            at.project().take(at.shot()),
                            at.frame(),
                            at.project().frame())),
            Properties.OPACITY,
            new Words(true, at -> "Blending: " + at.shot().layering().blend().words()),
            Properties.SPEED,
            new Words(true, Consequences::footage),
            Properties.PITCH,
            new Words(true, at -> leaning(at.pose())));

    static String of(Property<?> property, Project project, Shot shot, int frame, Judged judged) {
        Words words = WORDS.get(property);
        return words == null || !(shot.fillsFrame() || words.forInsets())
                ? ""
                : words.of().apply(new Moment(project, shot, frame, project.pose(shot, frame), judged));
    }

    /** Why a picture that leans cannot be seen, if it cannot. */
    private static String leaning(Pose pose) {
        return pose.projection()
                .flatMap(Projection::unseen)
                .map(why -> "Not seen: " + why.words())
                .orElse("");
    }

    private static String footage(Moment at) {
        return at.project()
                .sourceTime(at.shot())
                .map(time -> "Frame " + time.at(at.frame()).first() + " of "
                        + time.footage().frames())
                .orElse("");
    }

    private static String enlargement(Moment at) {
        if (at.project().isTitle(at.shot())) {
            return "Vector: sharp at every size";
        }
        double percent = Enlargement.percent(at.pose(), at.project().frameSize());
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
        String allowed = TurnLimit.degrees(pose, picture, frame).stream()
                .mapToObj(most -> most >= 180 ? "any turn fits" : text("turn ≤ %.1f°", most))
                .findFirst()
                .orElse("no turn fits");
        return switch (FillScale.of(pose, picture, frame)) {
            case FillScale.Found found -> text("Needs ≥ %.1f %%, ", found.percent()) + allowed;
            case FillScale.None none -> "Anchor beyond the " + none.side().word() + ": cannot cover";
        };
    }

    private static String pace(Take take, int frame, FrameFormat format) {
        Pace pace = Pace.at(take, Math.min(frame, Math.max(0, take.length() - 2)));
        double percent = pace.percentOfWidthPerSecond(format.size(), format.rate());
        return percent < 0.05
                ? "Pace: still"
                : text("Pace %.1f %%/s, %.0f s across", percent, pace.crossingSeconds(format.size(), format.rate()));
    }

    private static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
