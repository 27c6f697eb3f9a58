package amberlens.core.motion.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** A pose under rigs shows each place of the picture where the rigs, one after the other, carry it. */
class RideTest {
    private static final Size FRAME = new Size(1920, 1080);

    private static Ride.Rig rig(Random chance, int offset, int length) {
        CameraTrack camera = CameraTrack.still(new Pose(
                Scale.uniform(50 + 100 * chance.nextDouble()),
                new FramePoint(2000 * chance.nextDouble(), 1000 * chance.nextDouble()),
                360 * chance.nextDouble() - 180,
                new PicturePoint(1900 * chance.nextDouble(), 1000 * chance.nextDouble())));
        return new Ride.Rig(camera, offset, length);
    }

    private static Pose pose(Random chance) {
        return new Pose(
                Scale.uniform(20 + 100 * chance.nextDouble()),
                new FramePoint(1900 * chance.nextDouble(), 1000 * chance.nextDouble()),
                90 * chance.nextDouble(),
                new PicturePoint(4000 * chance.nextDouble(), 3000 * chance.nextDouble()));
    }

    /** A frame point carried by the rig's own pose, which takes the frame as its picture. */
    private static FramePoint carried(Ride.Rig rig, FramePoint point) {
        return rig.mover().at(0).toFrame(new PicturePoint(point.x(), point.y()));
    }

    @Property(tries = 200)
    void places_go_where_the_rigs_carry_them_and_come_back(@ForAll long seed) {
        var chance = new Random(seed);
        List<Ride.Rig> rigs = List.of(rig(chance, 0, 10), rig(chance, 0, 10));
        Ride ride = new Ride(rigs, FramePoint.ZERO);
        Pose own = pose(chance);
        var place = new PicturePoint(4000 * chance.nextDouble(), 3000 * chance.nextDouble());
        FramePoint wanted = carried(rigs.get(1), carried(rigs.get(0), own.toFrame(place)));
        assertThat(ride.on(own, 3).toFrame(place).distance(wanted)).isLessThan(1e-6);
        assertThat(ride.before(wanted, 3).distance(own.toFrame(place))).isLessThan(1e-6);
        Pose back = ride.off(ride.on(own, 3), 3);
        assertThat(back.toFrame(place).distance(own.toFrame(place))).isLessThan(1e-6);
        assertThat(back.scale().x()).isCloseTo(own.scale().x(), within(1e-9));
        assertThat(back.anchor()).isEqualTo(own.anchor());
        assertThat(back.degrees()).isCloseTo(own.degrees(), within(1e-9));
    }

    @Property(tries = 50)
    void in_a_delivery_guide_the_same_places_are_counted_from_the_delivery_guide(@ForAll long seed) {
        var chance = new Random(seed);
        var ride = new Ride(List.of(rig(chance, 0, 10)), FramePoint.ZERO);
        var origin = new FramePoint(420, 30);
        Pose own = pose(chance);
        Pose inDelivery = own.withPosition(own.position().minus(origin));
        var place = new PicturePoint(1000, 700);
        FramePoint seen = ride.on(own, 2).toFrame(place).minus(origin);
        Ride delivered = ride.withOrigin(origin);
        assertThat(delivered.on(inDelivery, 2).toFrame(place).distance(seen)).isLessThan(1e-6);
        assertThat(delivered.before(seen, 2).distance(inDelivery.toFrame(place)))
                .isLessThan(1e-6);
        assertThat(delivered.off(delivered.on(inDelivery, 2), 2).position().distance(inDelivery.position()))
                .isLessThan(1e-6);
    }

    @Test
    void a_rig_carries_the_frames_it_lies_over_and_no_others() {
        var ride = new Ride(List.of(rig(new Random(1), -5, 10)), FramePoint.ZERO);
        Pose own = pose(new Random(2));
        assertThat(ride.on(own, 4)).isEqualTo(own);
        assertThat(ride.on(own, 5)).isNotEqualTo(own);
        assertThat(ride.on(own, 14.5)).isNotEqualTo(own);
        assertThat(ride.on(own, 15)).isEqualTo(own);
        assertThat(ride.off(own, 15)).isEqualTo(own);
        assertThat(ride.before(own.position(), 15)).isEqualTo(own.position());
        assertThat(ride.isNone()).isFalse();
        assertThat(Ride.NONE.isNone()).isTrue();
    }

    @Test
    void a_take_under_a_rig_shows_its_poses_frame_by_frame() {
        CameraTrack turning = CameraTrack.still(Pose.neutral(FRAME, FRAME))
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER, List.of(Key.of(0, 0.0, Leg.LINEAR), Key.of(9, 9.0, Leg.LINEAR))));
        var ride = new Ride(List.of(rig(new Random(1), -5, 3)), FramePoint.ZERO);
        var take = new Take(turning, 10, FRAME, FRAME, ride);
        for (int frame = 0; frame < 10; frame++) {
            assertThat(take.poses().get(frame)).isEqualTo(ride.on(turning.at(frame), frame));
            assertThat(take.pose(frame)).isEqualTo(take.poses().get(frame));
        }
        CameraTrack still = CameraTrack.still(Pose.neutral(FRAME, FRAME));
        assertThat(take.withCamera(still).pose(0)).isEqualTo(still.at(0));
    }
}
