package amberlens.exchange;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.RigEdits;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.pose.Travel;
import amberlens.core.motion.property.Properties;
import amberlens.exchange.cut.Probe;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;

/** Projects with moves to be handed on, and an answer to what files are. */
public final class Moves {
    public static final Size PICTURE = new Size(3000, 2000);
    public static final Size FRAME = new Size(1280, 720);
    public static final Leg EASED = new Leg.Curve(new TimingCurve(0.42, 0, 0.58, 1));

    private Moves() {}

    /** Every file is a picture of {@link #PICTURE}, and what ends in mp4 would be a film. */
    public static final Probe PROBE = new Probe(
            path -> Media.photo("new", path.toString(), PICTURE),
            (first, rate) ->
                    Media.footage("new", Media.Kind.SEQUENCE, first.toString(), PICTURE, new Footage(rate, 40)),
            path -> path.toString().endsWith(".mp4"));

    public static Project project(Path picture, List<Shot> shots) {
        return Project.empty("Fernhollow")
                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.parse("#204060")))
                .with(List.of(Media.photo("m1", picture.toString(), PICTURE)), shots);
    }

    public static Shot shot(String id, int start, int length, CameraTrack camera) {
        return new Shot(id, "Shot " + id, "m1", 1, start, length, true, camera, Extras.NONE);
    }

    public static CameraTrack still() {
        return CameraTrack.still(
                new Pose(Scale.uniform(60), new FramePoint(640, 360), 0, new PicturePoint(1500, 1000)));
    }

    /** A push-in whose position bends and whose turn is smooth. */
    public static CameraTrack moving(int last) {
        var bent = new PathHandles(FramePoint.ZERO, new FramePoint(80, -60));
        return still().withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, Scale.uniform(60), EASED), Key.of(last, Scale.uniform(90), Leg.LINEAR))))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(640, 360), EASED).withHandles(bent),
                                Key.of(last, new FramePoint(720, 300), Leg.LINEAR))))
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER,
                        List.of(
                                Key.of(0, 0.0, Leg.SMOOTH),
                                Key.of(last / 2, 4.0, Leg.SMOOTH),
                                Key.of(last, -3.0, Leg.LINEAR))));
    }

    /** A picture that leans away and back. */
    public static CameraTrack leaning(int last) {
        return moving(last)
                .with(
                        Properties.PITCH,
                        Channel.keyed(
                                ValueKinds.NUMBER, List.of(Key.of(0, 0.0, EASED), Key.of(last, 30.0, Leg.LINEAR))));
    }

    /** A rig over shots of a project that turns, moves and enlarges them. */
    public static Project underRig(Project project, Set<String> below) {
        Project laid = RigEdits.lay(below).apply(project);
        Shot rig = laid.shots().getLast();
        CameraTrack rolling = rig.camera()
                .withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(115)))
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER, List.of(Key.of(10, 0.0, EASED), Key.of(80, 25.0, Leg.LINEAR))));
        return laid.mapShot(rig.id(), shot -> shot.withName("Roll").withCamera(rolling));
    }

    /** How far apart two shots ever show a place of the frame below their rigs, in frame pixels. */
    public static double apart(Project one, Shot a, Project other, Shot b) {
        double most = 0;
        for (int frame = 0; frame < a.length(); frame++) {
            most = Math.max(
                    most,
                    Travel.between(one.take(a).pose(frame), other.take(b).pose(frame))
                            .furthest(FRAME));
        }
        return most;
    }
}
