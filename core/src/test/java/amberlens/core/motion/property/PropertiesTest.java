package amberlens.core.motion.property;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.Resizing;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import org.junit.jupiter.api.Test;

class PropertiesTest {
    private static final Size PICTURE = new Size(6000, 4000);
    private static final Size FRAME = new Size(1920, 1080);
    private static final Resizing HALF = new Resizing(PICTURE, new Size(3000, 2000), FRAME, new Size(1280, 540));

    private static final Property<Colour> LEAF = PropertyBuilder.property(
                    "leafColour", "Leaf colour", Group.LAYER, 9, ValueKinds.COLOUR, new Colour(0x2E5A30))
            .unit("", "a colour", "")
            .build();

    @Test
    void they_are_read_in_one_order_and_found_by_their_names_in_files() {
        assertThat(Properties.ALL)
                .isSorted()
                .extracting(Property::id)
                .containsExactly(
                        "scale",
                        "position",
                        "rotation",
                        "anchor",
                        "pitch",
                        "yaw",
                        "viewingDistance",
                        "corners/upperLeft",
                        "corners/upperRight",
                        "corners/lowerRight",
                        "corners/lowerLeft",
                        "opacity",
                        "speed",
                        "parallax");
        assertThat(Properties.OF_MOVE).startsWith(Properties.OF_POSE.toArray(Property<?>[]::new));
        assertThat(Properties.OF_MOVE).endsWith(Properties.OF_DEPTH.toArray(Property<?>[]::new));
        for (Property<?> property : Properties.ALL) {
            assertThat(Properties.named(property.id())).hasValue(property);
        }
        assertThat(Properties.named("Scale")).isEmpty();
    }

    @Test
    void the_neutral_values_make_the_neutral_pose() {
        Pose neutral = Pose.neutral(PICTURE, FRAME);
        for (PoseProperty<?> property : Properties.OF_POSE) {
            assertThat((Object) property.of(neutral)).isEqualTo(property.neutral(PICTURE, FRAME));
        }
        assertThat(Properties.OPACITY.neutral(PICTURE, FRAME)).isEqualTo(100.0);
    }

