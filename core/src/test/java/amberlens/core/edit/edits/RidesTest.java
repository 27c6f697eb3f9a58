package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSpace;
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
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class RidesTest {
    private static final Size PICTURE = new Size(1920, 1080);
    private static final Size FRAME = new Size(960, 540);
    private static final int LENGTH = 100;

    private static PicturePoint duck(int frame) {
        return new PicturePoint(700 + 4 * frame, 500 + 60 * Math.sin(frame / 12.0));
    }

    private static double grown(int frame) {
        return 1 + 0.005 * frame;
    }

    /** The pond under a slow push, a label over frames 20 … 79 of it, and masks in both spaces. */
    private static Project project() {
        List<Spot> spots = new ArrayList<>();
        for (int frame = 0; frame < LENGTH; frame++) {
            spots.add(new Spot(duck(frame), grown(frame), 0, 1));
        }
        Track track = new Track("t1", "Duck", 0, spots, new TreeSet<>(List.of(0)), 60, Extras.NONE);
        Media pond = Media.footage("m1", Media.Kind.FILM, "pond.mp4", PICTURE, new Footage(FrameRate.of(25), LENGTH))
                .withTracks(List.of(track));
        Pose wide = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(60));
        CameraTrack push = CameraTrack.still(wide)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, Scale.uniform(60), Leg.LINEAR),
                                Key.of(LENGTH - 1, Scale.uniform(80), Leg.LINEAR))));
        Size label = new Size(200, 80);
        CameraTrack beside = CameraTrack.still(Pose.neutral(label, FRAME).withPosition(new FramePoint(300, 200)));
        Shot shot = new Shot("s1", "Pond", "m1", 1, 10, LENGTH, true, push, Extras.NONE)
                .withLooks(List.of(
                        Look.of(LookKinds.MASK, 1),
                        Look.of(LookKinds.MASK, 2).with(LookKinds.MASK_SPACE, LookSpace.FRAME)));
        Project empty = Project.empty("Fernhollow");
        return empty.withFrame(empty.frame().withSize(FRAME))
                .withMedia(List.of(pond, Media.photo("m2", "label.png", label)))
                .withShots(List.of(shot, new Shot("s2", "Label", "m2", 2, 30, 60, false, beside, Extras.NONE)));
    }

    private static Project ridden(Project project, int rider, int frame, boolean grows) {
        Shot shot = project.shots().getFirst();
        Track track = project.mediaOf(shot).tracks().getFirst();
        return new Rides(project, shot, track, frame, grows)
                .edit(Rider.of(project, shot).get(rider))
                .apply(project);
    }

    private static FramePoint seen(Project project, int frame) {
        Shot shot = project.shots().getFirst();
        return project.take(shot).pose(frame).toFrame(duck(frame));
    }

    @Test
    void what_lies_above_and_masks_can_ride() {
        Project project = project();
        assertThat(Rider.of(project, project.shots().getFirst())).hasSize(3);
        assertThat(Rider.of(project, project.shots().getLast())).isEmpty();
    }

    @Test
    void an_inset_keeps_its_place_beside_the_subject() {
        Project project = project();
        Project ridden = ridden(project, 0, 40, false);
        Shot label = ridden.shot("s2").orElseThrow();
        FramePoint beside = label.camera().at(20).position().minus(seen(project, 40));
        assertThat(label.camera().at(20).position().distance(new FramePoint(300, 200)))
                .isLessThan(0.5);
        for (int at = 0; at < 60; at++) {
            FramePoint there = label.camera().at(at).position().minus(seen(project, at + 20));
            assertThat(there.distance(beside)).isLessThan(1.1);
        }
        assertThat(label.camera().scale().animated()).isFalse();
        assertThat(label.camera().position().keys()).hasSizeLessThan(25);
    }

    @Test
    void it_grows_with_the_subject_and_with_the_push() {
        Project project = project();
        Shot label = ridden(project, 0, 40, true).shot("s2").orElseThrow();
        double push = (60 + 20 * 79 / 99.0) / (60 + 20 * 40 / 99.0);
        assertThat(label.camera().at(59).scale().x()).isCloseTo(100 * push * grown(79) / grown(40), within(0.3));
    }

    @Test
    void a_spotlight_on_the_picture_goes_with_the_subject_on_the_picture() {
        Project project = project();
        Shot shot = ridden(project, 1, 0, true).shots().getFirst();
        Look mask = shot.looks().getFirst();
        var centre = shot.camera().get(mask.own(LookKinds.MASK_CENTRE));
        FramePoint beside = centre.at(0).minus(new FramePoint(duck(0).x(), duck(0).y()));
        for (int at = 0; at < LENGTH; at++) {
            FramePoint wanted = new FramePoint(duck(at).x(), duck(at).y()).plus(beside.times(grown(at)));
            assertThat(centre.at(at).distance(wanted)).isLessThan(1);
        }
    }

    @Test
    void a_mask_on_the_frame_goes_with_the_subject_as_it_is_seen() {
        Project project = project();
        Shot shot = ridden(project, 2, 50, false).shots().getFirst();
        Look mask = shot.looks().getLast();
        var centre = shot.camera().get(mask.own(LookKinds.MASK_CENTRE_IN_FRAME));
        FramePoint beside = centre.at(50).minus(seen(project, 50));
        for (int at = 0; at < LENGTH; at++) {
            assertThat(centre.at(at).minus(seen(project, at)).distance(beside)).isLessThan(1.1);
        }
        assertThat(shot.camera().get(mask.own(LookKinds.MASK_SIZE_IN_FRAME)).animated())
                .isFalse();
    }
}
