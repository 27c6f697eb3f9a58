package amberlens.core.base.memo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class RecentlyUsedTest {
    private final List<Integer> gone = new ArrayList<>();
    private final Set<String> spared = new HashSet<>();
    private final RecentlyUsed<String, Integer> kept =
            new RecentlyUsed<>(10, size -> size, spared::contains, gone::add);

    @Test
    void what_was_used_longest_ago_goes_first() {
        kept.put("bench", 4);
        kept.put("pond", 5);
        assertThat(kept.get("bench")).isEqualTo(4);
        kept.put("gate", 3);
        assertThat(kept.get("pond")).isNull();
        assertThat(gone).containsExactly(5);
        assertThat(kept.held()).isEqualTo(7);
        assertThat(kept.count()).isEqualTo(2);
    }

    @Test
    void the_newest_stays_however_large_it_is() {
        kept.put("bench", 4);
        kept.put("meadow", 50);
        assertThat(kept.get("meadow")).isEqualTo(50);
        assertThat(gone).containsExactly(4);
    }

    @Test
    void what_is_spared_counts_but_stays() {
        spared.add("bench");
        kept.put("bench", 6);
        kept.put("pond", 3);
        kept.put("gate", 2);
        assertThat(kept.get("bench")).isEqualTo(6);
        assertThat(kept.get("pond")).isNull();
        spared.clear();
        assertThat(kept.giveUp(0, "gate"::equals)).isEqualTo(6);
        assertThat(kept.held()).isEqualTo(2);
    }

    @Test
    void what_grows_counts_once_it_is_weighed_again() {
        var sizes = new RecentlyUsed<String, List<String>>(10, List::size);
        var growing = new ArrayList<String>();
        sizes.put("list", growing);
        growing.addAll(List.of("a", "b", "c"));
        assertThat(sizes.held()).isZero();
        sizes.weigh("list");
        assertThat(sizes.held()).isEqualTo(3);
        sizes.weigh("nothing");
        assertThat(sizes.held()).isEqualTo(3);
    }

    @Test
    void what_holds_nothing_yet_is_not_given_up_for_room() {
        kept.put("on its way", 0);
        kept.put("bench", 11);
        assertThat(kept.get("on its way")).isZero();
        assertThat(kept.giveUp(0, _ -> false)).isEqualTo(11);
        assertThat(kept.get("on its way")).isZero();
    }

    @Test
    void whatever_goes_is_told_once() {
        kept.put("bench", 1);
        kept.put("bench", 2);
        kept.put("pond", 3);
        kept.remove("bench");
        kept.remove("bench");
        kept.removeIf((key, size) -> key.equals("pond") && size == 3);
        assertThat(gone).containsExactly(1, 2, 3);
        assertThat(kept.count()).isZero();
        assertThat(kept.held()).isZero();
    }

    @Test
    void a_budget_is_not_negative() {
        assertThatThrownBy(() -> new RecentlyUsed<String, Integer>(-1, size -> size))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Against a plain list, the last of which was used last. */
    @Property
    void any_use_leaves_what_a_list_would(
            @ForAll @Size(max = 60) List<@IntRange(max = 9) Integer> keys, @ForAll @IntRange(max = 30) int budget) {
        var cache = new RecentlyUsed<Integer, Integer>(budget, size -> size);
        var list = new ArrayList<Integer>();
        for (int key : keys) {
            boolean known = list.remove((Integer) key);
            assertThat(cache.get(key) != null).isEqualTo(known);
            list.add(key);
            if (!known) {
                cache.put(key, key);
                while (list.stream().mapToInt(one -> one).sum() > budget
                        && list.stream().anyMatch(one -> one > 0 && one != key)) {
                    list.remove(list.stream()
                            .filter(one -> one > 0 && one != key)
                            .findFirst()
                            .orElseThrow());
                }
            }
            assertThat(cache.count()).isEqualTo(list.size());
            assertThat(cache.held())
                    .isEqualTo(list.stream().mapToInt(one -> one).sum());
        }
    }
}
