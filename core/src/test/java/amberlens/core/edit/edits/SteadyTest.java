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
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class SteadyTest {
    private static final Size PICTURE = new Size(1920, 1080);
    private static final Size FRAME = new Size(1280, 720);
    private static final int LENGTH = 80;

    /** Where the pixel of the first frame at a place is in another one: a hand that trembles and slowly sinks. */
    private static PicturePoint moved(PicturePoint at, int frame) {
        double turn = Math.toRadians(degrees(frame));
        double x = (at.x() - 960) * scale(frame);
        double y = (at.y() - 540) * scale(frame);
        return new PicturePoint(
                middle(frame).x() + Math.cos(turn) * x - Math.sin(turn) * y,
                middle(frame).y() + Math.sin(turn) * x + Math.cos(turn) * y);
    }

    private static PicturePoint middle(int frame) {
        return new PicturePoint(
                960 + 7 * Math.sin(frame * 1.1) * Math.min(1, frame), 540 + 0.2 * frame + 4 * Math.sin(frame * 0.7));
    }

    private static double scale(int frame) {
        return 1 + 0.004 * Math.sin(frame / 6.0);
    }

    private static double degrees(int frame) {
        return 0.5 * Math.sin(frame / 5.0);
    }

    private static Project project(CameraTrack camera) {
        List<Spot> spots = new ArrayList<>();
        for (int frame = 0; frame < LENGTH; frame++) {
            spots.add(new Spot(middle(frame), scale(frame), degrees(frame), 0.9));
        }
        Track ground = new Track("t1", "Ground", 0, spots, new TreeSet<>(List.of(0)), 540, Extras.NONE);
        Media film = Media.footage("m1", Media.Kind.FILM, "pond.mp4", PICTURE, new Footage(FrameRate.of(25), LENGTH))
                .withTracks(List.of(ground));
        Project empty = Project.empty("Fernhollow");
        return empty.withFrame(empty.frame().withSize(FRAME))
                .withMedia(List.of(film))
                .withShots(List.of(new Shot("s1", "Pond", "m1", 1, 0, LENGTH, true, camera, Extras.NONE)));
    }

    private static Steady steady(Project project) {
        Shot shot = project.shots().getFirst();
        return Steady.of(project, shot, project.mediaOf(shot).tracks().getFirst());
    }

    private static CameraTrack filling() {
        return CameraTrack.still(Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(100 * 1280.0 / 1920)));
    }

    private static final List<PicturePoint> PLACES =
            List.of(new PicturePoint(960, 540), new PicturePoint(300, 200), new PicturePoint(1700, 950));

    @Test
    void every_place_of_the_ground_stays_where_it_was_in_the_first_frame_and_no_edge_opens() {
        Project project = project(filling());
        Steady steady = steady(project);
        for (PicturePoint place : PLACES) {
            FramePoint first = steady.camera().at(0).toFrame(moved(place, 0));
            for (int frame = 0; frame < LENGTH; frame++) {
                assertThat(steady.camera()
                                .at(frame)
                                .toFrame(moved(place, frame))
                                .distance(first))
                        .as("frame %d", frame)
                        .isLessThan(1);
            }
        }
        Shot shot = project.shots().getFirst().withCamera(steady.camera());
        assertThat(EdgeReport.of(project.take(shot)).isSealed()).isTrue();
    }

    @Test
    void what_it_costs_is_told() {
        Steady steady = steady(project(filling()));
        assertThat(steady.closer()).isBetween(1.02, 1.12);
        assertThat(steady.camera().at(0).scale().x()).isCloseTo(steady.closer() * 100 * 1280 / 1920, within(0.1));
        assertThat(steady.shake()).isBetween(10.0, 40.0);
        assertThat(steady.unsure()).isZero();
        Pose close = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(120));
        assertThat(steady(project(CameraTrack.still(close))).closer()).isEqualTo(1);
    }

    @Test
    void a_move_goes_on_over_the_ground_that_stands_still() {
        Pose start = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(100));
        CameraTrack push = CameraTrack.still(start)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, Scale.uniform(100), Leg.LINEAR),
                                Key.of(LENGTH - 1, Scale.uniform(130), Leg.LINEAR))));
        Steady steady = steady(project(push));
        for (PicturePoint place : PLACES) {
            for (int frame = 0; frame < LENGTH; frame++) {
                FramePoint seen = steady.camera().at(frame).toFrame(moved(place, frame));
                assertThat(seen.distance(push.at(frame).toFrame(place))).isLessThan(1.2);
            }
        }
    }

    @Test
    void mirrored_footage_is_held_as_it_is_shown() {
        Project plain = project(CameraTrack.still(Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(110))));
        Shot shot = plain.shots().getFirst();
        Project project =
                plain.withShots(List.of(shot.withSettings(shot.settings().withMirror(Mirror.HORIZONTAL))));
        Steady steady = steady(project);
        for (PicturePoint place : PLACES) {
            FramePoint first = steady.camera().at(0).toFrame(mirrored(moved(place, 0)));
            for (int frame = 0; frame < LENGTH; frame++) {
                FramePoint seen = steady.camera().at(frame).toFrame(mirrored(moved(place, frame)));
                assertThat(seen.distance(first)).isLessThan(1.2);
            }
        }
    }

    private static PicturePoint mirrored(PicturePoint at) {
        return new PicturePoint(PICTURE.width() - at.x(), at.y());
    }

    @Test
    void what_leans_or_is_stretched_is_left_alone_with_a_reason() {
        CameraTrack leaning = filling().with(Properties.PITCH, Channel.constant(Properties.PITCH.kind(), 10.0));
        assertThatThrownBy(() -> steady(project(leaning))).hasMessageContaining("pitch");
        CameraTrack wide = filling().withScale(Channel.constant(ValueKinds.SCALE, new Scale(120, 100)));
        assertThatThrownBy(() -> steady(project(wide))).hasMessageContaining("stretched");
    }
}
