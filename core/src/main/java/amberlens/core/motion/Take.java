package amberlens.core.motion;

import amberlens.core.geometry.Size;
import java.util.List;
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
 */
public record Take(CameraTrack camera, int length, Size picture, Size frame, Ride ride, Instants instants) {
    /** With nothing laid over it. */
    public Take(CameraTrack camera, int length, Size picture, Size frame) {
        this(camera, length, picture, frame, Ride.NONE);
    }

    /** Each frame looked at at its own time. */
    public Take(CameraTrack camera, int length, Size picture, Size frame, Ride ride) {
        this(camera, length, picture, frame, ride, Instants.Frames.EACH);
    }

    public Take {
        if (length < 1) {
            throw new IllegalArgumentException("a take has at least one frame, not " + length);
        }
    }

    public Pose pose(double at) {
        return ride.on(camera.at(at), at);
    }

    /** The poses of all frames, from frame 0; cheap to ask for again. */
    public List<Pose> poses() {
        List<Pose> own = PoseRun.of(camera, length);
        return ride.isNone()
                ? own
                : IntStream.range(0, length)
                        .mapToObj(frame -> ride.on(own.get(frame), frame))
                        .toList();
    }

    public Take withCamera(CameraTrack newCamera) {
        return new Take(newCamera, length, picture, frame, ride, instants);
    }

    public Take withInstants(Instants newInstants) {
        return new Take(camera, length, picture, frame, ride, newInstants);
    }

    /** All moments at which it is looked at, ascending. */
    public double[] moments() {
        return instants.within(length);
    }

    /** The poses at all moments at which it is looked at. */
    public List<Pose> seen() {
        return instants.equals(Instants.Frames.EACH)
                ? poses()
                : DoubleStream.of(moments()).mapToObj(this::pose).toList();
    }
}
