package amberlens.desktop.shelf.panes;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Which pictures of the Shelf are selected, by their ids. */
final class ShelfSelection {
    private final Set<String> chosen = new LinkedHashSet<>();
    private String anchor = "";

    boolean includes(String id) {
        return chosen.contains(id);
    }

    boolean isEmpty() {
        return chosen.isEmpty();
    }

    int size() {
        return chosen.size();
    }

    /** The selected ones in an order. */
    List<String> in(List<String> order) {
        return order.stream().filter(chosen::contains).toList();
    }

    /** Only this one. */
    void only(String id) {
        chosen.clear();
        chosen.add(id);
        anchor = id;
    }

    /** This one, too, or no longer. */
    void toggle(String id) {
        if (!chosen.remove(id)) {
            chosen.add(id);
        }
        anchor = id;
    }

    /** Everything from the one that was selected last to this one. */
    void upTo(String id, List<String> order) {
        int from = order.indexOf(anchor);
        int to = order.indexOf(id);
        if (from < 0 || to < 0) {
            only(id);
            return;
        }
        chosen.clear();
        chosen.addAll(order.subList(Math.min(from, to), Math.max(from, to) + 1));
    }

    void all(List<String> order) {
        chosen.clear();
        chosen.addAll(order);
    }

    void nothing() {
        chosen.clear();
    }

    /** What is caught in a lasso, beside what was selected before when that is kept. */
    void caught(Set<String> ids, Set<String> kept) {
        chosen.clear();
        chosen.addAll(kept);
        chosen.addAll(ids);
    }

    Set<String> now() {
        return Set.copyOf(chosen);
    }

    /** Forgets what is not on the Shelf any more. */
    void keepOnly(List<String> order) {
        chosen.retainAll(Set.copyOf(order));
    }
}
