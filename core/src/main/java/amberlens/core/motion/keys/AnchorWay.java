package amberlens.core.motion.keys;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.SortedSet;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * The way that a move takes between its framings, kept though its anchor was moved. What follows the anchor, see {@link AnchorMove}, is known
 * frame by frame then: its keys at the framings stay, and between them come as few as keep every corner of the picture near enough.
 */
public final class AnchorWay {
    /** How far a corner may be off, frame pixels. */
    public static final double NEAR_PX = 0.1;

    /** Of a picture that leans, several properties follow, whose errors add up: they are asked for more exactly until it is enough. */
    private static final int FINER = 8;

    private final int first;
    private final List<Pose> wanted;
    private final SortedSet<Integer> framings;

    /** What is wanted from a frame on. */
    private AnchorWay(int first, List<Pose> wanted, SortedSet<Integer> framings) {
        this.first = first;
        this.wanted = wanted;
        this.framings = framings;
    }

    /**
     * A move whose anchor was moved, on the way it took before.
     *
     * @param before with the anchor where it was
     * @param after of the same length, with the anchor elsewhere and the same framings
     * @param setting what depth is seen in
     */
    public static CameraTrack kept(Take before, CameraTrack after, Depth.Setting setting) {
        if (after.position().muted()) {
            return after;
        }
        SortedSet<Integer> framings = before.camera().keyFrames();
        int first = framings.isEmpty() ? 0 : Math.min(0, framings.first());
        int last = Math.max(before.length() - 1, framings.isEmpty() ? 0 : framings.last());
        List<Pose> wanted = IntStream.rangeClosed(first, last)
                .mapToObj(at -> {
                    Pose pose = before.camera().at(at);
                    Pose placed =
                            pose.isFlat() ? pose : pose.withDepth(pose.depth().in(setting));
                    return placed.withAnchorInPlace(after.anchor().at(at));
                })
                .toList();
        var way = new AnchorWay(first, wanted, framings);
        double most = NEAR_PX;
        CameraTrack kept = way.along(after, most);
        for (int finer = 0; finer < FINER && !isNear(before, kept); finer++) {
            most /= 2;
            kept = way.along(after, most);
        }
        return kept;
    }

    private static boolean isNear(Take before, CameraTrack kept) {
        return AnchorMove.wayChangedPx(before, before.withCamera(kept))
                .filter(off -> off <= NEAR_PX)
                .isPresent();
    }

    private CameraTrack along(CameraTrack after, double most) {
        CameraTrack kept = after.withPosition(fitted(after.position(), Pose::position, most));
        return after.hasDepth()
                ? kept.withScale(fitted(after.scale(), Pose::scale, most))
                        .with(
                                Properties.VIEWING_DISTANCE,
                                fitted(
                                        after.get(Properties.VIEWING_DISTANCE),
                                        pose -> pose.depth().distance(),
                                        most))
                : kept;
    }

    private <V> Channel<V> fitted(Channel<V> channel, Function<Pose, V> of, double most) {
        return channel.muted()
                ? channel
                : KeyFit.through(channel.kind(), first, wanted.stream().map(of).toList(), most, framings);
    }
}
