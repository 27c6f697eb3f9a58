package amberlens.core.motion;

import amberlens.core.geometry.Size;
import java.util.List;

/**
 * A camera over one picture for some frames: what edges, enlargement and pace are computed from.
 *
 * @param camera the move
 * @param length frames, at least 1; they are 0 … length − 1
 * @param picture source pixels
 * @param frame frame pixels
 */
public record Take(CameraTrack camera, int length, Size picture, Size frame) {
    public Take {
        if (length < 1) {
            throw new IllegalArgumentException("a take has at least one frame, not " + length);
        }
    }

    public Pose pose(double at) {
        return camera.at(at);
    }

    /** The poses of all frames, from frame 0; cheap to ask for again. */
    public List<Pose> poses() {
        return PoseRun.of(camera, length);
    }

    public Take withCamera(CameraTrack newCamera) {
        return new Take(newCamera, length, picture, frame);
    }
}
