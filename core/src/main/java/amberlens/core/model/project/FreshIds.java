package amberlens.core.model.project;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;

/** Ids that nothing in the project has yet. */
public final class FreshIds {
    private FreshIds() {}

    /** The prefix with the smallest free number, from 1. */
    public static String next(String prefix, Collection<String> taken) {
        int number = 1;
        while (taken.contains(prefix + number)) {
            number++;
        }
        return prefix + number;
    }

    /** So many free ids, with the smallest numbers. */
    public static List<String> many(String prefix, Collection<String> taken, int count) {
        var known = new HashSet<>(taken);
        List<String> fresh = new ArrayList<>();
        for (int number = 1; fresh.size() < count; number++) {
            if (!known.contains(prefix + number)) {
                fresh.add(prefix + number);
            }
        }
        return fresh;
    }
}
