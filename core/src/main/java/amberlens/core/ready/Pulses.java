package amberlens.core.ready;

import amberlens.core.motion.Pose;
import amberlens.core.motion.TimingCurve;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/** A small push on every beat, which eases back until the next. Without beats it beats once a second or so. */
final class Pulses {
    private static final double PUSH = 0.03;
    private static final int USUAL_DISTANCE = 25;
    private static final int ATTACK = 2;

    private Pulses() {}

    static Draft move(Stage stage, Wish wish) {
        Pose rest = stage.at(stage.point(), stage.fill());
        Pose pushed = rest.zoomedAbout(stage.frame().centre(), 1 + PUSH * wish.part());
        TreeMap<Integer, Pose> framings = new TreeMap<>();
        framings.put(0, rest);
        for (int beat : beats(stage)) {
            framings.putIfAbsent(Math.max(0, beat - ATTACK), rest);
            framings.put(beat, pushed);
        }
        framings.putIfAbsent(stage.length() - 1, rest);
        List<Pose> poses = new ArrayList<>(framings.values());
        return new Draft(
                poses, false, Optional.of(new TimingCurve(0, 0, 0.58, 1)), List.copyOf(framings.keySet()), false);
    }

    private static List<Integer> beats(Stage stage) {
        List<Integer> inside = stage.beats().stream()
                .filter(beat -> beat > 0 && beat < stage.length() - 1)
                .toList();
        if (!inside.isEmpty()) {
            return inside;
        }
        List<Integer> usual = new ArrayList<>();
        for (int beat = USUAL_DISTANCE; beat < stage.length() - 1; beat += USUAL_DISTANCE) {
            usual.add(beat);
        }
        return usual;
    }
}
