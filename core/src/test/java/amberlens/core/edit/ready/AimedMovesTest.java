package amberlens.core.edit.ready;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.material.mark.Mark;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Moves look at what matters, as common practice of framing faces has it. */
class AimedMovesTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(6000, 4000);
    private static final int LENGTH = 100;

    private static Mark mark(String id, Mark.Kind kind, double left, double top, double width, double height) {
        return new Mark(
                id, kind, new PictureBox(left, top, width, height), 0.9, kind.usualKeep(), Mark.By.FOUND, Extras.NONE);
    }

    private static Stage stage(Mark... marks) {
        return new Stage(PICTURE, FRAME, LENGTH, FrameRate.of(25), 110, Optional.empty(), Rhythm.NONE)
                .withMarks(List.of(marks));
    }

    private static CameraTrack make(ReadyMove move, Stage stage, MoveWish wish) {
        CameraTrack camera = ReadyMoves.make(move, stage, wish).camera().orElseThrow();
        assertThat(EdgeReport.of(new Take(camera, LENGTH, PICTURE, FRAME)).isSealed())
                .as("%s shows no edge", move)
                .isTrue();
        return camera;
    }

    private static boolean shows(CameraTrack camera, int frame, PictureBox box) {
        return box.corners().stream().allMatch(corner -> {
            FramePoint at = camera.at(frame).toFrame(corner);
            return at.x() >= -1e-6 && at.x() <= 1920 + 1e-6 && at.y() >= -1e-6 && at.y() <= 1080 + 1e-6;
        });
    }

    private static boolean misses(CameraTrack camera, int frame, PictureBox box) {
        FramePoint first = camera.at(frame).toFrame(new PicturePoint(box.left(), box.top()));
        FramePoint last = camera.at(frame).toFrame(new PicturePoint(box.right(), box.bottom()));
        return last.x() <= 1e-6 || first.x() >= 1920 - 1e-6 || last.y() <= 1e-6 || first.y() >= 1080 - 1e-6;
    }

    @Test
    void a_push_in_ends_at_a_large_face_with_its_eyes_near_the_upper_third_and_a_pull_out_begins_there() {
        Mark face = mark("m1", Mark.Kind.FACE, 2700, 1500, 800, 1000);
        MoveWish strong = MoveWish.USUAL.withAmount(250);
        CameraTrack push = make(ReadyMove.PUSH_IN, stage(face), strong);
        // the eyes of a drawn head lie a little above its middle
        double eyes = push.at(LENGTH - 1).toFrame(new PicturePoint(3100, 1900)).y();
        assertThat(eyes).isBetween(1080 * 0.25, 1080 * 0.42);
        assertThat(push.at(LENGTH - 1).toFrame(new PicturePoint(3100, 2000)).x())
                .isCloseTo(960, within(1.0));
        assertThat(shows(push, LENGTH - 1, face.box())).isTrue();
        CameraTrack pull = make(ReadyMove.PULL_OUT, stage(face), strong);
        assertThat(pull.at(0).gateCentre(FRAME).x())
                .isCloseTo(push.at(LENGTH - 1).gateCentre(FRAME).x(), within(1.0));
    }

    @Test
    void a_pan_goes_from_one_face_to_the_next_where_no_framing_holds_both() {
        Mark near = mark("m1", Mark.Kind.FACE, 500, 1500, 300, 400);
        Mark far = mark("m2", Mark.Kind.FACE, 4900, 1600, 280, 380);
        CameraTrack pan = make(ReadyMove.PAN_AND_ZOOM, stage(near, far), MoveWish.USUAL);
        boolean there = shows(pan, 0, near.box()) && shows(pan, LENGTH - 1, far.box());
        boolean back = shows(pan, 0, far.box()) && shows(pan, LENGTH - 1, near.box());
        assertThat(there || back).isTrue();
    }

    @Property(tries = 300)
    void no_slide_or_tilt_or_drift_cuts_a_face_where_it_rests_wherever_that_is(
            @ForAll @DoubleRange(min = 0, max = 5600) double left,
            @ForAll @DoubleRange(min = 0, max = 3500) double top,
            @ForAll Direction direction) {
        Mark face = mark("m1", Mark.Kind.FACE, left, top, 400, 500);
        for (ReadyMove move : List.of(ReadyMove.SLIDE, ReadyMove.TILT, ReadyMove.DRIFT)) {
            CameraTrack camera = make(move, stage(face), MoveWish.USUAL.withDirection(direction));
            boolean roomy = left > 1500 && left < 4100 && top > 1000 && top < 2500;
            for (int frame : new int[] {0, LENGTH - 1}) {
                boolean whole = shows(camera, frame, face.box());
                assertThat(whole || !roomy && misses(camera, frame, face.box()))
                        .as("%s at %d", move, frame)
                        .isTrue();
            }
        }
    }

    @Test
    void an_area_comes_before_a_face_a_face_before_a_person_and_what_is_put_off_does_not_count() {
        Mark area = mark("m1", Mark.Kind.AREA, 600, 600, 300, 300);
        Mark face = mark("m2", Mark.Kind.FACE, 4600, 2800, 300, 300);
        Mark person = mark("m3", Mark.Kind.PERSON, 2000, 1000, 900, 2400);
        assertThat(stage(person, face, area).aim().orElseThrow().words()).isEqualTo("the area");
        assertThat(stage(person, face).aim().orElseThrow().words()).isEqualTo("the face");
        assertThat(stage(person).aim().orElseThrow().words()).isEqualTo("the person");
        assertThat(stage(face.refused()).aim()).isEmpty();
    }

    @Test
    void faces_that_one_framing_shows_count_as_a_group_and_are_all_shown() {
        Mark[] group = {
            mark("m1", Mark.Kind.FACE, 2000, 1200, 250, 300),
            mark("m2", Mark.Kind.FACE, 2700, 1300, 240, 300),
            mark("m3", Mark.Kind.FACE, 3300, 1250, 260, 300)
        };
        assertThat(stage(group).aim().orElseThrow().words()).isEqualTo("the 3 faces");
        CameraTrack push = make(ReadyMove.PUSH_IN, stage(group), MoveWish.USUAL.withAmount(400));
        for (Mark mark : group) {
            assertThat(shows(push, LENGTH - 1, mark.box())).isTrue();
        }
    }

    @Test
    void a_subject_point_that_somebody_has_set_comes_first() {
        Mark face = mark("m1", Mark.Kind.FACE, 4600, 2800, 300, 300);
        var point = new PicturePoint(1500, 1200);
        Stage stage = new Stage(PICTURE, FRAME, LENGTH, FrameRate.of(25), 110, Optional.of(point), Rhythm.NONE)
                .withMarks(List.of(face.withKeep(Mark.Keep.OFF)));
        CameraTrack push = make(ReadyMove.PUSH_IN, stage, MoveWish.USUAL.withAmount(300));
        assertThat(push.at(LENGTH - 1).gateCentre(FRAME).x()).isLessThan(3000);
    }
}
