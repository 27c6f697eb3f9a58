package amberlens.core.material.trace;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKind;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * What the camera of a film did, frame by frame.
 *
 * @param film source pixels
 * @param rate of the film
 * @param first the film's frame that the first stand is of
 * @param stands at least one; the first of them stands still
 * @param cut whether the film is cut after the last of them
 * @param parallax how unlike what is near and what is far moves, in parts of how far the whole has moved; 0 for a picture
 */
public record Trace(Size film, FrameRate rate, int first, List<Stand> stands, boolean cut, double parallax) {
    /** From here on a film shows depth that no similarity can show. */
    public static final double DEEP = 0.06;

    public Trace {
        stands = List.copyOf(stands);
        if (first < 0 || stands.isEmpty()) {
            throw new IllegalArgumentException("a trace has a stand from frame 0 on");
        }
    }

    public int length() {
        return stands.size();
    }

    /** The mean of how much of the picture agrees, 0 … 1. */
    public double confidence() {
        return stands.stream().mapToDouble(Stand::sure).average().orElse(0);
    }

    /** In how many frames it is a guess. */
    public int guessed() {
        return (int) stands.stream().filter(Stand::weak).count();
    }

    /** Whether near and far move too unlike each other for one picture. */
    public boolean isDeep() {
        return parallax >= DEEP;
    }

    /** With so much of it, as a part: 0 is no move at all, 1 the move as it is. */
    public Trace strengthened(double part) {
        return withStands(stands.stream()
                .map(stand -> new Stand(
                        part * stand.x(),
                        part * stand.y(),
                        Math.pow(stand.scale(), part),
                        part * stand.degrees(),
                        stand.sure()))
                .toList());
    }

    /** To the other side. */
    public Trace mirrored() {
        return withStands(stands.stream()
                .map(stand -> new Stand(-stand.x(), stand.y(), stand.scale(), -stand.degrees(), stand.sure()))
                .toList());
    }

    /** Backwards, from where it ended. */
    public Trace reversed() {
        Stand last = stands.getLast();
        return withStands(
                stands.reversed().stream().map(stand -> stand.after(last)).toList());
    }

    /** How the picture stands at a moment between frames; before the first and after the last as there. */
    public Stand at(double frame) {
        double place = Math.clamp(frame, 0, stands.size() - 1.0);
        int before = (int) Math.min(Math.floor(place), Math.max(0, stands.size() - 2.0));
        Stand from = stands.get(before);
        Stand to = stands.get(Math.min(before + 1, stands.size() - 1));
        return from.towards(to, place - before);
    }

    Trace withStands(List<Stand> other) {
        return new Trace(film, rate, first, other, cut, parallax);
    }

    /**
     * A camera that shows a picture as the film shows its first frame, with a key at every frame.
     *
     * @param frame frame pixels
     * @param neutral how the picture stands at first
     */
    public CameraTrack camera(Size frame, Pose neutral) {
        List<Pose> poses =
                stands.stream().map(stand -> pose(neutral, stand, frame)).toList();
        return CameraTrack.still(neutral)
                .withScale(keyed(ValueKinds.SCALE, poses, Pose::scale))
                .withPosition(keyed(ValueKinds.POSITION, poses, Pose::position))
                .withRotation(keyed(Properties.ROTATION.kind(), poses, Pose::degrees));
    }

    /** A pose moved as the film moves its picture, about the middle of the frame. */
    public static Pose pose(Pose neutral, Stand stand, Size frame) {
        FramePoint middle = frame.centre();
        double angle = Math.toRadians(stand.degrees());
        FramePoint from = neutral.position().minus(middle);
        double along = stand.scale() * Math.cos(angle);
        double across = stand.scale() * Math.sin(angle);
        FramePoint to = new FramePoint(
                middle.x() + stand.x() * frame.width() + along * from.x() - across * from.y(),
                middle.y() + stand.y() * frame.width() + across * from.x() + along * from.y());
        Scale scale = neutral.scale().times(stand.scale());
        return neutral.withScale(scale).withPosition(to).withDegrees(neutral.degrees() + stand.degrees());
    }

    private static <V> Channel<V> keyed(ValueKind<V> kind, List<Pose> poses, Function<Pose, V> of) {
        List<Key<V>> keys = new ArrayList<>();
        for (int frame = 0; frame < poses.size(); frame++) {
            keys.add(Key.of(frame, of.apply(poses.get(frame)), Leg.LINEAR));
        }
        boolean still =
                keys.stream().allMatch(key -> key.value().equals(keys.getFirst().value()));
        return still ? Channel.constant(kind, keys.getFirst().value()) : Channel.keyed(kind, keys);
    }
}
