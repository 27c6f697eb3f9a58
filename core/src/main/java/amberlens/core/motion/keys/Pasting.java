package amberlens.core.motion.keys;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.ValueKind;
import amberlens.core.motion.property.Property;
import java.util.ArrayList;
import java.util.List;

/** Lays a clip into a camera. */
public enum Pasting {
    /** Values and eases; what stands in the same frames gives way. */
    ALL("paste"),
    /** Values only; keys that are there keep their eases. */
    VALUES("paste of values"),
    /** Eases only: the first key at or after the frame takes the first ease, and so on. */
    EASES("paste of eases"),
    /** Each value changes what is there as the clip changes from its first key: scales by ratio, the others by sum. */
    RELATIVE("paste relative");

    private final String words;

    Pasting(String words) {
        this.words = words;
    }

    /** The name of the step. */
    public String words() {
        return words;
    }

    /**
     * The camera with the clip from a frame on. A whole move pasted with {@link #ALL} replaces what was there.
     *
     * @param frame where the first key of the clip goes
     */
    public CameraTrack into(CameraTrack camera, KeyClip clip, int frame) {
        CameraTrack changed = camera;
        for (Property<?> property : clip.properties()) {
            changed = laid(changed, property, clip, frame);
        }
        return changed;
    }

    private <V> CameraTrack laid(CameraTrack camera, Property<V> property, KeyClip clip, int frame) {
        Channel<V> target = camera.get(property);
        Channel<V> taken = clip.camera().get(property);
        return camera.with(property, laid(property.proportional(), target, taken, clip, frame));
    }

    private <V> Channel<V> laid(boolean proportional, Channel<V> target, Channel<V> clip, KeyClip whole, int frame) {
        if (this == ALL && whole.what() == KeyClip.What.MOVE) {
            return clip.map(new KeyShift(frame));
        }
        boolean apart = clip.axes().isPresent() || target.axes().isPresent();
        if (!apart) {
            return laid(proportional, target, clip, frame);
        }
        var from = (clip.bent() ? clip.mapBends(_ -> PathHandles.STRAIGHT) : clip)
                .unlinked()
                .axes()
                .orElseThrow();
        return target.unlinked()
                .mapAxes(axes -> new Axes(
                        laid(proportional, axes.x(), from.x(), frame), laid(proportional, axes.y(), from.y(), frame)));
    }

    private <V> Channel<V> laid(boolean proportional, Channel<V> target, Channel<V> clip, int frame) {
        return switch (this) {
            case ALL -> {
                Channel<V> changed = target;
                for (Key<V> key : clip.keys()) {
                    changed = changed.withKey(key.withAt(key.at() + frame));
                }
                yield changed;
            }
            case VALUES -> {
                Channel<V> changed = target;
                for (Key<V> key : clip.keys()) {
                    changed = valued(changed, key.at() + frame, key.value());
                }
                yield changed;
            }
            case EASES -> eased(target, clip, frame);
            case RELATIVE -> {
                Channel<V> changed = target;
                for (Key<V> key : clip.keys()) {
                    V first = clip.keys().getFirst().value();
                    V there = target.at((double) key.at() + frame);
                    changed = valued(
                            changed,
                            key.at() + frame,
                            relative(proportional, target.kind(), there, first, key.value()));
                }
                yield changed;
            }
        };
    }

    private static <V> Channel<V> valued(Channel<V> channel, int frame, V value) {
        Leg leg = channel.keyBefore(frame).map(Key::leg).orElse(Leg.LINEAR);
        return channel.withKey(
                channel.keyAt(frame).map(key -> key.withValue(value)).orElseGet(() -> Key.of(frame, value, leg)));
    }

    private static <V> Channel<V> eased(Channel<V> target, Channel<V> clip, int frame) {
        List<Key<V>> keys = new ArrayList<>();
        int next = 0;
        for (Key<V> key : target.keys()) {
            if (key.at() >= frame && next < clip.keys().size()) {
                Key<V> ease = clip.keys().get(next++);
                keys.add(key.withLeg(ease.leg()).withEven(ease.even()));
            } else {
                keys.add(key);
            }
        }
        return target.withKeys(keys, target.constant());
    }

    private static <V> V relative(boolean proportional, ValueKind<V> kind, V there, V first, V now) {
        return kind.of(
                part -> relative(proportional, kind.part(there, part), kind.part(first, part), kind.part(now, part)));
    }

    private static double relative(boolean proportional, double there, double first, double now) {
        return proportional ? there * now / first : there + now - first;
    }
}
