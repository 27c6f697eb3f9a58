package amberlens.core.edit.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.OutputTimes;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Refit;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Instants;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class OutputEdgeTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Media SHEET = Media.photo("m1", "sheet.jpg", new Size(1920, 1080));
    private static final Project EMPTY = Project.empty("between")
            .withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK))
            .withMedia(List.of(SHEET));

    /** Half a turn with every frame: whole frames are level or upside down, and the places between stand upright in the gate. */
    private static Shot tumbling() {
        List<Key<Double>> turns = new ArrayList<>();
        for (int frame = 0; frame <= 10; frame++) {
            turns.add(Key.of(frame, 180.0 * frame, Leg.LINEAR));
        }
        Pose level = Refit.FILL.pose(SHEET.size(), FRAME);
        var camera = new CameraTrack(
                Channel.constant(ValueKinds.SCALE, level.scale()),
                Channel.constant(ValueKinds.POSITION, level.position()),
                Channel.keyed(ValueKinds.NUMBER, turns),
                Channel.constant(ValueKinds.ANCHOR, level.anchor()));
        return new Shot("s1", "Sheet", "m1", 1, 0, 11, true, camera, Extras.NONE);
    }

    private static OutputTimes at(FrameRate rate) {
        return new OutputTimes(new FrameSpan(0, 10), FrameRate.of(25), rate);
    }

    private static SealResult.Sealed sealed(Project project, Shot shot, SealWay way, OutputTimes times) {
        SealResult result = SealEdits.seal(project, shot, way, SealTerms.free(), times);
        assertThat(result).isInstanceOf(SealResult.Sealed.class);
        return (SealResult.Sealed) result;
    }

    @Test
    void an_output_at_another_rate_is_judged_at_its_own_times() {
        Shot shot = tumbling();
        Project project = EMPTY.withShots(List.of(shot));
        assertThat(EdgeReport.of(project.take(shot)).isSealed()).isTrue();
        assertThat(OutputEdge.of(project, at(FrameRate.of(25)))).isEmpty();
        List<OutputEdge> edges = OutputEdge.of(project, at(FrameRate.of(50)));
        assertThat(edges).hasSize(1);
        // Upright in the frame, the sheet's 1080 px leave (1920 − 1080)/2 open at either side.
        assertThat(edges.getFirst().at() % 1).isEqualTo(0.5);
        assertThat(edges.getFirst().margin().orElseThrow().framePx()).isCloseTo(-420, within(1e-6));
        assertThat(edges.getFirst().shot()).isEqualTo(shot);
    }

    @ParameterizedTest
    @EnumSource(names = {"LIFT", "LEAST"})
    void a_seal_for_an_output_closes_its_times_and_the_frames_of_the_line_up(SealWay way) {
        Shot shot = tumbling();
        Project project = EMPTY.withShots(List.of(shot));
        for (FrameRate rate : List.of(FrameRate.of(50), FrameRate.of(30), new FrameRate(24000, 1001))) {
            CameraTrack camera = sealed(project, shot, way, at(rate)).camera();
            Project closed = EMPTY.withShots(List.of(shot.withCamera(camera)));
            assertThat(OutputEdge.of(closed, at(rate))).isEmpty();
            assertThat(OutputEdge.of(closed, at(FrameRate.of(25)))).isEmpty();
        }
        double scale = sealed(project, shot, way, at(FrameRate.of(50)))
                .camera()
                .scale()
                .at(0)
                .x();
        assertThat(scale).isCloseTo(100 * 1920 / 1080.0, within(0.01));
    }

    @Test
    void only_the_frames_of_the_range_count_and_shots_that_need_not_fill_do_not() {
        Shot shot = tumbling();
        Shot off = shot.withCamera(CameraTrack.still(Refit.FILL.pose(SHEET.size(), FRAME))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, FRAME.centre(), Leg.HOLD),
                                Key.of(5, new FramePoint(990, 540), Leg.LINEAR)))));
        Project project = EMPTY.withShots(List.of(off.withStart(40)));
        FrameRate rate = FrameRate.of(25);
        assertThat(OutputEdge.of(project, new OutputTimes(new FrameSpan(0, 44), rate, rate)))
                .isEmpty();
        List<OutputEdge> edges = OutputEdge.of(project, new OutputTimes(new FrameSpan(44, 45), rate, rate));
        assertThat(edges).extracting(OutputEdge::at).containsExactly(45.0);
        Shot free = off.withSettings(off.settings().withFillsFrame(false));
        assertThat(OutputEdge.of(EMPTY.withShots(List.of(free)), at(FrameRate.of(50))))
                .isEmpty();
    }

    @Test
    void the_times_of_an_output_are_counted_in_whole_fractions() {
        OutputTimes ntsc = new OutputTimes(new FrameSpan(100, 1100), FrameRate.of(25), new FrameRate(30000, 1001));
        assertThat(ntsc.place(0)).isEqualTo(100);
        assertThat(ntsc.place(1200)).isEqualTo(100 + 1001.0); // 30000 frames of 1001/30000 s are 1001 s of 25 frames
        assertThat(ntsc.count()).isEqualTo(1200);
        assertThat(ntsc.firstFrom(100)).isZero();
        assertThat(ntsc.firstFrom(100.5)).isEqualTo(1);
        assertThat(ntsc.firstFrom(5)).isZero();
        assertThat(ntsc.firstFrom(99_999)).isEqualTo(1200);
        OutputTimes half = new OutputTimes(new FrameSpan(0, 9), FrameRate.of(50), FrameRate.of(25));
        assertThat(half.count()).isEqualTo(5);
        assertThat(Instants.of(half, 0).within(10)).containsExactly(0, 2, 4, 6, 8);
        assertThat(Instants.of(half, 3).within(4)).containsExactly(1, 3);
        assertThat(Instants.Frames.EACH.within(3)).containsExactly(0, 1, 2);
    }

    @Test
    void enlargement_is_that_of_the_moments_that_are_seen() {
        CameraTrack pulse = CameraTrack.still(Refit.FILL.pose(SHEET.size(), FRAME))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, Scale.uniform(100), Leg.LINEAR),
                                Key.of(1, Scale.uniform(200), Leg.LINEAR),
                                Key.of(2, Scale.uniform(100), Leg.LINEAR))));
        Take take = new Take(pulse, 3, SHEET.size(), FRAME);
        assertThat(Enlargement.greatest(take)).isEqualTo(new Enlargement(200, 1));
        OutputTimes half = new OutputTimes(new FrameSpan(0, 2), FrameRate.of(50), FrameRate.of(25));
        assertThat(Enlargement.greatest(take.shownBy(half, 0)).percent()).isEqualTo(100);
    }
}
