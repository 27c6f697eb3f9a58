package amberlens.core.base.memo;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiPredicate;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.ToLongFunction;
import org.jspecify.annotations.Nullable;

/**
 * Things kept within a budget; the least recently used are given up first. The newest is kept even if it is larger than the budget alone.
 * Every cache of the program is one of these: what is newest is always let in, because what is read ahead is looked at once, later, and
 * policies that go by how often something was asked for would turn it away. For one thread at a time.
 *
 * @param <K> what it is asked for by
 * @param <V> what is kept
 */
public final class RecentlyUsed<K, V> {
    private static final class Kept<V> {
        private final V value;
        private long size;

        private Kept(V value) {
            this.value = value;
        }
    }

    private final Map<K, Kept<V>> kept = new LinkedHashMap<>(16, 0.75f, true);
    private final long budget;
    private final ToLongFunction<V> size;
    private final Predicate<K> spared;
    private final Consumer<V> givenUp;
    private long held;

    /**
     * @param budget what all may hold together, in the unit of the sizes
     * @param size how much one holds, at least 0; what holds nothing is never given up
     * @throws IllegalArgumentException for a budget below 0
     */
    public RecentlyUsed(long budget, ToLongFunction<V> size) {
        this(budget, size, _ -> false, _ -> {});
    }

    /**
     * Likewise.
     *
     * @param spared what is not given up at present, though it counts
     * @param givenUp is told what is kept no longer, for whatever reason
     */
    public RecentlyUsed(long budget, ToLongFunction<V> size, Predicate<K> spared, Consumer<V> givenUp) {
        if (budget < 0) {
            throw new IllegalArgumentException("a budget is at least 0, not " + budget);
        }
        this.budget = budget;
        this.size = size;
        this.spared = spared;
        this.givenUp = givenUp;
    }

    /** What is kept, and is used by that; nothing otherwise. */
    public @Nullable V get(K key) {
        Kept<V> found = kept.get(key);
        return found == null ? null : found.value;
    }

    /** Keeps something, in place of what was kept by the same key, and gives up what has no room beside it. */
    public void put(K key, V value) {
        remove(key);
        kept.put(key, new Kept<>(value));
        weigh(key);
        giveUp(budget, key::equals);
    }

    /** Takes note that what is kept has become larger or smaller. Uses it, and gives up nothing. */
    public void weigh(K key) {
        Kept<V> found = kept.get(key);
        if (found != null) {
            held -= found.size;
            found.size = size.applyAsLong(found.value);
            held += found.size;
        }
    }

    /**
     * Gives up the least recently used until the others hold no more than so much.
     *
     * @param most how much may be held
     * @param newest what stays all the same
     * @return how much was given up
     */
    public long giveUp(long most, Predicate<K> newest) {
        long before = held;
        var oldest = kept.entrySet().iterator();
        while (held > most && oldest.hasNext()) {
            var candidate = oldest.next();
            K key = candidate.getKey();
            if (candidate.getValue().size > 0 && !newest.test(key) && !spared.test(key)) {
                oldest.remove();
                gone(candidate.getValue());
            }
        }
        return before - held;
    }

    /** Keeps something no longer. */
    public void remove(K key) {
        Kept<V> found = kept.remove(key);
        if (found != null) {
            gone(found);
        }
    }

    /** Likewise for some. */
    public void removeIf(BiPredicate<K, V> which) {
        List<K> keys = kept.entrySet().stream()
                .filter(one -> which.test(one.getKey(), one.getValue().value))
                .map(Map.Entry::getKey)
                .toList();
        keys.forEach(this::remove);
    }

    private void gone(Kept<V> one) {
        held -= one.size;
        givenUp.accept(one.value);
    }

    /** How much all hold together. */
    public long held() {
        return held;
    }

    /** How many are kept. */
    public int count() {
        return kept.size();
    }
}
