package amberlens.core.base.memo;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToLongFunction;

/**
 * Answers that are kept within a budget of bytes; the least recently used go first. Safe for use from several threads, which may then
 * find the same answer twice.
 *
 * @param <K> what is asked about
 * @param <V> the answer
 */
public final class Memo<K, V> {
    private record Kept<V>(V value, long bytes) {}

    private final Map<K, Kept<V>> kept = new LinkedHashMap<>(16, 0.75f, true);
    private final long budget;
    private final ToLongFunction<V> size;
    private long held;

    /**
     * @param budget bytes that all answers may hold together; the newest is kept even if it is larger alone
     * @param size about how many bytes an answer holds
     */
    public Memo(long budget, ToLongFunction<V> size) {
        if (budget < 0) {
            throw new IllegalArgumentException("a budget is at least 0 bytes, not " + budget);
        }
        this.budget = budget;
        this.size = size;
    }

    /** The answer for a key. */
    public V get(K key, Function<K, V> rule) {
        synchronized (kept) {
            Kept<V> known = kept.get(key);
            if (known != null) {
                return known.value;
            }
        }
        V value = rule.apply(key);
        put(key, value);
        return value;
    }

    private void put(K key, V value) {
        synchronized (kept) {
            var now = new Kept<>(value, size.applyAsLong(value));
            Kept<V> before = kept.put(key, now);
            held += now.bytes - (before == null ? 0 : before.bytes);
            Iterator<Kept<V>> oldest = kept.values().iterator();
            while (held > budget && kept.size() > 1) {
                held -= oldest.next().bytes;
                oldest.remove();
            }
        }
    }

    /** About how many bytes the answers hold. */
    public long bytes() {
        synchronized (kept) {
            return held;
        }
    }

    /** How many answers are kept. */
    public int count() {
        synchronized (kept) {
            return kept.size();
        }
    }
}
