package amberlens.core.base.memo;

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
    private final RecentlyUsed<K, V> kept;

    /**
     * @param budget bytes that all answers may hold together; the newest is kept even if it is larger alone
     * @param size about how many bytes an answer holds
     */
    public Memo(long budget, ToLongFunction<V> size) {
        kept = new RecentlyUsed<>(budget, size);
    }

    /** The answer for a key. */
    public V get(K key, Function<K, V> rule) {
        synchronized (kept) {
            V known = kept.get(key);
            if (known != null) {
                return known;
            }
        }
        V value = rule.apply(key);
        synchronized (kept) {
            kept.put(key, value);
        }
        return value;
    }
}
