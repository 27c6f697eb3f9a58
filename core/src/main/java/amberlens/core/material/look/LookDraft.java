package amberlens.core.material.look;

import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Property;
import java.util.ArrayList;
import java.util.List;

/** Puts looks together. */
public final class LookDraft {
    private final List<Look> looks = new ArrayList<>();
    private final Size picture;
    private final Size frame;
    private final int length;
    private CameraTrack camera;

    /**
     * @param picture source pixels
     * @param length frames
     */
    public LookDraft(Size picture, Size frame, int length) {
        this.picture = picture;
        this.frame = frame;
        this.length = length;
        camera = CameraTrack.still(Pose.neutral(picture, frame));
    }

    /** Adds a look; the amounts that follow are its own. */
    public LookDraft add(LookKind kind) {
        looks.add(Look.of(kind, Looks.freshNumber(looks, kind)));
        for (Property<?> amount : looks.getLast().amounts()) {
            if (amount.isPlaced()) {
                neutral(amount);
            }
        }
        return this;
    }

    private <V> void neutral(Property<V> amount) {
        camera = camera.with(amount, Channel.constant(amount.kind(), amount.neutral(picture, frame)));
    }

    /** Answers a choice of the look that was added last. */
    public <V> LookDraft choose(Choice<V> choice, V answer) {
        looks.set(looks.size() - 1, looks.getLast().with(choice, answer));
        return this;
    }

    /** A constant amount of the look that was added last. */
    public <V> LookDraft set(Property<V> amount, V value) {
        Property<V> own = looks.getLast().own(amount);
        camera = camera.with(own, Channel.constant(own.kind(), value));
        return this;
    }

    /**
     * An amount that goes gently from one value to another.
     *
     * @param from part of the shot at which it leaves, 0 … 1
     * @param to part at which it arrives
     */
    public <V> LookDraft change(Property<V> amount, V before, V after, double from, double to) {
        return change(amount, before, after, from, to, Ease.GENTLE_BOTH.leg());
    }

    /** Likewise on another leg. */
    public <V> LookDraft change(Property<V> amount, V before, V after, double from, double to, Leg leg) {
        Property<V> own = looks.getLast().own(amount);
        int first = (int) Math.round(from * (length - 1));
        int last = Math.max(first + 1, (int) Math.round(to * (length - 1)));
        camera = camera.with(
                own, Channel.keyed(own.kind(), List.of(Key.of(first, before, leg), Key.of(last, after, Leg.LINEAR))));
        return this;
    }

    public LookSet named(String name) {
        return new LookSet(name, looks, camera, picture, frame, length);
    }
}
