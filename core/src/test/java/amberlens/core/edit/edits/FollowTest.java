package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.footage.Source;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.DepthProperty;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;

class FollowTest {
    private static final Size PICTURE = new Size(1920, 1080);
    private static final Size FRAME = new Size(1280, 720);
    private static final int LENGTH = 200;
    private static final FramePoint CENTRE = FRAME.centre();

    private static Track track(IntFunction<PicturePoint> way, IntFunction<Double> sure) {
        List<Spot> spots = new ArrayList<>();
        for (int frame = 0; frame < LENGTH; frame++) {
            spots.add(new Spot(way.apply(frame), 1, 0, sure.apply(frame)));
        }
        return new Track("t1", "Duck", 0, spots, new TreeSet<>(List.of(0)), 60, Extras.NONE);
    }

    private static Track track(IntFunction<PicturePoint> way) {
        return track(way, _ -> 1.0);
    }

    private static Project project(CameraTrack camera, Track track) {
        Media pond = Media.footage("m1", Media.Kind.FILM, "pond.mp4", PICTURE, new Footage(FrameRate.of(25), LENGTH))
                .withTracks(List.of(track));
        Project project = Project.empty("Fernhollow");
        return project.withFrame(project.frame().withSize(FRAME))
                .withMedia(List.of(pond))
                .withShots(List.of(new Shot("s1", "Pond", "m1", 1, 0, LENGTH, true, camera, Extras.NONE)));
    }

