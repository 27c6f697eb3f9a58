package amberlens.core.motion.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.ValueKinds;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A channel muted, unlinked, and with other values. */
class ChannelChangesTest {
    private static final Channel<FramePoint> SLIDE = Channel.keyed(
            ValueKinds.POSITION,
            List.of(
                    Key.of(0, new FramePoint(0, 100), Leg.LINEAR),
                    Key.of(10, new FramePoint(50, 200), Leg.HOLD),
                    Key.of(20, new FramePoint(90, 300), Leg.LINEAR)));

    @Test
    void a_muted_channel_holds_its_value_until_its_keys_are_in_force_again() {
        Channel<FramePoint> muted = SLIDE.withMuted(true, new FramePoint(7, 8));
        assertThat(muted.at(5)).isEqualTo(new FramePoint(7, 8));
        assertThat(muted.keys()).isEqualTo(SLIDE.keys());
        assertThat(muted.withValueAt(5, new FramePoint(1, 2)).at(19)).isEqualTo(new FramePoint(1, 2));
        assertThat(muted.withMuted(true, new FramePoint(9, 9)).at(0)).isEqualTo(new FramePoint(9, 9));
        assertThat(muted.withMuted(false, FramePoint.ZERO).at(5)).isEqualTo(new FramePoint(25, 150));
        assertThat(SLIDE.withMuted(false, FramePoint.ZERO)).isSameAs(SLIDE);
        assertThat(muted.withMuted(true, new FramePoint(7, 8))).isSameAs(muted);
    }

    @Test
    void unlinked_and_linked_again_the_move_is_the_same() {
        Channel<FramePoint> apart = SLIDE.unlinked();
        for (double frame = -1; frame < 22; frame += 0.5) {
            assertThat(apart.at(frame)).isEqualTo(SLIDE.at(frame));
        }
        assertThat(apart.unlinked()).isSameAs(apart);
        assertThat(apart.linked()).isEqualTo(SLIDE);
        assertThat(SLIDE.linked()).isSameAs(SLIDE);
        Channel<FramePoint> muted = SLIDE.withMuted(true, new FramePoint(7, 8)).unlinked();
        assertThat(muted.at(5)).isEqualTo(new FramePoint(7, 8));
        assertThat(muted.axes()).isPresent();
    }

    @Test
    void keys_of_one_axis_alone_make_one_for_both_when_linked() {
        Channel<FramePoint> apart =
                SLIDE.unlinked().mapAxes(axes -> new Axes(axes.x(), axes.y().withKey(Key.of(15, 260.0, Leg.LINEAR))));
        assertThat(apart.keys()).extracting(Key::at).containsExactly(0, 10, 15, 20);
        assertThat(apart.linked().keyAt(15).orElseThrow().value()).isEqualTo(new FramePoint(50, 260));
        assertThatThrownBy(() -> apart.withKey(Key.of(3, FramePoint.ZERO, Leg.LINEAR)))
                .isInstanceOf(IllegalStateException.class);
    }

    @Test
    void a_value_set_on_unlinked_axes_touches_only_the_number_that_is_another() {
        Channel<FramePoint> apart = SLIDE.unlinked();
        Channel<FramePoint> set = apart.withValueAt(5, new FramePoint(25, 111));
        assertThat(set.axes().orElseThrow().x())
                .isEqualTo(apart.axes().orElseThrow().x());
        assertThat(set.axes().orElseThrow().y().keyAt(5).orElseThrow().value()).isEqualTo(111);
        Channel<FramePoint> still =
                Channel.constant(ValueKinds.POSITION, new FramePoint(3, 4)).unlinked();
        Channel<FramePoint> moved = still.withValueAt(0, new FramePoint(5, 4));
        assertThat(moved.at(0)).isEqualTo(new FramePoint(5, 4));
        assertThat(moved.axes()).isPresent();
        assertThat(moved.animated()).isFalse();
    }

    @Test
    void mapped_values_change_keys_and_constant_with_linked_axes_or_without() {
        assertThat(SLIDE.mapValues(p -> p.times(2)).at(10)).isEqualTo(new FramePoint(100, 400));
        Channel<FramePoint> apart = SLIDE.unlinked().mapValues(p -> new FramePoint(p.x() + 1, p.y() * 10));
        assertThat(apart.at(10)).isEqualTo(new FramePoint(51, 2000));
        assertThat(apart.at(5)).isEqualTo(new FramePoint(26, 1500));
        Channel<FramePoint> muted =
                SLIDE.unlinked().withMuted(true, new FramePoint(7, 8)).mapValues(p -> p.times(3));
        assertThat(muted.at(5)).isEqualTo(new FramePoint(21, 24));
        assertThat(muted.withMuted(false, FramePoint.ZERO).at(10)).isEqualTo(new FramePoint(150, 600));
    }

    @Test
    void bends_belong_to_linked_axes() {
        Channel<FramePoint> bent = SLIDE.mapKeys(
                key -> key.at() == 0 ? key.withHandles(new PathHandles(FramePoint.ZERO, new FramePoint(0, 80))) : key);
        assertThat(bent.bent()).isTrue();
        assertThat(SLIDE.bent()).isFalse();
        assertThat(bent.mapBends(handles -> handles.times(2))
                        .keys()
                        .getFirst()
                        .handles()
                        .out())
                .isEqualTo(new FramePoint(0, 160));
        assertThat(SLIDE.mapBends(handles -> handles.times(2))).isSameAs(SLIDE);
        assertThatThrownBy(bent::unlinked).hasMessageContaining("curved");
    }

    @Test
    void keys_are_found_at_their_frame_and_before_a_moment() {
        assertThat(SLIDE.keyAt(10).orElseThrow().value()).isEqualTo(new FramePoint(50, 200));
        assertThat(SLIDE.keyAt(11)).isEmpty();
        assertThat(SLIDE.keyAt(-1)).isEmpty();
        assertThat(SLIDE.keyBefore(-0.1)).isEmpty();
        assertThat(SLIDE.keyBefore(9.9).orElseThrow().at()).isZero();
        assertThat(SLIDE.keyBefore(10).orElseThrow().at()).isEqualTo(10);
    }

    @Test
    void numbers_and_handles_beyond_all_use_are_refused() {
        double most = Channel.LARGEST;
        assertThat(Channel.constant(ValueKinds.NUMBER, most).at(0)).isEqualTo(most);
        assertThat(Channel.constant(ValueKinds.NUMBER, -most).at(0)).isEqualTo(-most);
        assertThatThrownBy(() -> Channel.constant(ValueKinds.POSITION, new FramePoint(0, most * 1.01)))
                .hasMessageContaining("1.01");
        assertThatThrownBy(() -> Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(0, most * 2, Leg.LINEAR))))
                .hasMessageContaining("2.0E9");
        var far = new PathHandles(FramePoint.ZERO, new FramePoint(0, most * 2));
        assertThatThrownBy(() -> SLIDE.mapKeys(key -> key.withHandles(far))).hasMessageContaining("handle");
    }
}
