package amberlens.core.base.memo;

import java.util.function.BiPredicate;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The last answer that each thread was given: for what is asked again and again about the same thing, frame by frame.
 *
 * @param <K> what is asked about
 * @param <V> the answer
 */
public final class Last<K, V> {
    /** How an answer is found, which may take over parts of the one before. */
    @FunctionalInterface
    public interface Rule<K, V> {
        V of(K key, @Nullable V before);
    }

    private record Answer<K, V>(K key, V value) {}

    private final ThreadLocal<@Nullable Answer<K, V>> answers = new ThreadLocal<>();
    private final BiPredicate<K, K> same;

    private Last(BiPredicate<K, K> same) {
        this.same = same;
    }

    /** Keys are the same when they are the very same object: to compare them would cost more than it saves. */
    @SuppressWarnings("ReferenceEquality")
    public static <K, V> Last<K, V> byIdentity() {
        return new Last<>((a, b) -> a == b);
    }

    /** Keys are the same when somebody says so. */
    public static <K, V> Last<K, V> by(BiPredicate<K, K> same) {
        return new Last<>(same);
    }

    /** Keys are compared. */
    public static <K, V> Last<K, V> byValue() {
        return new Last<>(Object::equals);
    }

    /** The answer for a key. */
    public V get(K key, Function<K, V> rule) {
        return getFrom(key, (asked, _) -> rule.apply(asked));
    }

    /** Likewise, where the answer before is of use for the next one. */
    public V getFrom(K key, Rule<K, V> rule) {
        Answer<K, V> last = answers.get();
        if (last != null && same.test(last.key, key)) {
            return last.value;
        }
        V value = rule.of(key, last == null ? null : last.value);
        answers.set(new Answer<>(key, value));
        return value;
    }

    /** Forgets the last answer of this thread, for one that is too large to be kept. */
    public void forget() {
        answers.remove();
    }
}