    private static CameraTrack still(double scale) {
        return CameraTrack.still(Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(scale)));
    }

    private static PicturePoint wandering(int frame) {
        double t = frame / 25.0;
        return new PicturePoint(960 + 260 * Math.sin(0.7 * t), 540 + 120 * Math.sin(1.1 * t + 1) + 6 * Math.sin(9 * t));
    }

    private static double off(Shot shot, Track track, int frame, FramePoint place) {
        return shot.camera().at(frame).toFrame(track.spots().get(frame).at()).distance(place);
    }

    /** How uneven the way of the middle of the frame is: the mean square of its second differences, in source pixels. */
    private static double bends(CameraTrack camera) {
        double sum = 0;
        for (int frame = 1; frame < LENGTH - 1; frame++) {
            PicturePoint a = camera.at(frame - 1).gateCentre(FRAME);
            PicturePoint b = camera.at(frame).gateCentre(FRAME);
            PicturePoint c = camera.at(frame + 1).gateCentre(FRAME);
            sum += Math.pow(a.x() - 2 * b.x() + c.x(), 2) + Math.pow(a.y() - 2 * b.y() + c.y(), 2);
        }
        return sum / LENGTH;
    }

    private static Following follow(Project project, FollowWish wish) {
        Shot shot = project.shots().getFirst();
        return Follow.of(project, shot, project.mediaOf(shot).tracks().getFirst(), wish);
    }

    private static Shot with(Project project, Following following) {
        return project.shots().getFirst().withCamera(following.camera());
    }

    @Test
    void a_pinned_subject_stays_within_a_pixel_of_its_place_with_few_keys() {
        Track track = track(FollowTest::wandering);
        Project project = project(still(150), track);
        var place = new FramePoint(500, 300);
        Following following = follow(project, new FollowWish(place, 0, 0, false));
        Shot shot = with(project, following);
        for (int frame = 0; frame < LENGTH; frame++) {
            assertThat(off(shot, track, frame, place)).isLessThan(1);
        }
        assertThat(following.limited()).isEmpty();
        assertThat(following.keys()).isBetween(10, 70);
        assertThat(EdgeReport.of(project.take(shot)).isSealed()).isTrue();
    }

    @Test
    void the_calmer_the_smoother_and_the_fewer_keys_while_the_subject_stays_in_reach() {
        Track track = track(FollowTest::wandering);
        Project project = project(still(150), track);
        double before = Double.POSITIVE_INFINITY;
        int keys = Integer.MAX_VALUE;
        for (double calm : new double[] {0, 0.3, 0.6, 1}) {
            var wish = new FollowWish(CENTRE, calm, 0, false);
            Following following = follow(project, wish);
            Shot shot = with(project, following);
            for (int frame = 0; frame < LENGTH; frame++) {
                assertThat(off(shot, track, frame, CENTRE)).isLessThan(wish.reach(FRAME.height()) + 1);
            }
            assertThat(bends(shot.camera())).isLessThan(before * 0.7);
            assertThat(following.keys()).isLessThan(keys);
            before = bends(shot.camera());
            keys = following.keys();
        }
        assertThat(keys).isLessThan(20);
    }

    @Test
    void the_picture_ends_before_the_subject_is_at_its_place_and_that_is_said() {
        Track track = track(frame -> new PicturePoint(100 + 8.5 * frame, 540));
        Project project = project(still(100), track);
        Following following = follow(project, new FollowWish(CENTRE, 0, 0, false));
        Shot shot = with(project, following);
        assertThat(EdgeReport.of(project.take(shot)).isSealed()).isTrue();
        assertThat(following.limited()).hasSize(2);
        assertThat(following.limited().getFirst().from()).isZero();
        assertThat(following.limited().getLast().to()).isEqualTo(LENGTH - 1);
        assertThat(following.furthest()).isCloseTo(640 - 100, within(1.0));
        assertThat(off(shot, track, 100, CENTRE)).isLessThan(1);
    }

    @Test
    void it_goes_closer_where_that_gives_room_and_no_closer() {
        Track track = track(frame -> new PicturePoint(500 + 4 * frame, 540));
        Project project = project(still(80), track);
        Following asked = follow(project, new FollowWish(CENTRE, 0, 0, false));
        double needed = asked.closerBy().orElseThrow();
        assertThat(80 * needed / 100 * 500).isCloseTo(640, within(1.0));
        Following closer = follow(project, new FollowWish(CENTRE, 0, 0, true));
        assertThat(closer.limited()).isEmpty();
        assertThat(closer.camera().scale().at(0).x()).isCloseTo(80 * needed, within(1e-6));
        assertThat(off(with(project, closer), track, 0, CENTRE)).isLessThan(1.2);
    }

    @Test
    void the_lead_leaves_room_in_the_direction_in_which_it_goes() {
        Track right = track(frame -> new PicturePoint(700 + 2.5 * frame, 540));
        Project project = project(still(200), right);
        Shot shot = with(project, follow(project, new FollowWish(CENTRE, 0, 0.2, false)));
        double seen = shot.camera().at(100).toFrame(right.spots().get(100).at()).x();
        double pace = 2.5 * 2 * 25 / FRAME.width();
        assertThat(seen).isCloseTo(CENTRE.x() - 0.2 * FRAME.width() * pace / (pace + 0.08), within(2.0));
    }

    @Test
    void where_it_was_guessed_the_camera_is_as_calm_as_it_can_be() {
        IntFunction<PicturePoint> jumping =
                frame -> frame >= 80 && frame < 120 ? new PicturePoint(1500, 200) : new PicturePoint(800 + frame, 540);
        Track track = track(jumping, frame -> frame >= 80 && frame < 120 ? 0.1 : 0.9);
        Project project = project(still(150), track);
        Following following = follow(project, new FollowWish(CENTRE, 0, 0, false));
        Shot shot = with(project, following);
        assertThat(following.unsure()).isEqualTo(40);
        for (int frame = 80; frame < 120; frame++) {
            double straight = shot.camera()
                    .at(frame)
                    .toFrame(new PicturePoint(800 + frame, 540))
                    .distance(CENTRE);
            assertThat(straight).isLessThan(2);
        }
    }

    @Test
    void a_zoom_and_a_turn_go_on_while_it_follows() {
        Track track = track(FollowTest::wandering);
        Pose start = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(150));
        CameraTrack camera = CameraTrack.still(start)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, Scale.uniform(150), Ease.GENTLE_BOTH.leg()),
                                Key.of(LENGTH - 1, Scale.uniform(240), Leg.LINEAR))))
                .withRotation(Channel.keyed(
                        Properties.ROTATION.kind(),
                        List.of(Key.of(0, -4.0, Leg.LINEAR), Key.of(LENGTH - 1, 9.0, Leg.LINEAR))));
        Project project = project(camera, track);
        Shot shot = with(project, follow(project, new FollowWish(CENTRE, 0, 0, false)));
        assertThat(shot.camera().scale()).isEqualTo(camera.scale());
        assertThat(shot.camera().rotation()).isEqualTo(camera.rotation());
        for (int frame = 0; frame < LENGTH; frame++) {
            assertThat(off(shot, track, frame, CENTRE)).isLessThan(1.2);
        }
    }

    @Test
    void mirrored_and_retimed_footage_is_followed_as_it_is_shown() {
        Track track = track(FollowTest::wandering);
        Project plain = project(still(150), track);
        Shot first = plain.shots().getFirst();
        Shot shown = first.withSettings(first.settings().withMirror(Mirror.HORIZONTAL))
                .withSource(first.source().withIn(20).withConversion(Source.Conversion.BLEND))
                .withLength(80)
                .withCamera(first.camera().with(Properties.SPEED, Channel.constant(Properties.SPEED.kind(), 200.0)));
        Project project = plain.withShots(List.of(shown));
        Shot shot = with(project, follow(project, new FollowWish(CENTRE, 0, 0, false)));
        for (int frame = 0; frame < 80; frame++) {
            PicturePoint at = wandering(20 + 2 * frame);
            FramePoint seen = shot.camera().at(frame).toFrame(new PicturePoint(PICTURE.width() - at.x(), at.y()));
            assertThat(seen.distance(CENTRE)).isLessThan(1);
        }
    }

    @Test
    void what_a_rig_does_is_allowed_for() {
        Track track = track(FollowTest::wandering);
        Project plain = project(still(150), track);
        CameraTrack push = CameraTrack.still(Pose.neutral(FRAME, FRAME))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, Scale.uniform(100), Leg.LINEAR),
                                Key.of(LENGTH - 1, Scale.uniform(130), Leg.LINEAR))));
        Project project = plain.withMedia(List.of(plain.media().getFirst(), Media.rig("m2", FRAME)))
                .withShots(List.of(
                        plain.shots().getFirst(), new Shot("s2", "Rig", "m2", 2, 0, LENGTH, false, push, Extras.NONE)));
        var place = new FramePoint(400, 500);
        Shot shot = with(project, follow(project, new FollowWish(place, 0, 0, false)));
        Project followed = project.withShots(List.of(shot, project.shots().getLast()));
        for (int frame = 0; frame < LENGTH; frame++) {
            Pose seen = followed.take(shot).pose(frame);
            assertThat(seen.toFrame(track.spots().get(frame).at()).distance(place))
                    .isLessThan(1.2);
        }
    }

    @Test
    void in_another_frame_shape_it_is_followed_as_that_frame_shows_it() {
        Track track = track(FollowTest::wandering);
        Project whole = DeliveryEdits.add("", new Size(405, 720)).apply(project(still(150), track));
        Project upright = new DeliveryFilm(whole.deliveries().getFirst().id()).of(whole);
        var place = new FramePoint(200, 400);
        Shot shot = with(upright, follow(upright, new FollowWish(place, 0, 0, false)));
        assertThat(EdgeReport.of(upright.take(shot)).isSealed()).isTrue();
        for (int frame = 0; frame < LENGTH; frame++) {
            assertThat(off(shot, track, frame, place)).isLessThan(1);
        }
    }

    @Test
    void no_way_and_no_wish_opens_an_edge() {
        var random = new Random(17);
        for (int i = 0; i < 60; i++) {
            double ax = 1100 * random.nextDouble();
            double ay = 700 * random.nextDouble();
            double fx = 3 * random.nextDouble();
            double fy = 3 * random.nextDouble();
            Track track = track(
                    frame -> new PicturePoint(
                            960 + ax * Math.sin(fx * frame / 25), 540 + ay * Math.cos(fy * frame / 25 + 1)),
                    _ -> random.nextInt(6) == 0 ? 0.2 : 1.0);
            Pose pose = Pose.neutral(PICTURE, FRAME)
                    .withScale(Scale.uniform(95 + 100 * random.nextDouble()))
                    .withDegrees(10 * random.nextDouble() - 5);
            Project project = project(CameraTrack.still(pose), track);
            var place = new FramePoint(1280 * random.nextDouble(), 720 * random.nextDouble());
            var wish = new FollowWish(place, random.nextDouble(), 0.3 * random.nextDouble(), random.nextBoolean());
            Shot shot = with(project, follow(project, wish));
            assertThat(EdgeReport.of(project.take(shot)).isSealed())
                    .as("way %d", i)
                    .isTrue();
        }
    }

    @Test
    void what_cannot_be_followed_is_said() {
        Track track = track(FollowTest::wandering);
        assertThatThrownBy(() -> follow(project(still(50), track), new FollowWish(CENTRE, 0, 0, false)))
                .hasMessageContaining("too small");
        Pose leaning = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(200));
        DepthProperty<Double> pitch = Properties.PITCH;
        CameraTrack camera = CameraTrack.still(leaning).with(pitch, Channel.constant(pitch.kind(), 10.0));
        assertThatThrownBy(() -> follow(project(camera, track), new FollowWish(CENTRE, 0, 0, false)))
                .hasMessageContaining("pitch");
        assertThatThrownBy(() -> new FollowWish(CENTRE, 1.2, 0, false)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void one_frame_is_enough() {
        Track track = track(FollowTest::wandering);
        Project plain = project(still(150), track);
        Project project = plain.withShots(List.of(plain.shots().getFirst().withLength(1)));
        Shot shot = with(project, follow(project, new FollowWish(CENTRE, 0.5, 0.1, false)));
        assertThat(off(shot, track, 0, CENTRE)).isLessThan(1);
        assertThat(shot.camera().position().animated()).isFalse();
    }
}
