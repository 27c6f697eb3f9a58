package amberlens.core.edit.ready;

import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** Moves that go by what is heard. */
final class Pulses {
    private static final double PUSH = 0.03;

    /** How much closer all steps together come. */
    private static final double STEPS = 0.12;

    /** Where nothing is heard, in seconds. */
    static final double USUAL_DISTANCE = 1;

    static final double USUAL_BAR = 4 * USUAL_DISTANCE;

    /** How long before a beat a push begins, in seconds. */
    private static final double ATTACK = 0.08;

    /** A step takes so many seconds, or half of the way to the next. */
    private static final double STEP = 0.4;

    private static final TimingCurve ARRIVING = new TimingCurve(0, 0, 0.58, 1);

    private Pulses() {}

    /** A small push on every beat, which eases back until the next. Without beats it beats once a second or so. */
    static Draft beats(Stage stage, MoveWish wish) {
        Pose rest = stage.aimed(stage.fill());
        Pose pushed = rest.zoomedAbout(stage.frame().centre(), 1 + PUSH * wish.part());
        TreeMap<Integer, Pose> framings = new TreeMap<>();
        framings.put(0, rest);
        for (int beat : times(stage, stage.rhythm().beats(), USUAL_DISTANCE)) {
            framings.putIfAbsent(Math.max(0, beat - Math.max(1, stage.rate().frames(ATTACK))), rest);
            framings.put(beat, pushed);
        }
        framings.putIfAbsent(stage.length() - 1, rest);
        return draft(framings);
    }

    /** A step closer to the subject with every bar, and a rest until the next; a bar that is there at the start is the first place. */
    static Draft bars(Stage stage, MoveWish wish) {
        List<Integer> bars = times(stage, stage.rhythm().bars(), USUAL_BAR);
        TreeMap<Integer, Pose> framings = new TreeMap<>();
        framings.put(0, at(stage, wish, 0));
        for (int i = 0; i < bars.size(); i++) {
            int bar = bars.get(i);
            int next = i + 1 < bars.size() ? bars.get(i + 1) : stage.length() - 1;
            int taken = Math.clamp((next - bar) / 2, 1, Math.max(1, stage.rate().frames(STEP)));
            framings.put(bar, at(stage, wish, (double) i / bars.size()));
            framings.put(Math.min(bar + taken, stage.length() - 1), at(stage, wish, (i + 1.0) / bars.size()));
        }
        framings.putIfAbsent(stage.length() - 1, at(stage, wish, 1));
        return draft(framings);
    }

    private static Pose at(Stage stage, MoveWish wish, double part) {
        return stage.aimed(stage.fill() * (1 + STEPS * wish.part() * part));
    }

    private static Draft draft(SortedMap<Integer, Pose> framings) {
        return new Draft(
                new ArrayList<>(framings.values()),
                false,
                Optional.of(ARRIVING),
                List.copyOf(framings.keySet()),
                false);
    }

    /** Those inside a shot, or evenly where there are none. */
    static List<Integer> times(Stage stage, List<Integer> heard, double usualSeconds) {
        int usual = Math.max(1, stage.rate().frames(usualSeconds));
        List<Integer> inside =
                heard.stream().filter(at -> at > 0 && at < stage.length() - 1).toList();
        return inside.isEmpty()
                ? IntStream.iterate(usual, at -> at < stage.length() - 1, at -> at + usual)
                        .boxed()
                        .toList()
                : inside;
    }
}
