package amberlens.core.judge.edges;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomPoses;
import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class SealedMovesTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(4200, 3100);
    private static final int LENGTH = 90;

    /** The theorem: scale and position on one leg, no turn, straight path: inside at both ends means inside between. */
    @Property(tries = 300)
    void between_two_framings_inside_without_a_turn_every_frame_is_inside(@ForAll long seed) {
        var chance = new Random(seed);
        Pose from = RandomPoses.inside(chance, PICTURE, FRAME);
        Pose to = RandomPoses.inside(chance, PICTURE, FRAME);
        Leg leg = Ease.values()[chance.nextInt(Ease.values().length)].leg();
        var camera = CameraTrack.still(from)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE, List.of(Key.of(0, from.scale(), leg), Key.of(LENGTH - 1, to.scale(), leg))))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(Key.of(0, from.position(), leg), Key.of(LENGTH - 1, to.position(), leg))));
        EdgeReport report = EdgeReport.of(new Take(camera, LENGTH, PICTURE, FRAME));
        assertThat(report.worst().framePx()).isGreaterThan(-1e-6);
    }

    /** The margin by its definition: the distance in the frame from each corner to the mapped sides, with no shortcut. */
    @Property(tries = 300)
    void the_margin_is_the_distance_of_the_corners_to_the_mapped_sides(@ForAll long seed) {
        Pose pose = RandomPoses.any(new Random(seed), PICTURE, FRAME);
        var corners = List.of(
                pose.toFrame(new PicturePoint(0, 0)),
                pose.toFrame(new PicturePoint(PICTURE.width(), 0)),
                pose.toFrame(new PicturePoint(PICTURE.width(), PICTURE.height())),
                pose.toFrame(new PicturePoint(0, PICTURE.height())));
        double least = Double.POSITIVE_INFINITY;
        for (int side = 0; side < 4; side++) {
            var a = corners.get(side);
            var along = corners.get((side + 1) % 4).minus(a);
            for (Corner corner : Corner.values()) {
                var c = corner.of(FRAME).minus(a);
                least = Math.min(least, (along.x() * c.y() - along.y() * c.x()) / along.length());
            }
        }
        assertThat(Margin.of(pose, PICTURE, FRAME).framePx()).isCloseTo(least, within(1e-6));
    }

    @Property(tries = 200)
    void going_by_the_room_ends_exactly_at_a_side_and_a_pixel_more_is_open(@ForAll long seed) {
        var chance = new Random(seed);
        Pose pose = RandomPoses.inside(chance, PICTURE, FRAME);
        pose = pose.zoomedAbout(FRAME.centre(), 2.2).turnedAbout(FRAME.centre(), 8 * chance.nextDouble() - 4);
        Room room = Room.of(pose, PICTURE, FRAME);
        var moved = new amberlens.core.base.geometry.FramePoint(room.left(), 0);
        Pose there = pose.withPosition(pose.position().plus(moved));
        assertThat(Margin.of(there, PICTURE, FRAME).framePx()).isLessThan(1e-6);
        double before = Margin.of(pose, PICTURE, FRAME).framePx();
        if (before >= 0) {
            assertThat(Margin.of(there, PICTURE, FRAME).framePx()).isGreaterThan(-1e-6);
        }
    }

    @Test
    void open_spans_are_found_with_their_worst_frame() {
        var camera = CameraTrack.still(Pose.neutral(FRAME, FRAME))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, Scale.uniform(100), Leg.LINEAR),
                                Key.of(4, Scale.uniform(90), Leg.LINEAR),
                                Key.of(8, Scale.uniform(100), Leg.LINEAR),
                                Key.of(12, Scale.uniform(95), Leg.LINEAR))));
        EdgeReport report = EdgeReport.of(new Take(camera, 14, FRAME, FRAME));
        assertThat(report.open()).hasSize(2);
        assertThat(report.open().getFirst().span()).isEqualTo(new amberlens.core.base.time.FrameSpan(1, 7));
        assertThat(report.open().getFirst().worstFrame()).isEqualTo(4);
        assertThat(report.open().getFirst().worst().framePx()).isCloseTo(-96, within(1e-9));
        assertThat(report.open().getLast().span()).isEqualTo(new amberlens.core.base.time.FrameSpan(9, 13));
        assertThat(report.worstSpan()).contains(report.open().getFirst());
    }

    @Test
    void conforming_only_sets_the_scale() {
        var tall = new Size(1000, 4000);
        assertThat(Refit.FILL.pose(tall, FRAME).scale().x()).isCloseTo(192, within(1e-9));
        assertThat(Refit.FIT.pose(tall, FRAME).scale().x()).isCloseTo(27, within(1e-9));
        assertThat(Refit.ONE_TO_ONE.pose(tall, FRAME).scale().x()).isEqualTo(100);
        assertThat(Margin.of(Refit.FILL.pose(tall, FRAME), tall, FRAME).isSealed())
                .isTrue();
    }
}
