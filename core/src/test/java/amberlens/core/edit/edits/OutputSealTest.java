package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.OutputTimes;
import amberlens.core.base.time.Shutter;
import amberlens.core.edit.check.OutputEdge;
import amberlens.core.judge.edges.Refit;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import org.junit.jupiter.api.Test;

class OutputSealTest {
    private static final Size HD = new Size(1920, 1080);
    private static final Media SHEET = Media.photo("m1", "sheet.jpg", HD);
    private static final FrameRate PAL = FrameRate.of(25);

    private static Shot shot(String id, int start, double degrees, double aside) {
        Pose fill = Refit.FILL.pose(HD, HD);
        CameraTrack camera = CameraTrack.still(fill.withPosition(fill.position().plus(new FramePoint(aside, 0))))
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER,
                        List.of(
                                Key.of(0, 0.0, Leg.LINEAR),
                                Key.of(10, degrees, Leg.LINEAR),
                                Key.of(20, 0.0, Leg.LINEAR))));
        return new Shot(id, "Shot " + id, "m1", 1, start, 21, true, camera, Extras.NONE);
    }

    private static Project project(Shot... shots) {
        return Project.empty("output").withMedia(List.of(SHEET)).withShots(List.of(shots));
    }

    private static OutputTimes times(int from, int to) {
        return new OutputTimes(new FrameSpan(from, to), PAL, PAL);
    }

    @Test
    void every_shot_of_the_range_that_opens_is_sealed_and_no_other() {
        Project project =
                project(shot("s1", 0, 2, 0), shot("s2", 21, 0, 0), shot("s3", 42, 3, 0), shot("s4", 63, 2, 0));
        OutputSeal seal = OutputSeal.of(project, times(0, 62), SealWay.LIFT, SealTerms.free());
        assertThat(seal.refusals()).isEmpty();
        assertThat(seal.steps()).hasSize(2);
        Project closed = CarryEdits.apply(seal.edit(), project);
        assertThat(OutputEdge.of(closed, times(0, 62))).isEmpty();
        assertThat(closed.shots().get(1)).isEqualTo(project.shots().get(1));
        assertThat(closed.shots().get(3)).isEqualTo(project.shots().get(3));
        assertThat(OutputEdge.of(closed, times(0, 83)))
                .extracting(edge -> edge.shot().id())
                .containsExactly("s4");
    }

    /** 2° need 106.1 % and 3° need 109.2 % (trigonometry of a turned rectangle): only one of them fits below 107 %. */
    @Test
    void what_cannot_be_sealed_is_named_and_the_rest_is_sealed_all_the_same() {
        Project project = project(shot("s1", 0, 3, 0), shot("s2", 21, 2, 0));
        OutputSeal seal = OutputSeal.of(project, times(0, 41), SealWay.LIFT, SealTerms.limit(107));
        assertThat(seal.steps()).hasSize(1);
        assertThat(seal.refusals()).hasSize(1);
        assertThat(seal.refusals().getFirst()).startsWith("\"Shot s1\": frame 10 needs 9.2 % more scale");
        Project closed = CarryEdits.apply(seal.edit(), project);
        assertThat(closed.shots().getFirst()).isEqualTo(project.shots().getFirst());
        assertThat(OutputEdge.of(closed, times(0, 41)))
                .extracting(edge -> edge.shot().id())
                .containsExactly("s1");
    }

    @Test
    void the_words_of_an_edge_say_whose_how_far_where_and_when() {
        Project project = project(shot("s1", 50, 0, -30));
        OutputEdge edge = OutputEdge.of(project, times(0, 60)).getFirst();
        assertThat(edge.words(PAL)).isEqualTo("\"Shot s1\" shows 30.0 px beyond the right at 00:00:02:00");
        OutputTimes between = new OutputTimes(new FrameSpan(51, 51), PAL, FrameRate.of(50));
        CameraTrack leaving = CameraTrack.still(Refit.FILL.pose(HD, HD))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(Key.of(1, HD.centre(), Leg.LINEAR), Key.of(2, new FramePoint(960, 560), Leg.LINEAR))));
        Project later = project(project.shots().getFirst().withCamera(leaving));
        assertThat(OutputEdge.of(later, between).getFirst().words(PAL))
                .isEqualTo("\"Shot s1\" shows 10.0 px beyond the top at 00:00:02:01, between two frames");
    }

    /**
     * A slide of 4 px a frame whose frames are exposed all the time: seen at four instants the outermost are 1.5 px from the frame's own,
     * at eight, for an output twice as large, 1.75 px. The last frame has 1.6 px of room.
     */
    @Test
    void a_larger_output_sees_an_exposed_frame_at_more_instants_and_is_sealed_at_them() {
        CameraTrack sliding = CameraTrack.still(Refit.FILL.pose(HD, HD).withScale(Scale.uniform(110)))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(960 + 14.4, 540), Leg.LINEAR),
                                Key.of(40, new FramePoint(960 + 174.4, 540), Leg.LINEAR))));
        Project still = project(new Shot("s1", "Slide", "m1", 1, 0, 21, true, sliding, Extras.NONE));
        Project project = still.withFrame(still.frame().withShutter(new Shutter(360)));
        OutputTimes same = times(0, 20);
        OutputTimes larger = new OutputTimes(new FrameSpan(0, 20), PAL, PAL, 2);
        assertThat(OutputEdge.of(project, same)).isEmpty();
        assertThat(OutputEdge.of(project, larger)).singleElement().satisfies(edge -> assertThat(
                        edge.margin().orElseThrow().framePx())
                .isCloseTo(-0.15, within(1e-6)));
        OutputSeal seal = OutputSeal.of(project, larger, SealWay.LIFT, SealTerms.free());
        Project closed = CarryEdits.apply(seal.edit(), project);
        assertThat(OutputEdge.of(closed, larger)).isEmpty();
        assertThat(OutputEdge.of(closed, same)).isEmpty();
    }
}
