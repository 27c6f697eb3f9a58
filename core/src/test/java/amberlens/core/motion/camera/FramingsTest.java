package amberlens.core.motion.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.look.LookKinds;
import amberlens.core.motion.curve.Axis;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Owner;
import amberlens.core.motion.property.Properties;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Which lanes a camera has, when it has keys, and when it is set up as a whole. */
class FramingsTest {
    private static final Size HD = new Size(1920, 1080);

    private static Channel<Double> turns(int... frames) {
        return Channel.keyed(
                ValueKinds.NUMBER,
                Arrays.stream(frames)
                        .mapToObj(at -> Key.of(at, (double) at, Leg.LINEAR))
                        .toList());
    }

    private static Channel<Scale> scales(int... frames) {
        return Channel.keyed(
                ValueKinds.SCALE,
                Arrays.stream(frames)
                        .mapToObj(at -> Key.of(at, Scale.uniform(50 + at), Leg.HOLD))
                        .toList());
    }

    private static CameraTrack still() {
        return CameraTrack.still(Pose.neutral(HD, HD));
    }

    @Test
    void the_only_animated_property_makes_framings_and_two_make_them_together() {
        assertThat(Framings.of(still())).isEmpty();
        assertThat(Framings.of(still().withRotation(turns(3, 9)))).containsExactly(3, 9);
        CameraTrack two = still().withRotation(turns(3, 9, 20)).withScale(scales(0, 9, 20));
        assertThat(Framings.of(two)).containsExactly(9, 20);
        assertThat(two.keyFrames()).containsExactly(0, 3, 9, 20);
    }

    @Test
    void opacity_and_speed_have_keys_but_set_up_nothing() {
        CameraTrack fading = still().withRotation(turns(3, 9))
                .with(
                        Properties.OPACITY,
                        Channel.keyed(
                                ValueKinds.NUMBER, List.of(Key.of(9, 40.0, Leg.LINEAR), Key.of(30, 90.0, Leg.LINEAR))))
                .with(Properties.SPEED, Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(40, 50.0, Leg.LINEAR))));
        assertThat(Framings.of(fading)).containsExactly(3, 9);
        assertThat(fading.keyFrames()).containsExactly(3, 9, 30, 40);
        assertThat(fading.has(Properties.OPACITY)).isTrue();
        assertThat(fading.has(Properties.SPEED)).isTrue();
        assertThat(still().has(Properties.OPACITY) || still().has(Properties.SPEED))
                .isFalse();
    }

    @Test
    void framings_are_counted_from_one_and_looked_up_backwards() {
        CameraTrack camera = still().withRotation(turns(3, 9));
        assertThat(Framings.numberAt(camera, 9)).isEqualTo(2);
        assertThat(Framings.numberAt(camera, 8)).isZero();
        assertThat(Framings.before(camera, 2)).isEmpty();
        assertThat(Framings.before(camera, 3)).hasValue(3);
        assertThat(Framings.before(camera, 100)).hasValue(9);
        assertThat(Framings.legAt(camera, 3)).hasValue(Leg.LINEAR);
        assertThat(Framings.legAt(camera, 4)).isEmpty();
    }

    @Test
    void lanes_are_those_that_can_be_keyed_now() {
        assertThat(still().lanes())
                .containsExactly(
                        Lane.of(Properties.SCALE),
                        Lane.of(Properties.POSITION),
                        Lane.of(Properties.ROTATION),
                        Lane.of(Properties.ANCHOR));
        CameraTrack apart = still().withPosition(still().position().unlinked())
                .with(Properties.OPACITY, Channel.constant(ValueKinds.NUMBER, 99.0));
        assertThat(apart.lanes().stream().map(Lane::id))
                .containsExactly("scale", "position-x", "position-y", "rotation", "anchor", "opacity");
        assertThat(apart.channel(new Lane(Properties.POSITION, Axis.Y)).at(0)).isEqualTo(540.0);
        assertThatThrownBy(() -> apart.channel(Lane.of(Properties.POSITION))).hasMessageContaining("Position");
        assertThatThrownBy(() -> apart.channel(new Lane(Properties.SCALE, Axis.X)))
                .hasMessageContaining("Scale x");
        assertThat(apart.lanes()).isSorted();
        var tone = new Owner("tone", 2);
        Lane beside = Lane.of(LookKinds.EXPOSURE.ownedBy(tone));
        assertThat(beside.id()).isEqualTo("tone-2-exposure");
        assertThat(beside).isGreaterThan(Lane.of(Properties.SPEED)).isNotEqualTo(Lane.of(LookKinds.EXPOSURE));
        assertThat(apart.channel(beside).at(0)).isEqualTo(0.0);
        assertThatThrownBy(() -> Properties.SCALE.ownedBy(tone)).hasMessageContaining("only a camera has a scale");
    }

    @Test
    void a_change_of_one_lane_leaves_all_others() {
        CameraTrack apart = still().withPosition(still().position().unlinked());
        CameraTrack lowered = apart.map(new Lane(Properties.POSITION, Axis.Y), new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.withKey(Key.of(5, channel.kind().of(_ -> 700), Leg.LINEAR));
            }
        });
        assertThat(lowered.at(5).position()).isEqualTo(new FramePoint(960, 700));
        assertThat(lowered.withPosition(apart.position())).isEqualTo(apart);
        assertThat(still().withMoveOf(lowered).at(5)).isEqualTo(lowered.at(5));
        CameraTrack fading = still().with(Properties.OPACITY, Channel.constant(ValueKinds.NUMBER, 7.0));
        assertThat(fading.withMoveOf(lowered).get(Properties.OPACITY).at(0)).isEqualTo(7.0);
    }

    @Test
    void a_leg_is_called_by_its_stock_name_or_own_curve() {
        for (Ease ease : Ease.values()) {
            assertThat(Ease.of(ease.leg())).hasValue(ease);
            assertThat(Ease.wordsFor(ease.leg())).isEqualTo(ease.words()).isNotBlank();
        }
        Leg own = new Leg.Curve(new TimingCurve(0.1, 0, 0.9, 1));
        assertThat(Ease.of(own)).isEmpty();
        assertThat(Ease.wordsFor(own)).isEqualTo("own curve");
    }
}
