package amberlens.core.edit.ready;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.ready.ArrangedMoves.Choice;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class ArrangedMovesTest {
    private static final Stage USUAL = stage(6000, 4000);

    private static Stage stage(int width, int height) {
        return new Stage(
                new Size(width, height),
                new Size(1920, 1080),
                100,
                FrameRate.of(25),
                110,
                Optional.empty(),
                Rhythm.NONE);
    }

    private static List<Choice> forty(ArrangedMoves moves) {
        List<Choice> choices = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            choices.add(moves.next(USUAL));
        }
        return choices;
    }

    @Property(tries = 200)
    void the_same_seed_makes_the_same_choice_and_never_the_same_move_twice_in_a_row(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = ArrangedMoves.KINDS) int kinds) {
        List<Choice> choices = forty(new ArrangedMoves(seed, 100, kinds));
        assertThat(choices).isEqualTo(forty(new ArrangedMoves(seed, 100, kinds)));
        for (int i = 1; i < choices.size(); i++) {
            assertThat(choices.get(i).move()).isNotEqualTo(choices.get(i - 1).move());
        }
        assertThat(choices.stream().map(Choice::move).distinct()).hasSizeLessThanOrEqualTo(kinds);
    }

    @Test
    void calm_arrangements_know_one_kind_of_move() {
        assertThat(forty(new ArrangedMoves(3, 60, 1)).stream().map(Choice::move))
                .containsOnly(ReadyMove.PUSH_IN);
    }

    @Property(tries = 100)
    void what_is_kept_is_not_followed_by_the_same(@ForAll long seed) {
        var moves = new ArrangedMoves(seed, 100);
        Choice kept = moves.next(USUAL);
        var others = new ArrangedMoves(seed + 1, 100);
        others.keep(kept);
        assertThat(others.next(USUAL).move()).isNotEqualTo(kept.move());
    }

    @Property(tries = 100)
    void another_move_is_one_that_suits_and_all_of_them_come_in_turn(@ForAll long seed) {
        for (Stage stage : List.of(USUAL, stage(3000, 6000), stage(14_000, 2600), stage(2000, 1300))) {
            Choice first = new ArrangedMoves(seed, 100).next(stage);
            List<ReadyMove> seen = new ArrayList<>(List.of(first.move()));
            Choice now = first.other(stage);
            while (now.move() != first.move()) {
                assertThat(seen).doesNotContain(now.move());
                assertThat(now.wish()).isEqualTo(first.wish());
                seen.add(now.move());
                now = now.other(stage);
            }
            assertThat(seen).hasSizeGreaterThan(1);
        }
    }

    @Property(tries = 100)
    void turned_round_twice_it_is_as_before(@ForAll long seed) {
        Choice choice = new ArrangedMoves(seed, 100).next(USUAL);
        assertThat(choice.turned()).isNotEqualTo(choice);
        assertThat(choice.turned().turned()).isEqualTo(choice);
    }

    @Test
    void panoramas_are_swept_and_tall_pictures_tilted() {
        var chosen = new ArrayList<ReadyMove>();
        var moves = new ArrangedMoves(9, 100);
        for (int i = 0; i < 20; i++) {
            chosen.add(moves.next(stage(14_000, 2600)).move());
        }
        assertThat(chosen).containsOnly(ReadyMove.SWEEP, ReadyMove.PAN_AND_ZOOM, ReadyMove.SLIDE);
        assertThat(new ArrangedMoves(9, 100, 1).next(stage(3000, 6000)).move()).isEqualTo(ReadyMove.TILT);
    }
}
