package amberlens.core.edit.arrival;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKind;
import amberlens.core.motion.keys.KeyOrder;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.KeyShift;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * Puts an arrival before a move, or a departure behind it, in place of the one that is there. The picture ends up where it stands: at the first
 * rest, where it has an arrival already, and else where its move has brought it when the arrival is over; what it does afterwards stays.
 */
final class Arriving {
    /** What begins so much smaller than it stands has grown. */
    private static final double GROWING = 0.6;

    /** A turn of at least so many degrees is one of an arrival. */
    private static final double WHOLE_TURN = 300;

    /** When a bounce touches its place first, when it is furthest back, and how far that is, in parts of the whole. */
    private static final double TOUCHES = 0.6;

    private static final double BACK = 0.8;
    private static final double BOUNCE = 0.05;

    /** A bounce turns back no further, in degrees. */
    private static final double BOUNCE_DEGREES = 4;

    private final CameraTrack camera;
    private final Arrival how;
    private final Size picture;
    private final Size frame;
    private final int frames;

    private Arriving(CameraTrack camera, Arrival how, Size picture, Size frame, int frames) {
        this.camera = camera;
        this.how = how;
        this.picture = picture;
        this.frame = frame;
        this.frames = frames;
    }

    /**
     * The move with the arrival or the departure.
     *
     * @param length frames of the shot
     * @param faded whether it comes out of nothing, or goes there, already
     */
    static CameraTrack at(
            CameraTrack camera, Arrival how, int length, FrameRate rate, Size picture, Size frame, boolean faded) {
        int frames = frames(how, length, rate);
        if (frames == 0) {
            return camera;
        }
        CameraTrack move = camera.moveAlone();
        CameraTrack forwards = how.leaves() ? backwards(move, length - 1) : move;
        CameraTrack arrived = new Arriving(forwards, how, picture, frame, frames).arrived(faded);
        return camera.withMoveOf(how.leaves() ? backwards(arrived, length - 1) : arrived);
    }

    /** How long it takes in a shot, in frames. */
    static int frames(Arrival how, int length, FrameRate rate) {
        return Math.clamp(rate.frames(how.seconds()), Math.min(1, length - 1), length - 1);
    }

    private static CameraTrack backwards(CameraTrack move, int last) {
        KeySet all = KeySet.all(move);
        return all.isEmpty()
                ? move
                : KeyShift.of(KeyOrder.reversed(move, all).camera(), last - all.first() - all.last())
                        .map(new ChannelChange() {
                            @Override
                            public <V> Channel<V> apply(Channel<V> channel) {
                                return channel.animated() && !channel.muted()
                                        ? Channel.keyed(channel.kind(), channel.keys())
                                        : channel;
                            }
                        });
    }

    private CameraTrack arrived(boolean faded) {
        int stands = stands(faded);
        Pose place = camera.at(stands);
        Pose start = how.way().start(new Way.Place(place, picture, frame), how);
        CameraTrack arrived = camera;
        for (PoseProperty<?> property : Properties.OF_POSE) {
            arrived = with(arrived, property, start, place, stands);
        }
        for (PoseProperty<?> property : Properties.OF_DEPTH) {
            arrived = with(arrived, property, start, place, stands);
        }
        return arrived;
    }

    /** From when on it stands at its place. */
    private int stands(boolean faded) {
        SortedSet<Integer> times = new TreeSet<>();
        Properties.OF_MOVE.forEach(property -> camera.get(property).keys().forEach(key -> times.add(key.at())));
        return times.stream()
                .filter(at -> at > 0 && camera.at(at).equals(camera.at(at + 1.0)))
                .findFirst()
                .filter(at -> isArrival(camera.at(0), camera.at(at), faded))
                .orElse(frames);
    }

    private boolean isArrival(Pose start, Pose place, boolean faded) {
        return faded && !start.equals(place)
                || !start.depth().equals(place.depth())
                || Math.abs(start.degrees() - place.degrees()) >= WHOLE_TURN
                || start.scale().x() <= GROWING * place.scale().x()
                || start.isSeen() && new Way.Place(start, picture, frame).isOutside();
    }

    private <V> CameraTrack with(CameraTrack track, PoseProperty<V> property, Pose start, Pose place, int stands) {
        Channel<V> channel = camera.get(property).linked();
        V from = property.of(start);
        V to = property.of(place);
        int end = Math.max(frames, stands);
        List<Key<V>> later = channel.muted() || !channel.animated()
                ? List.of()
                : KeyInsertion.at(channel, end).keys().stream()
                        .filter(key -> key.at() >= end)
                        .toList();
        boolean goesOn = later.stream().anyMatch(key -> !key.value().equals(to));
        if (from.equals(to) && !goesOn) {
            return track.with(property, Channel.constant(channel.kind(), to));
        }
        List<Key<V>> keys = new ArrayList<>();
        if (from.equals(to)) {
            keys.addAll(later);
        } else {
            way(property.kind(), from, to, keys);
            if (goesOn) {
                boolean waits = end > frames;
                keys.add(Key.of(frames, to, waits ? Leg.HOLD : later.getFirst().leg())
                        .withEven(!waits && later.getFirst().even())
                        .withHandles(
                                waits
                                        ? keys.getFirst().handles()
                                        : later.getFirst().handles()));
                keys.addAll(waits ? later : later.subList(1, later.size()));
            } else {
                keys.add(Key.of(frames, to, Leg.LINEAR));
            }
        }
        return track.with(property, Channel.keyed(channel.kind(), keys));
    }

    /** The keys before the one at the place. */
    private <V> void way(ValueKind<V> kind, V from, V to, List<Key<V>> keys) {
        Leg firm = Ease.GENTLE_LEAVE.leg();
        int touches = (int) Math.round(TOUCHES * frames);
        int back = (int) Math.round(BACK * frames);
        boolean bounces = how.landing() == Landing.BOUNCE && touches > 0 && back > touches && frames > back;
        keys.add(Key.of(0, from, how.landing() == Landing.SOFT ? Ease.FAST_START.leg() : firm));
        if (bounces) {
            keys.add(Key.of(touches, to, Ease.GENTLE_ARRIVE.leg()));
            keys.add(Key.of(back, kind.of(part -> back(kind, from, to, part)), firm));
        }
    }

    private static <V> double back(ValueKind<V> kind, V from, V to, int part) {
        double way = kind.part(from, part) - kind.part(to, part);
        double most = kind.parts() == 1 ? BOUNCE_DEGREES : Double.POSITIVE_INFINITY;
        return kind.part(to, part) + Math.clamp(BOUNCE * way, -most, most);
    }
}
