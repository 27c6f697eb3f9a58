package amberlens.desktop.desk.menu;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.desktop.desk.actions.Action;
import java.util.List;
import org.junit.jupiter.api.Test;

class MenuPlanTest {
    private static final int LONGEST = 14;

    @Test
    void menus_are_short_and_in_groups() {
        for (Action.Menu menu : Action.Menu.values()) {
            List<Entry> entries = MenuPlan.of(menu);
            assertThat(entries)
                    .filteredOn(entry -> !(entry instanceof Entry.Line))
                    .as(menu.word())
                    .hasSizeLessThanOrEqualTo(LONGEST);
            assertThat(entries.getFirst()).isNotInstanceOf(Entry.Line.class);
            assertThat(entries.getLast()).isNotInstanceOf(Entry.Line.class);
            for (int i = 1; i < entries.size(); i++) {
                boolean twice = entries.get(i) instanceof Entry.Line && entries.get(i - 1) instanceof Entry.Line;
                assertThat(twice).as("two lines in a row in " + menu.word()).isFalse();
            }
        }
    }

    @Test
    void no_action_stands_twice_in_a_menu() {
        for (Action.Menu menu : Action.Menu.values()) {
            assertThat(MenuIds.of(MenuPlan.of(menu)).toList()).as(menu.word()).doesNotHaveDuplicates();
        }
        for (MenuTarget spot : MenuTarget.values()) {
            assertThat(MenuIds.of(MenuPlan.of(spot)).toList()).as(spot.name()).doesNotHaveDuplicates();
        }
    }
}
