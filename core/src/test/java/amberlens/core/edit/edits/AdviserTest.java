package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.Advice.Kind;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.material.footage.Footage;
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
import java.util.List;
import org.junit.jupiter.api.Test;

/** Moves at 25 frames a second in a frame of 1920 × 1080, with numbers worked out by hand. */
class AdviserTest {
    private static final Size PICTURE = new Size(9000, 6000);
    private static final Size FRAME = new Size(1920, 1080);
    private static final CameraTrack STILL =
            CameraTrack.still(Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(60)));

    private static Project project(Media media, CameraTrack camera, int length) {
        return Project.empty("Fernhollow")
                .withMedia(List.of(media))
                .withShots(List.of(new Shot("s1", "Border", "m1", 1, 0, length, true, camera, Extras.NONE)));
    }

    private static Project project(CameraTrack camera, int length) {
        return project(Media.photo("m1", "border.jpg", PICTURE), camera, length);
    }

    private static Key<FramePoint> key(int at, double x, Leg leg) {
        return Key.of(at, new FramePoint(x, 540), leg);
    }

    private static CameraTrack along(List<Key<FramePoint>> keys) {
        return STILL.withPosition(Channel.keyed(ValueKinds.POSITION, keys));
    }

    private static List<Kind> kinds(Project project) {
        return Adviser.of(project, project.shots().getFirst()).stream()
                .map(Advice::kind)
                .toList();
    }

    private static Advice only(Project project, Kind kind) {
        return Adviser.of(project, project.shots().getFirst()).stream()
                .filter(advice -> advice.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_still_picture_and_a_gentle_slow_slide_need_none() {
        assertThat(kinds(project(STILL, 100))).isEmpty();
        assertThat(kinds(project(along(List.of(key(0, 900, Ease.GENTLE_BOTH.leg()), key(99, 1100, Leg.LINEAR))), 100)))
                .isEmpty();
    }

    /** 1000 px in 50 frames: 20 px a frame, 500 px a second, 1920/500 = 3.84 s across. */
    @Test
    void a_fast_pan_judders_until_the_shutter_is_open() {
        CameraTrack pan = along(List.of(
                key(0, 500, Leg.LINEAR),
                key(20, 500, Leg.LINEAR),
                key(70, 1500, Leg.LINEAR),
                key(99, 1500, Leg.LINEAR)));
        Project project = project(pan, 100);
        Advice advice = only(project, Kind.JUDDER);
        assertThat(advice.words()).contains("in 3.8 s").contains("25");
        assertThat(advice.span().from()).isEqualTo(20);
        assertThat(advice.span().to()).isEqualTo(70);
        Project mended = advice.mend().orElseThrow().edit().apply(project);
        assertThat(kinds(mended)).doesNotContain(Kind.JUDDER);
    }

    /** 4 px a frame for 50 frames, then 16: a step of 12 px, of which people see about 3. */
    @Test
    void a_step_in_speed_between_two_legs_is_found_and_smoothed() {
        CameraTrack stepped = along(List.of(
                key(0, 800, Ease.GENTLE_LEAVE.leg()),
                key(20, 830, Leg.LINEAR),
                key(50, 950, Leg.LINEAR),
                key(70, 1270, Ease.GENTLE_ARRIVE.leg()),
                key(99, 1400, Leg.LINEAR)));
        Project project = project(stepped, 100);
        Advice advice = Adviser.of(project, project.shots().getFirst()).stream()
                .filter(one -> one.kind() == Kind.STEP && one.words().contains("frame 50"))
                .findFirst()
                .orElseThrow();
        assertThat(advice.words()).contains("by 12 px");
        Project mended = advice.mend().orElseThrow().edit().apply(project);
        assertThat(Adviser.of(mended, mended.shots().getFirst()))
                .noneMatch(one -> one.kind() == Kind.STEP && one.words().contains("frame 50"));
    }

    @Test
    void a_jump_after_a_hold_is_meant() {
        CameraTrack jump = along(List.of(key(0, 800, Leg.HOLD), key(50, 1300, Leg.LINEAR)));
        assertThat(kinds(project(jump, 100))).isEmpty();
    }

    @Test
    void a_move_that_begins_and_ends_on_the_cut_leaves_and_arrives_gently() {
        Project project = project(along(List.of(key(0, 900, Leg.LINEAR), key(99, 1120, Leg.LINEAR))), 100);
        assertThat(kinds(project)).containsExactly(Kind.START_ON_CUT, Kind.END_ON_CUT);
        Project mended =
                only(project, Kind.START_ON_CUT).mend().orElseThrow().edit().apply(project);
        assertThat(kinds(mended)).containsExactly(Kind.END_ON_CUT);
        Project both = only(mended, Kind.END_ON_CUT).mend().orElseThrow().edit().apply(mended);
        assertThat(kinds(both)).isEmpty();
        assertThat(EdgeReport.of(both.take(both.shots().getFirst())).isSealed()).isTrue();
    }

    /** Footage of 24 frames a second in a film of 25: once a second a frame comes twice. */
    @Test
    void footage_of_another_rate_beats_and_is_blended() {
        Media pond = Media.footage("m1", Media.Kind.FILM, "pond.mp4", PICTURE, new Footage(FrameRate.of(24), 300));
        Project project = project(pond, STILL, 100);
        Advice advice = only(project, Kind.UNEVEN_FOOTAGE);
        assertThat(advice.words()).contains("1.0 times a second");
        assertThat(kinds(advice.mend().orElseThrow().edit().apply(project))).isEmpty();
        Media same = Media.footage("m1", Media.Kind.FILM, "pond.mp4", PICTURE, new Footage(FrameRate.of(50), 300));
        assertThat(kinds(project(same, STILL, 100))).isEmpty();
    }

    /** The gate just fits at both ends and bulges between where the legs are made one: then nothing is offered. */
    @Test
    void what_would_open_an_edge_is_not_offered() {
        Size small = new Size(1930, 1200);
        CameraTrack tight = CameraTrack.still(Pose.neutral(small, FRAME))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(960, 600), Leg.LINEAR),
                                Key.of(40, new FramePoint(960, 480), Leg.LINEAR),
                                Key.of(80, new FramePoint(960, 600), Leg.LINEAR))))
                .withRotation(Channel.constant(ValueKinds.NUMBER, 0.0));
        Project project = project(Media.photo("m1", "tight.jpg", small), tight, 81);
        for (Advice advice : Adviser.of(project, project.shots().getFirst())) {
            advice.mend().ifPresent(mend -> {
                Project mended = mend.edit().apply(project);
                assertThat(EdgeReport.of(mended.take(mended.shots().getFirst())).isSealed())
                        .isTrue();
            });
        }
        assertThat(kinds(project)).contains(Kind.STEP);
    }
}
