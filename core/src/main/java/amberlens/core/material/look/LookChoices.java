package amberlens.core.material.look;

import java.util.HashMap;
import java.util.Map;

/** What was chosen about a look; whatever is not in here is as usual. */
public final class LookChoices {
    public static final LookChoices USUAL = new LookChoices(Map.of());

    private final Map<Choice<?>, Object> chosen;

    private LookChoices(Map<Choice<?>, Object> chosen) {
        this.chosen = chosen;
    }

    @SuppressWarnings("unchecked") // with() puts only answers of a choice's own type beside it
    public <V> V get(Choice<V> choice) {
        Object answer = chosen.get(choice);
        return answer == null ? choice.usual() : (V) answer;
    }

    /** These with another answer. */
    public <V> LookChoices with(Choice<V> choice, V answer) {
        var changed = new HashMap<>(chosen);
        if (answer.equals(choice.usual())) {
            changed.remove(choice);
        } else {
            changed.put(choice, answer);
        }
        return new LookChoices(Map.copyOf(changed));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof LookChoices choices && choices.chosen.equals(chosen);
    }

    @Override
    public int hashCode() {
        return chosen.hashCode();
    }

    @Override
    public String toString() {
        return chosen.toString();
    }
}
