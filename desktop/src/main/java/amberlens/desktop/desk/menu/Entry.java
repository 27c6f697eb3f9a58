package amberlens.desktop.desk.menu;

import java.util.List;
import java.util.stream.Stream;

/** Something in a menu. */
sealed interface Entry {
    /** An action, by its id. */
    record Does(String action) implements Entry {}

    /** A line between groups. */
    record Line() implements Entry {}

    /** A menu inside the menu. */
    record Inner(String word, List<Entry> entries) implements Entry {}

    /** The projects opened lately. */
    record Recent() implements Entry {}

    /** A menu of groups, with lines between them. */
    @SafeVarargs
    static List<Entry> groups(List<Entry>... groups) {
        return Stream.of(groups)
                .flatMap(group -> Stream.concat(Stream.of(new Line()), group.stream()))
                .skip(1)
                .toList();
    }

    /** A group: ids of actions, or other entries. */
    static List<Entry> group(Object... entries) {
        return Stream.of(entries)
                .map(entry -> entry instanceof String action ? new Does(action) : (Entry) entry)
                .toList();
    }

    static Entry inner(String word, String... actions) {
        return new Inner(word, group((Object[]) actions));
    }
}
