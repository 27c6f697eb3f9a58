package amberlens.desktop.shelf.panes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ShelfSelectionTest {
    private static final List<String> ORDER = List.of("a", "b", "c", "d", "e");
    private final ShelfSelection selection = new ShelfSelection();

    @Test
    void a_click_selects_one_and_shift_everything_up_to_another() {
        selection.only("d");
        selection.upTo("b", ORDER);
        assertThat(selection.in(ORDER)).containsExactly("b", "c", "d");
        selection.upTo("e", ORDER);
        assertThat(selection.in(ORDER)).containsExactly("d", "e");
        selection.only("a");
        assertThat(selection.in(ORDER)).containsExactly("a");
    }

    @Test
    void one_more_and_one_less() {
        selection.only("a");
        selection.toggle("c");
        selection.toggle("a");
        assertThat(selection.in(ORDER)).containsExactly("c");
        selection.upTo("b", ORDER); // from the one that was touched last
        assertThat(selection.in(ORDER)).containsExactly("a", "b");
    }

    @Test
    void a_lasso_replaces_or_adds_and_what_is_gone_is_forgotten() {
        selection.only("a");
        selection.caught(Set.of("c", "d"), Set.of());
        assertThat(selection.in(ORDER)).containsExactly("c", "d");
        selection.caught(Set.of("e"), selection.now());
        assertThat(selection.in(ORDER)).containsExactly("c", "d", "e");
        selection.keepOnly(List.of("a", "e"));
        assertThat(selection.size()).isOne();
        selection.all(ORDER);
        assertThat(selection.size()).isEqualTo(5);
        selection.nothing();
        assertThat(selection.isEmpty()).isTrue();
    }

    @Test
    void shift_without_anything_before_selects_the_one() {
        selection.upTo("c", ORDER);
        assertThat(selection.in(ORDER)).containsExactly("c");
    }
}