    @Test
    void a_neutral_constant_of_the_layer_is_left_out_and_one_of_the_pose_is_not() {
        CameraTrack still = CameraTrack.still(Pose.neutral(PICTURE, FRAME));
        CameraTrack half = still.with(Properties.OPACITY, Channel.constant(ValueKinds.NUMBER, 50.0));
        assertThat(half.has(Properties.OPACITY)).isTrue();
        assertThat(half.with(Properties.OPACITY, Channel.constant(ValueKinds.NUMBER, 100.0)))
                .isEqualTo(still)
                .hasSameHashCodeAs(still);
        CameraTrack turned = still.with(Properties.ROTATION, Channel.constant(ValueKinds.NUMBER, 100.0));
        assertThat(turned.lanes()).contains(Lane.of(Properties.ROTATION));
        assertThat(still.has(Properties.ROTATION)).isTrue();
        Channel<Double> muted = Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(0, 5.0, Leg.LINEAR)))
                .withMuted(true, 100.0);
        assertThat(still.with(Properties.OPACITY, muted).has(Properties.OPACITY))
                .isTrue();
        assertThat(still.with(LEAF, Channel.constant(ValueKinds.COLOUR, Colour.BLACK))
                        .get(LEAF)
                        .at(0))
                .isEqualTo(Colour.BLACK);
        assertThat(still.get(LEAF).at(3)).isEqualTo(new Colour(0x2E5A30));
        assertThat(still.toString()).contains("scale").doesNotContain("opacity");
    }

    @Test
    void one_property_or_a_whole_move_is_taken_from_another_camera() {
        CameraTrack still = CameraTrack.still(Pose.neutral(PICTURE, FRAME));
        CameraTrack other = CameraTrack.still(Pose.neutral(PICTURE, FRAME).withDegrees(7))
                .with(Properties.SPEED, Channel.constant(ValueKinds.NUMBER, 25.0));
        assertThat(still.taking(Properties.SPEED, other))
                .isEqualTo(still.with(Properties.SPEED, Channel.constant(ValueKinds.NUMBER, 25.0)));
        assertThat(other.taking(Properties.SPEED, still).has(Properties.SPEED)).isFalse();
        assertThat(still.withMoveOf(other).at(0).degrees()).isEqualTo(7);
        assertThat(still.withMoveOf(other).has(Properties.SPEED)).isFalse();
        assertThat(other.withMoveOf(still).has(Properties.SPEED)).isTrue();
    }

    @Test
    void values_look_the_same_on_another_picture_and_in_another_frame() {
        // Fill of the plan by 1920/6000, of its half by 1280/3000: a third larger.
        assertThat(Properties.SCALE.carried(Scale.uniform(30), HALF).x()).isCloseTo(40, within(1e-9));
        assertThat(Properties.POSITION.carried(new FramePoint(960, 540), HALF)).isEqualTo(new FramePoint(640, 270));
        assertThat(Properties.ANCHOR.carried(new PicturePoint(3000, 1000), HALF))
                .isEqualTo(new PicturePoint(1500, 500));
        assertThat(Properties.ROTATION.carried(30.0, HALF)).isEqualTo(30);
        assertThat(HALF.bend(new PathHandles(new FramePoint(30, 20), new FramePoint(-3, -2))))
                .isEqualTo(new PathHandles(new FramePoint(20, 10), new FramePoint(-2, -1)));
    }

    @Test
    void numbers_that_count_by_ratio_change_together() {
        Scale scale = new Scale(50, 100);
        assertThat(Properties.SCALE.withNumber(scale, 0, 75, true)).isEqualTo(new Scale(75, 150));
        assertThat(Properties.SCALE.withNumber(scale, 1, 50, true)).isEqualTo(new Scale(25, 50));
        assertThat(Properties.SCALE.withNumber(scale, 1, 50, false)).isEqualTo(new Scale(50, 50));
        assertThat(Properties.SCALE.withNumber(Scale.uniform(10), 0, 0.3, true)).isEqualTo(Scale.uniform(0.3));
        assertThat(Properties.POSITION.withNumber(new FramePoint(1, 2), 1, 9, false))
                .isEqualTo(new FramePoint(1, 9));
        assertThat(Properties.ROTATION.withNumber(3.0, 0, 4, false)).isEqualTo(4);
    }

    @Test
    void a_hand_gives_only_numbers_that_the_property_can_have() {
        assertThat(Properties.OPACITY.refusal(0)).isEmpty();
        assertThat(Properties.OPACITY.refusal(100)).isEmpty();
        assertThat(Properties.OPACITY.refusal(100.5)).hasValue("Opacity is between 0 and 100 %, not 100.5");
        assertThat(Properties.SCALE.refusal(0)).hasValue("Scale is between 0.001 and 1000000 %, not 0");
        assertThat(Properties.SPEED.refusal(-10_001)).isPresent();
        assertThat(Properties.SPEED.range().clamp(-99_999)).isEqualTo(-10_000);
        assertThat(Properties.POSITION.refusal(Double.NaN)).isPresent();
        assertThat(Properties.POSITION.refusal(Channel.LARGEST)).isEmpty();
    }

    @Test
    void values_are_told_in_a_few_characters() {
        assertThat(Properties.SCALE.brief(Scale.uniform(33.333))).isEqualTo("33.3 %");
        assertThat(Properties.SCALE.brief(new Scale(33.3, 50))).isEqualTo("33, 50 %");
        Unit source = Properties.SCALE.units().getFirst();
        assertThat(Properties.SCALE.briefNumber(12.34, 0, source, PICTURE, FRAME))
                .isEqualTo("12.3 %");
        assertThat(Properties.POSITION.brief(new FramePoint(959.6, 540))).isEqualTo("960, 540");
        assertThat(Properties.POSITION.brief(new FramePoint(7, 7))).isEqualTo("7, 7");
        assertThat(Properties.ROTATION.brief(-2.25)).isEqualTo("-2.3°");
        assertThat(Properties.ROTATION.brief(-0.04)).isEqualTo("0.0°");
        assertThat(Properties.POSITION.brief(new FramePoint(-0.2, 540))).isEqualTo("0, 540");
        assertThat(Properties.OPACITY.brief(50.0)).isEqualTo("50 %");
    }

    /** 1920 of 6000 pixels in width and 1080 of 4000 in height: at 32 % the picture just fills the frame. */
    @Test
    void a_scale_of_a_hundred_just_fills_the_frame_as_long_as_nobody_chooses_otherwise() {
        Unit usual = Properties.SCALE.usualUnit();
        var picture = new Size(6000, 4000);
        var frame = new Size(1920, 1080);
        assertThat(usual.held(110, 0, picture, frame)).isCloseTo(35.2, within(1e-9));
        assertThat(Properties.SCALE.brief(Scale.uniform(32), usual, picture, frame))
                .isEqualTo("100.0 % fill");
        assertThat(Properties.POSITION.usualUnit())
                .isEqualTo(Properties.POSITION.units().getFirst());
    }

    @Test
    void a_number_is_shown_in_the_unit_that_was_chosen_and_comes_back() {
        for (Property<?> property : Properties.ALL) {
            for (Unit unit : property.units()) {
                for (int part = 0; part < property.kind().parts(); part++) {
                    double shown = unit.shown(37, part, PICTURE, FRAME);
                    assertThat(unit.held(shown, part, PICTURE, FRAME)).isCloseTo(37, within(1e-9));
                }
            }
            assertThat(property.units().getFirst().shown(37, 0, PICTURE, FRAME)).isEqualTo(37);
        }
        assertThat(Properties.SCALE.units().get(1).shown(32, 0, PICTURE, FRAME)).isCloseTo(100, within(1e-9));
        assertThat(Properties.POSITION.units().get(1).shown(540, 1, PICTURE, FRAME))
                .isEqualTo(50);
        assertThat(Properties.ANCHOR.units().get(1).shown(1500, 0, PICTURE, FRAME))
                .isEqualTo(25);
    }

    /** Half of the light between black and white is code 188 (IEC 61966-2-1: 0.5 is encoded as 0.7354). */
    @Test
    void colours_are_blended_in_light() {
        Colour white = new Colour(0xFFFFFF);
        assertThat(ValueKinds.COLOUR.between(Colour.BLACK, white, 0.5)).isEqualTo(new Colour(0xBCBCBC));
        assertThat(ValueKinds.COLOUR.between(Colour.BLACK, white, 1.5)).isEqualTo(white);
        assertThat(ValueKinds.COLOUR.between(new Colour(0x123456), white, 0)).isEqualTo(new Colour(0x123456));
        assertThat(ValueKinds.COLOUR.of(part -> new double[] {18, 52.4, 300}[part]))
                .isEqualTo(new Colour(0x1234FF));
        assertThat(ValueKinds.COLOUR.with(Colour.BLACK, 1, 52)).isEqualTo(new Colour(0x003400));
    }

    @Test
    void an_overshoot_takes_no_scale_to_nothing() {
        Scale between = ValueKinds.SCALE.between(Scale.uniform(10), new Scale(100, 20), -0.5);
        assertThat(between).isEqualTo(new Scale(Scale.LEAST, 5));
        assertThat(ValueKinds.POSITION.between(new FramePoint(0, 10), new FramePoint(10, 30), -0.5))
                .isEqualTo(new FramePoint(-5, 0));
        assertThat(ValueKinds.ANCHOR.with(new PicturePoint(1, 2), 1, 3)).isEqualTo(new PicturePoint(1, 3));
        assertThat(ValueKinds.SCALE.exactly(_ -> 1e-5)).isEqualTo(Scale.uniform(1e-5));
    }
}
