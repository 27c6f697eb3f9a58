package amberlens.core.render;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.colour.Colour;
import amberlens.core.edges.Conform;
import amberlens.core.edges.EdgeReport;
import amberlens.core.edges.Margin;
import amberlens.core.extras.Extras;
import amberlens.core.geometry.Size;
import amberlens.core.model.FrameFormat;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Key;
import amberlens.core.motion.Leg;
import amberlens.core.motion.Pose;
import amberlens.core.motion.ValueKinds;
import amberlens.core.time.FrameRate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class BetweenFramesTest {
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
        Pose level = Conform.FILL.pose(SHEET.size(), FRAME);
        var camera = new CameraTrack(
                Channel.constant(ValueKinds.SCALE, level.scale()),
                Channel.constant(ValueKinds.POSITION, level.position()),
                Channel.keyed(ValueKinds.NUMBER, turns),
                Channel.constant(ValueKinds.ANCHOR, level.anchor()));
        return new Shot("s1", "Sheet", "m1", 1, 0, 11, true, camera, Extras.NONE);
    }

    @Test
    void a_place_between_two_sealed_frames_never_shows_an_edge() {
        Shot shot = tumbling();
        Project project = EMPTY.withShots(List.of(shot));
        assertThat(EdgeReport.of(project.take(shot)).isSealed()).isTrue();
        for (double at = 0; at <= 10; at += 0.125) {
            Pose shown = BetweenFrames.pose(project, shot, at);
            assertThat(Margin.of(shown, SHEET.size(), FRAME).isSealed())
                    .as("at %s", at)
                    .isTrue();
            boolean own = Margin.of(shot.camera().at(at), SHEET.size(), FRAME).isSealed();
            assertThat(shown.degrees())
                    .isEqualTo(shot.camera().at(own ? at : Math.floor(at)).degrees());
        }
        assertThat(Margin.of(shot.camera().at(0.5), SHEET.size(), FRAME).isSealed())
                .as("the move itself opens an edge there")
                .isFalse();
    }

    @Test
    void a_shot_that_need_not_fill_the_frame_is_shown_as_it_moves() {
        Shot free = tumbling();
        free = free.withSettings(free.settings().withFillsFrame(false));
        Project project = EMPTY.withShots(List.of(free));
        assertThat(BetweenFrames.pose(project, free, 2.5).degrees()).isCloseTo(450, within(1e-9));
    }

    @Test
    void a_move_is_sampled_between_its_frames() {
        Pose start = Conform.FILL.pose(SHEET.size(), FRAME);
        var camera = CameraTrack.still(start)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, start.scale().times(1.1), Leg.LINEAR),
                                Key.of(10, start.scale().times(1.2), Leg.LINEAR))));
        var shot = new Shot("s1", "Sheet", "m1", 1, 40, 11, true, camera, Extras.NONE);
        Project project = EMPTY.withShots(List.of(shot));
        assertThat(BetweenFrames.pose(project, shot, 2.5).scale().x()).isCloseTo(112.5, within(1e-9));
    }
}
