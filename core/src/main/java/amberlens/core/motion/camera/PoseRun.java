package amberlens.core.motion.camera;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.memo.Last;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.EvenZoom;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.pose.Pose;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The poses of a camera frame by frame. Edges, enlargement and pace all ask for those of the same camera, and a drag mostly
 * changes one property of it at a time: so the last run is remembered, and a new run takes over the values of every
 * property that is the very same, by identity.
 */
final class PoseRun {
    /** Longer runs are not remembered, so that no thread holds much memory. */
    private static final int REMEMBERED = 20_000;

    /** So many frames are worth sharing among the cores. */
    private static final int LONG = 1000;

    private record Wanted(CameraTrack camera, int length) {}

    private static final Last<Wanted, PoseRun> LAST = Last.by((a, b) -> a.camera == b.camera && a.length == b.length);

    private final CameraTrack camera;
    private final List<Scale> scales;
    private final List<FramePoint> positions;
    private final List<Double> turns;
    private final List<PicturePoint> anchors;
    private final List<Pose> poses;

    /** The poses of the frames 0 … length − 1; unmodifiable. */
    static List<Pose> of(CameraTrack camera, int length) {
        PoseRun run = LAST.getFrom(new Wanted(camera, length), PoseRun::new);
        if (length > REMEMBERED) {
            LAST.forget();
        }
        return run.poses;
    }

    private PoseRun(Wanted wanted, @Nullable PoseRun last) {
        camera = wanted.camera;
        int length = wanted.length;
        if (camera.flies()) {
            poses = sampled(length).mapToObj(camera::at).toList();
            scales = poses.stream().map(Pose::scale).toList();
            positions = poses.stream().map(Pose::position).toList();
            turns = poses.stream().map(Pose::degrees).toList();
            anchors = poses.stream().map(Pose::anchor).toList();
            return;
        }
        PoseRun before = last != null && !last.camera.flies() && last.poses.size() == length ? last : null;
        boolean sameScale = before != null && before.camera.scale() == camera.scale();
        boolean samePosition = before != null && before.camera.position() == camera.position();
        scales = sameScale ? before.scales : values(camera.scale(), length);
        positions = samePosition && (sameScale || !(evenIn(before.camera) || evenIn(camera)))
                ? before.positions
                : positions(camera, length);
        turns = before != null && before.camera.rotation() == camera.rotation()
                ? before.turns
                : values(camera.rotation(), length);
        anchors = before != null && before.camera.anchor() == camera.anchor()
                ? before.anchors
                : values(camera.anchor(), length);
        Pose[] all = new Pose[length];
        for (int frame = 0; frame < length; frame++) {
            Pose flat = new Pose(scales.get(frame), positions.get(frame), turns.get(frame), anchors.get(frame));
            all[frame] = camera.hasDepth() ? flat.withDepth(camera.depth(frame)) : flat;
        }
        poses = Collections.unmodifiableList(Arrays.asList(all));
    }

    /** Whether the position may follow the scale; see {@link EvenZoom}. */
    private static boolean evenIn(CameraTrack camera) {
        return camera.scale().keys().stream().anyMatch(Key::even);
    }

    private static List<FramePoint> positions(CameraTrack camera, int length) {
        if (!evenIn(camera)) {
            return values(camera.position(), length);
        }
        return sampled(length)
                .mapToObj(frame -> EvenZoom.position(camera.scale(), camera.position(), frame))
                .toList();
    }

    private static <V> List<V> values(Channel<V> channel, int length) {
        if (!channel.animated() || channel.muted()) {
            return Collections.nCopies(length, channel.constant());
        }
        return sampled(length).mapToObj(channel::at).toList();
    }

    private static IntStream sampled(int length) {
        IntStream frames = IntStream.range(0, length);
        return length > LONG ? frames.parallel() : frames;
    }
}
