package amberlens.core.judge.seal;

import java.util.Collections;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * What a seal has to respect.
 *
 * @param limitPercent the greatest enlargement it may lead to, above 0; infinite for none. Frames that are above it already may
 *     stay as they are, but no frame is enlarged further above it
 * @param locked frames whose pose must not change
 * @param mayAddKey whether one key may be added when the keys there are cannot do it
 */
public record SealTerms(double limitPercent, SortedSet<Integer> locked, boolean mayAddKey) {
    public SealTerms {
        if (!(limitPercent > 0)) {
            throw new IllegalArgumentException("an enlargement limit is above 0 %, not " + limitPercent);
        }
        locked = Collections.unmodifiableSortedSet(new TreeSet<>(locked));
    }

    /** Nothing locked, no key added. */
    public static SealTerms limit(double percent) {
        return new SealTerms(percent, new TreeSet<>(), false);
    }

    /** Nothing to respect. */
    public static SealTerms free() {
        return limit(Double.POSITIVE_INFINITY);
    }

    public SealTerms withLimit(double percent) {
        return new SealTerms(percent, locked, mayAddKey);
    }

    public SealTerms withLocked(SortedSet<Integer> frames) {
        return new SealTerms(limitPercent, frames, mayAddKey);
    }

    public SealTerms withMayAddKey(boolean may) {
        return new SealTerms(limitPercent, locked, may);
    }
}
