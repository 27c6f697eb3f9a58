package amberlens.core.render.frame;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.Judged;
import amberlens.core.material.footage.SourceFrames;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.model.project.ShotSettings;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;

/**
 * All that a frame of the line-up shows, by its values: frames with the same sight look the same, wherever they stand and however the
 * project has come to them. So a frame that is made once serves until something that it shows changes, and again when that is undone.
 *
 * @param format of the film
 * @param port what of the frame is rendered
 * @param shots what each shot gives to it, the lowest first
 */
public record FrameSight(FrameFormat format, Port port, List<OfShot> shots) {
    /**
     * A part of the frame at a size.
     *
     * @param whole the size at which the whole frame would be rendered
     * @param left where the part begins in it
     * @param top likewise
     * @param part its size
     */
    public record Port(Size whole, double left, double top, Size part) {
        /** All of the frame. */
        public static Port of(Size whole) {
            return new Port(whole, 0, 0, whole);
        }
    }

    /**
     * What one shot gives to a frame.
     *
     * @param track on which it lies
     * @param media without what cannot be seen
     * @param entered how it comes in
     * @param left how it goes
     * @param opacity per cent
     * @param cropped whether its crop moves, so that it is read anew in every frame
     * @param poses at each instant of the exposure
     * @param looks likewise
     */
    public record OfShot(
            int track,
            Media media,
            SourceFrames source,
            BlendMode blend,
            ShotSettings settings,
            Fading entered,
            Fading left,
            double opacity,
            double parallax,
            boolean cropped,
            Judged judged,
            Judged judgedNow,
            List<Pose> poses,
            List<AppliedLooks> looks) {}

    /**
     * A fade at a moment.
     *
     * @param shown how much of the shot is shown, 0 … 1
     * @param through the colour between, as long as it is seen
     */
    public record Fading(double shown, Optional<Colour> through) {
        static Fading of(Optional<Fade> fade, double at) {
            double shown = fade.map(found -> found.shown(at)).orElse(1.0);
            return new Fading(shown, shown < 1 ? fade.flatMap(Fade::through) : Optional.empty());
        }
    }

    public FrameSight {
        shots = List.copyOf(shots);
    }

    /** The sight of a frame, all instants of its exposure. */
    public static FrameSight of(Project project, int frame, Port port) {
        return new FrameSight(
                project.frame(),
                port,
                LineUp.at(project, frame).stream()
                        .map(shot -> ofShot(project, shot, frame, port))
                        .toList());
    }

    private static OfShot ofShot(Project project, Shot shot, int frame, Port port) {
        return ShotSeen.sight(project, shot, frame - shot.start(), port.whole());
    }
}
