package amberlens.core.material.look;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.property.Property;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeMap;

/** Exposure that is lifted at some frames and falls again, as plain keys. */
public enum Flash {
    /** It is there at once. */
    FLASH("Flash on markers", 1.6, 0, 0.32),
    /** It swells and falls gently. */
    PULSE("Pulse on markers", 0.6, 0.24, 0.48);

    private final String words;
    private final double stops;
    private final double rise;
    private final double fall;

    /** Times in seconds. */
    Flash(String words, double stops, double rise, double fall) {
        this.words = words;
        this.stops = stops;
        this.rise = rise;
        this.fall = fall;
    }

    public String words() {
        return words;
    }

    /**
     * The look for a shot.
     *
     * @param frames at which the exposure is at its highest, within the shot
     * @throws IllegalArgumentException when there is none
     */
    public LookSet make(Size picture, Size frame, int length, FrameRate rate, SortedSet<Integer> frames) {
        if (frames.isEmpty()) {
            throw new IllegalArgumentException("a flash needs a marker within the shot");
        }
        var keys = new TreeMap<Integer, Key<Double>>();
        for (int at : frames) {
            int before = at - Math.max(1, rate.frames(rise));
            if (before >= 0 && !keys.containsKey(before)) {
                keys.put(before, Key.of(before, 0.0, rise == 0 ? Leg.LINEAR : Ease.GENTLE_BOTH.leg()));
            }
            keys.put(at, Key.of(at, stops, Ease.GENTLE_ARRIVE.leg()));
            Integer next = frames.tailSet(at + 1).isEmpty()
                    ? null
                    : frames.tailSet(at + 1).first();
            int after = Math.min(at + Math.max(1, rate.frames(fall)), length - 1);
            boolean free = next == null || after < next - Math.max(1, rate.frames(rise));
            if (after > at && free) {
                keys.put(after, Key.of(after, 0.0, Leg.LINEAR));
            }
        }
        var draft = new LookDraft(picture, frame, length).add(LookKinds.TONE);
        LookSet set = draft.named(words);
        Property<Double> exposure = set.looks().getFirst().own(LookKinds.EXPOSURE);
        List<Key<Double>> all = new ArrayList<>(keys.values());
        return set.withCamera(set.camera().with(exposure, Channel.keyed(exposure.kind(), all)));
    }
}
