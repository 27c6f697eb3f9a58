package amberlens.desktop.desk.state;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** Those who are told of changes. Changes made together are told together. */
final class Listeners {
    private final List<Consumer<Changes>> all = new ArrayList<>();
    private int depth;
    private @Nullable Changes pending;

    Subscription add(Consumer<Changes> listener) {
        all.add(listener);
        return () -> all.remove(listener);
    }

    int count() {
        return all.size();
    }

    void tell(Change first, Change... more) {
        Set<Change> what = EnumSet.of(first, more);
        tell(Changes.of(what));
    }

    void tell(Changes changes) {
        if (depth > 0) {
            pending = pending == null ? changes : pending.and(changes);
        } else {
            List.copyOf(all).forEach(listener -> listener.accept(changes));
        }
    }

    /** Does something, and tells of all its changes at once when it is done. */
    void together(Runnable work) {
        depth++;
        try {
            work.run();
        } finally {
            depth--;
        }
        if (depth == 0 && pending != null) {
            Changes told = pending;
            pending = null;
            tell(told);
        }
    }
}
