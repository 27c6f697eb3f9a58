package amberlens.desktop.desk.menu;

import amberlens.desktop.desk.actions.Action;
import java.util.List;
import java.util.stream.Stream;

/** Which actions stand in menus. */
public final class MenuIds {
    private MenuIds() {}

    /** The ids of all actions of some entries. */
    static Stream<String> of(List<Entry> entries) {
        return entries.stream().flatMap(entry -> switch (entry) {
            case Entry.Does does -> Stream.of(does.action());
            case Entry.Inner inner -> of(inner.entries());
            default -> Stream.empty();
        });
    }

    /** The ids of all actions that stand in any menu. */
    public static List<String> everywhere() {
        return Stream.concat(
                        Stream.of(Action.Menu.values()).map(MenuPlan::of),
                        Stream.of(MenuTarget.values()).map(MenuPlan::of))
                .flatMap(MenuIds::of)
                .toList();
    }
}
