package amberlens.core.edit;

import java.util.Collection;

/** Ids that nothing in the project has yet. */
final class FreshIds {
    private FreshIds() {}

    /** The prefix with the smallest free number, from 1. */
    static String next(String prefix, Collection<String> taken) {
        int number = 1;
        while (taken.contains(prefix + number)) {
            number++;
        }
        return prefix + number;
    }
}
