package amberlens.core.edit.edits;

import amberlens.core.material.footage.Source;
import amberlens.core.material.footage.SourceTime;
import amberlens.core.model.lineup.ShotCuts;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.MoveLength;
import amberlens.core.motion.property.Properties;

/** Changes of which part of its footage a shot shows, and how fast. */
public final class FootageEdits {
    private FootageEdits() {}

    /** Lets the move go along when the footage is moved under it, or not. */
    public static Edit setTied(String shotId, boolean tied) {
        return Edit.ofShot(
                tied ? "tie move to footage" : "untie move from footage",
                shotId,
                shot -> shot.withSource(shot.source().withTied(tied)));
    }

    public static Edit setConversion(String shotId, Source.Conversion conversion) {
        return Edit.ofShot(
                "change frame conversion",
                shotId,
                shot -> shot.withSource(shot.source().withConversion(conversion)));
    }

    /** Says at which place of its footage a shot begins. */
    public static Edit setIn(String shotId, double place) {
        return Edit.of(
                "change in point",
                project -> project.mapShot(
                        shotId,
                        shot -> ShotCuts.slipped(
                                project, shot, place - shot.source().in())));
    }

    /**
     * Gives footage one speed, in per cent. A move that is tied to it keeps its place in the footage: its keys come earlier or later
     * with it.
     */
    public static Edit setSpeed(String shotId, double percent) {
        return Edit.ofShot("change footage speed", shotId, shot -> {
            Channel<Double> speed = Channel.constant(ValueKinds.NUMBER, percent);
            double before = shot.camera().get(Properties.SPEED).constant();
            boolean along =
                    shot.source().tied() && !shot.camera().get(Properties.SPEED).animated() && before * percent > 0;
            CameraTrack camera = along ? stretched(shot.camera(), before / percent) : shot.camera();
            return camera.get(Properties.SPEED).equals(speed)
                    ? shot
                    : shot.withCamera(camera.with(Properties.SPEED, speed));
        });
    }

    private static CameraTrack stretched(CameraTrack camera, double factor) {
        int reach = 1_000_000;
        return MoveLength.stretched(camera, reach + 1, (int) Math.round(reach * factor) + 1);
    }

    /** Makes a shot as long as its footage lasts from its in point at its speed; later shots of its track move along. */
    public static Edit fitLength(String shotId) {
        return Edit.of("change shot length", project -> project.shot(shotId)
                .flatMap(shot -> project.sourceTime(shot)
                        .map(time -> ShotEdits.setLength(shotId, lasting(shot, time), ShotEdits.Timing.KEEP)
                                .apply(project)))
                .orElse(project));
    }

    /** How many frames pass until the footage ends; the shot's own length when it never does. */
    private static int lasting(Shot shot, SourceTime time) {
        for (int frame = 1; frame <= Shot.LONGEST; frame++) {
            double place = time.place(frame);
            if (place > time.footage().last() + 0.5 || place < -0.5) {
                return frame;
            }
            boolean stands = frame > shot.length() && time.place(frame) == time.place(frame - 1);
            if (stands) {
                return shot.length();
            }
        }
        return shot.length();
    }
}
