package amberlens.desktop.shelf.panes;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Media;
import java.nio.file.attribute.FileTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ShelfOrderTest {
    private static final Media POND = Media.photo("m1", "/garden/bed 10.jpg", new Size(4000, 3000));
    private static final Media PATH = Media.photo("m2", "/garden/bed 2.jpg", new Size(3000, 4000));
    private static final Media SWEEP = Media.photo("m3", "/garden/Arbour.jpg", new Size(9000, 2000));
    private static final List<Media> ALL = List.of(POND, PATH, SWEEP);

    private static List<Media> ordered(ShelfOrder order, String filter) {
        return order.of(
                ALL,
                filter,
                Map.of("m1", FileTime.fromMillis(30), "m2", FileTime.fromMillis(10), "m3", FileTime.fromMillis(20)));
    }

    @Test
    void names_are_ordered_as_people_count() {
        assertThat(ordered(ShelfOrder.NAME, "")).containsExactly(SWEEP, PATH, POND);
    }

    @Test
    void dates_go_from_old_to_new_and_shapes_from_wide_to_tall() {
        assertThat(ordered(ShelfOrder.DATE, "")).containsExactly(PATH, SWEEP, POND);
        assertThat(ordered(ShelfOrder.SHAPE, "")).containsExactly(SWEEP, POND, PATH);
        assertThat(ordered(ShelfOrder.ADDED, "")).containsExactly(POND, PATH, SWEEP);
    }

    @Test
    void all_words_of_the_filter_must_occur_in_any_order() {
        assertThat(ordered(ShelfOrder.ADDED, "10 BED")).containsExactly(POND);
        assertThat(ordered(ShelfOrder.ADDED, "  ")).hasSize(3);
        assertThat(ordered(ShelfOrder.ADDED, "rose")).isEmpty();
    }
}
