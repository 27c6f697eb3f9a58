package amberlens.desktop.picture.handling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.Judged;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Tools;
import java.util.List;
import org.junit.jupiter.api.Test;

class PoseSnapTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(6000, 4000);
    private static final Pose START = Pose.neutral(PICTURE, FRAME);

    private static Pose centredOn(double x, double y) {
        return START.withPosition(new FramePoint(960 + 3000 - x, 540 + 2000 - y));
    }

    private static PoseSnap snap() {
        return new PoseSnap(Judged.whole(PICTURE, FRAME), List.of(new PicturePoint(4100, 900)), 20);
    }

    private static PoseSnap.Snapped moved(double x, double y) {
        return snap().moved(centredOn(1777, 1234), centredOn(x, y));
    }

    @Test
    void a_gate_near_a_side_comes_to_it_exactly() {
        PoseSnap.Snapped snapped = moved(960 + 12, 1500);
        assertThat(snapped.pose().toPicture(new FramePoint(0, 0)).x()).isCloseTo(0, within(1e-9));
        assertThat(snapped.lines()).containsExactly(new Tools.Line(true, 0));
        assertThat(moved(3500, 4000 - 540 - 9).lines()).containsExactly(new Tools.Line(false, 4000));
    }

    @Test
    void a_middle_snaps_to_middle_thirds_other_framings_and_where_it_began() {
        assertThat(moved(3015, 1500).lines()).containsExactly(new Tools.Line(true, 3000));
        assertThat(moved(2008, 1500).lines()).containsExactly(new Tools.Line(true, 2000));
        assertThat(moved(4090, 915).lines()).containsExactly(new Tools.Line(true, 4100), new Tools.Line(false, 900));
        assertThat(moved(1770, 1500).lines()).containsExactly(new Tools.Line(true, 1777));
    }

    @Test
    void what_is_near_nothing_stays_as_it_is() {
        Pose pose = centredOn(2500, 1500);
        assertThat(snap().moved(START, pose).pose()).isSameAs(pose);
        assertThat(snap().moved(START, pose).lines()).isEmpty();
    }

    @Test
    void a_turn_within_a_degree_of_level_or_upright_becomes_it() {
        assertThat(snap().turned(START.withDegrees(0.8), START).pose().degrees())
                .isCloseTo(0, within(1e-9));
        assertThat(snap().turned(START.withDegrees(-90.7), START).pose().degrees())
                .isCloseTo(-90, within(1e-9));
        assertThat(snap().turned(START.withDegrees(3), START).pose().degrees()).isEqualTo(3);
    }
}
