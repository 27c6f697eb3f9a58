package amberlens.core.motion.camera;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.OutputTimes;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Exposure;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * A camera over one picture for some frames: what edges, enlargement and pace are computed from.
 *
 * @param camera the move
 * @param length frames, at least 1; they are 0 … length − 1
 * @param picture source pixels
 * @param frame frame pixels
 * @param ride what is laid over the shot
 * @param instants when its frames are looked at
 * @param setting what depth is seen in
 * @param exposure how long each of its frames is exposed
 * @param cropping which part of the picture edges are judged by
 * @param dissolving its frames in which it still dissolves although what it dissolves from has ended, so that the background shows
 */
public record Take(
        CameraTrack camera,
        int length,
        Size picture,
        Size frame,
        Ride ride,
        Instants instants,
        Depth.Setting setting,
        Exposure exposure,
        Cropping cropping,
        Optional<FrameSpan> dissolving) {
    /** With nothing laid over it. */
    public Take(CameraTrack camera, int length, Size picture, Size frame) {
        this(camera, length, picture, frame, Ride.NONE);
    }

    /** Each frame looked at at its own time. */
    public Take(CameraTrack camera, int length, Size picture, Size frame, Ride ride) {
        this(camera, length, picture, frame, ride, Depth.Setting.of(picture, frame));
    }

    /** Likewise, of a part of a sheet. */
    public Take(CameraTrack camera, int length, Size picture, Size frame, Ride ride, Depth.Setting setting) {
        this(
                camera,
                length,
                picture,
                frame,
                ride,
                Instants.Frames.EACH,
                setting,
                Exposure.NONE,
                Cropping.NONE,
                Optional.empty());
    }

    public Take {
        if (length < 1) {
            throw new IllegalArgumentException("a take has at least one frame, not " + length);
        }
    }

    public Pose pose(double at) {
        return ride.on(own(camera.at(at)), at);
    }

    /** The pose of the take's own camera. */
    public Pose ownPose(double at) {
        return own(camera.at(at));
    }

    private Pose own(Pose pose) {
        return pose.isFlat() ? pose : pose.withDepth(pose.depth().in(setting));
    }

    /** The poses of all frames, from frame 0; cheap to ask for again. */
    public List<Pose> poses() {
        List<Pose> own = PoseRun.of(camera, length);
        return ride.isNone() && !camera.hasDepth()
                ? own
                : IntStream.range(0, length)
                        .mapToObj(frame -> ride.on(own(own.get(frame)), frame))
                        .toList();
    }

    /** The pose by which edges are judged: that of what is left of the picture, as if it were all of it. */
    public Pose edgePose(double at) {
        return cropped(pose(at), at);
    }

    /** Likewise, of the take's own camera. */
    public Pose ownEdgePose(double at) {
        return cropped(ownPose(at), at);
    }

    /** Likewise, of all frames from frame 0. */
    public List<Pose> edgePoses() {
        List<Pose> poses = poses();
        return cropping == Cropping.NONE
                ? poses
                : IntStream.range(0, length)
                        .mapToObj(at -> cropped(poses.get(at), at))
                        .toList();
    }

    private Pose cropped(Pose pose, double at) {
        return cropping == Cropping.NONE ? pose : pose.within(cropping.left(camera, at), picture);
    }

    public Take withCropping(Cropping newCropping) {
        return new Take(camera, length, picture, frame, ride, instants, setting, exposure, newCropping, dissolving);
    }

    public Take withDissolving(Optional<FrameSpan> frames) {
        return new Take(camera, length, picture, frame, ride, instants, setting, exposure, cropping, frames);
    }

    /** Whether it still dissolves at a moment although what it dissolves from has ended. */
    public boolean dissolves(double at) {
        return dissolving.isPresent() && dissolving.get().contains(frameOf(at));
    }

    /** Without the hand that shakes. */
    public Take steady() {
        Ride steady = ride.steady();
        return steady.equals(ride)
                ? this
                : new Take(camera, length, picture, frame, steady, instants, setting, exposure, cropping, dissolving);
    }

    public Take withCamera(CameraTrack newCamera) {
        return new Take(newCamera, length, picture, frame, ride, instants, setting, exposure, cropping, dissolving);
    }

    /**
     * As an output sees it.
     *
     * @param start of the take on the line-up
     */
    public Take shownBy(OutputTimes times, int start) {
        Exposure finer = Exposure.of(exposure.shutter(), times.pxPerFramePx());
        return new Take(
                camera, length, picture, frame, ride, Instants.of(times, start), setting, finer, cropping, dissolving);
    }

    public Take withExposure(Exposure newExposure) {
        return new Take(camera, length, picture, frame, ride, instants, setting, newExposure, cropping, dissolving);
    }

    /** Whether each frame is looked at once, at its own time. */
    public boolean isPlain() {
        return exposure.isNone() && instants.equals(Instants.Frames.EACH);
    }

    /** The moments at which a frame is looked at, ascending; there may be none. */
    public double[] momentsOf(int at) {
        double[] own = instants.of(at);
        return exposure.isNone()
                ? own
                : DoubleStream.of(own)
                        .flatMap(moment -> DoubleStream.of(exposure.moments(moment, this::pose, frame)))
                        .sorted()
                        .toArray();
    }

    /** All moments at which it is looked at, frame by frame. */
    public double[] moments() {
        if (exposure.isNone()) {
            return instants.within(length);
        }
        return IntStream.range(0, length)
                .mapToObj(this::momentsOf)
                .flatMapToDouble(DoubleStream::of)
                .toArray();
    }

    /** The frame whose moment this is: an exposure lies around the frame's own time. */
    public int frameOf(double moment) {
        return Math.clamp((int) Math.floor(exposure.isNone() ? moment : moment + 0.5), 0, length - 1);
    }

    /** The poses at all moments at which it is looked at. */
    public List<Pose> seen() {
        return isPlain()
                ? poses()
                : DoubleStream.of(moments()).mapToObj(this::pose).toList();
    }
}
