package amberlens.desktop.dialogs.arrange;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ArrangeCardTest {
    @Test
    void few_cards_are_large_and_many_are_small_enough_to_be_seen_at_once_if_they_can() {
        assertThat(ArrangeCard.fitting(1, 1200, 560, 10)).isEqualTo(512);
        assertThat(ArrangeCard.fitting(7, 1800, 900, 10)).isBetween(380.0, 512.0);
        assertThat(ArrangeCard.fitting(40, 1200, 560, 10)).isEqualTo(256);
        double eight = ArrangeCard.fitting(8, 1800, 900, 10);
        assertThat(ArrangeCard.fitting(16, 1800, 900, 10)).isLessThan(eight);
    }

    @Test
    void before_there_is_any_room_they_are_as_small_as_can_be() {
        assertThat(ArrangeCard.fitting(3, 0, 0, 10)).isEqualTo(256);
    }
}
