package amberlens.core.motion.keys;

import amberlens.core.motion.property.Lane;
import java.util.Comparator;

/** One key: its lane and its frame. */
public record KeyRef(Lane lane, int at) implements Comparable<KeyRef> {
    private static final Comparator<KeyRef> ORDER =
            Comparator.comparing(KeyRef::lane).thenComparingInt(KeyRef::at);

    @Override
    public int compareTo(KeyRef other) {
        return ORDER.compare(this, other);
    }
}
