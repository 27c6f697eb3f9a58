package amberlens.core.edit.traced;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.trace.Trace;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.keys.KeyShift;
import amberlens.core.motion.keys.MoveFit;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A traced move as few keys of a shot's camera, from the framing that is there where it begins.
 *
 * @param trace its smooth part
 * @param frame frame pixels
 * @param rate of the project
 * @param length of the shot
 */
record FilmMove(Trace trace, Size frame, FrameRate rate, int length) {
    /** How far the keys may be off, in parts of the frame's width. */
    static final double OFF = 0.005;

    /**
     * A camera with the move instead of what it did from a frame on; what is before stays.
     *
     * @param begins a frame of the shot
     * @param stretched to the end of the shot
     */
    CameraTrack on(CameraTrack camera, int begins, boolean stretched) {
        Pose begin = camera.at(begins).withDepth(Depth.FLAT);
        int last = length - 1 - begins;
        List<Pose> poses = IntStream.rangeClosed(0, last)
                .mapToObj(at -> at == 0 ? begin : Trace.pose(begin, trace.at(filmFrame(at, last, stretched)), frame))
                .toList();
        CameraTrack fitted =
                KeyShift.of(MoveFit.of(poses, frame, OFF * frame.width(), rate.frames(MoveFit.SHORTEST_REST)), begins);
        return camera.withScale(joined(camera.scale(), begins, fitted.scale(), begin.scale()))
                .withPosition(joined(camera.position(), begins, fitted.position(), begin.position()))
                .withRotation(joined(camera.rotation(), begins, fitted.rotation(), begin.degrees()))
                .withAnchor(joined(
                        camera.anchor(),
                        begins,
                        Channel.constant(camera.anchor().kind(), begin.anchor()),
                        begin.anchor()));
    }

    private double filmFrame(int at, int last, boolean stretched) {
        return stretched
                ? (double) at * (trace.length() - 1) / Math.max(1, last)
                : rate.seconds(at) * trace.rate().perSecond();
    }

    /** A channel up to a frame, and another one from there. */
    private static <V> Channel<V> joined(Channel<V> before, int at, Channel<V> after, V there) {
        boolean nothingBefore = at == 0 || !before.animated();
        if (nothingBefore && !after.animated()) {
            return Channel.constant(before.kind(), there);
        }
        if (nothingBefore) {
            return after;
        }
        Channel<V> divided = KeyInsertion.at(before.linked(), at);
        Stream<Key<V>> earlier = divided.keys().stream().filter(key -> key.at() < at);
        Stream<Key<V>> later = after.animated()
                ? after.keys().stream()
                : divided.keys().stream().filter(key -> key.at() == at);
        return Channel.keyed(before.kind(), Stream.concat(earlier, later).toList());
    }
}
