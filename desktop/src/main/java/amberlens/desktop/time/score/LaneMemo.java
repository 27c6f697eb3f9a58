package amberlens.desktop.time.score;

import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.property.Lane;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * What was found out about the lanes as they were last painted. A drag changes few lanes; the others are sampled once.
 *
 * <p>Each answer is kept beside what it was found for: the channel, by identity since channels never change, and whatever
 * else it depends on.
 */
final class LaneMemo {
    private record Question(Lane lane, Object about) {}

    private record Answer(Channel<?> channel, Object state, Object found) {
        boolean fits(Channel<?> asked, Object now) {
            return channel == asked && state.equals(now);
        }
    }

    private final Map<Question, Answer> answers = new HashMap<>();

    /** The answer for a lane, found anew when its channel or the state is another than last time. */
    <T> T of(Lane lane, Class<T> about, int part, Channel<?> channel, Object state, Supplier<T> find) {
        var question = new Question(lane, about.getName() + part);
        Answer known = answers.get(question);
        if (known == null || !known.fits(channel, state)) {
            known = new Answer(channel, state, find.get());
            answers.put(question, known);
        }
        return about.cast(known.found());
    }
}
