package amberlens.core.material.sound;

import amberlens.core.base.time.FrameRate;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * How a sound is lowered while another one speaks: the usual amounts are common practice.
 *
 * @param threshold dB; where the voice is louder it speaks
 * @param depth by how many dB the sound is lowered, 0 … 60
 * @param attack seconds in which it goes down before the voice begins
 * @param release seconds in which it comes back after the voice
 */
public record Ducking(double threshold, double depth, double attack, double release) {
    public static final Ducking USUAL = new Ducking(-40, 12, 0.25, 0.8);

    /** A voice that rests for less still speaks, in seconds, beside the time that going up and down takes. */
    private static final double BREATH = 0.3;

    public Ducking {
        if (!(depth >= 0 && depth <= 60 && attack >= 0 && attack <= 60 && release >= 0 && release <= 60)) {
            throw new IllegalArgumentException("a sound is lowered by 0 … 60 dB, within 0 … 60 s, not by " + depth
                    + " dB within " + attack + " and " + release + " s");
        }
    }

    /**
     * A stretch in which the voice speaks.
     *
     * @param from seconds on the line-up
     * @param to likewise
     */
    public record Spoken(double from, double to) {}

    /** Where a voice speaks. */
    public List<Spoken> spoken(Envelope voice) {
        double least = Math.pow(10, threshold / 10);
        List<Spoken> found = new ArrayList<>();
        double together = attack + release + BREATH;
        for (int step = 0; step < voice.power().length; step++) {
            if (voice.power()[step] > least) {
                double begin = voice.seconds(step);
                double end = voice.seconds(step + 1);
                boolean goesOn = !found.isEmpty() && begin - found.getLast().to() < together;
                found.add(new Spoken(goesOn ? found.removeLast().from() : begin, end));
            }
        }
        return found;
    }

    /**
     * The level of a clip, lowered while a voice speaks, as plain keys that a hand can change.
     *
     * @param voice at least while the clip is heard
     */
    public Channel<Double> level(SoundClip clip, Envelope voice, FrameRate rate) {
        double start = clip.start().value();
        double end = clip.end().value();
        List<Spoken> spoken = spoken(voice).stream()
                .filter(one -> one.to() + release > start && one.from() - attack < end)
                .toList();
        if (spoken.isEmpty() || depth == 0) {
            return clip.level();
        }
        int last = Math.max(1, (int) Math.ceil(clip.length().frames(rate)));
        var frames = new TreeSet<Integer>();
        clip.level().keys().forEach(key -> frames.add(key.at()));
        double perSecond = rate.perSecond();
        for (Spoken one : spoken) {
            frames.add(within((int) Math.floor((one.from() - attack - start) * perSecond), last));
            frames.add(within((int) Math.floor((one.from() - start) * perSecond), last));
            frames.add(within((int) Math.ceil((one.to() - start) * perSecond), last));
            frames.add(within((int) Math.ceil((one.to() + release - start) * perSecond), last));
        }
        List<Key<Double>> keys = frames.stream()
                .map(frame -> Key.of(frame, clip.level().at(frame) - lowered(spoken, start, frame, rate), Leg.LINEAR))
                .toList();
        return clip.level().withKeys(keys, clip.level().constant());
    }

    private static int within(int frame, int last) {
        return Math.clamp(frame, 0, last);
    }

    /** By how many dB the sound is lowered at a frame of its clip. */
    private double lowered(List<Spoken> spoken, double start, int frame, FrameRate rate) {
        double most = 0;
        for (Spoken one : spoken) {
            double from = Math.floor((one.from() - start) * rate.perSecond());
            double to = Math.ceil((one.to() - start) * rate.perSecond());
            double down = Math.max(1e-9, from - Math.floor((one.from() - attack - start) * rate.perSecond()));
            double up = Math.max(1e-9, Math.ceil((one.to() + release - start) * rate.perSecond()) - to);
            double part = frame < from ? 1 - (from - frame) / down : frame > to ? 1 - (frame - to) / up : 1;
            most = Math.max(most, depth * Math.clamp(part, 0, 1));
        }
        return most;
    }
}
