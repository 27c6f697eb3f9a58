package amberlens.core.model.lineup;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Each shot turns by one degree a frame, so that what a piece shows says where it was cut from. */
class RowTest {
    private static final Size HD = new Size(1920, 1080);

    private static Shot shot(String id, int track, int start, int length) {
        CameraTrack camera = CameraTrack.still(Pose.neutral(HD, HD))
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER, List.of(Key.of(0, 0.0, Leg.LINEAR), Key.of(100, 100.0, Leg.LINEAR))));
        return new Shot(id, id, "m1", track, start, length, true, camera, Extras.NONE);
    }

    private static Project project(Shot... shots) {
        return Project.empty("row")
                .withMedia(List.of(Media.photo("m1", "a.png", HD)))
                .withShots(Arrays.asList(shots));
    }

    /** Id, start, length and what the first frame shows. */
    private static List<String> described(Project project) {
        return project.shots().stream()
                .map(shot -> shot.id() + " " + shot.start() + "+" + shot.length() + " from "
                        + Math.round(shot.camera().at(0).degrees()))
                .toList();
    }

    @Test
    void a_cleared_stretch_cuts_the_middle_out_of_a_longer_shot() {
        Project cleared = Row.cleared(project(shot("s1", 1, 10, 50)), 1, new FrameSpan(20, 29), Set.of());
        assertThat(described(cleared)).containsExactly("s1 10+10 from 0", "s2 30+30 from 20");
    }

    @Test
    void a_cleared_stretch_shortens_what_reaches_into_it_and_removes_what_lies_inside() {
        Project row =
                project(shot("s1", 1, 0, 10), shot("s2", 1, 10, 10), shot("s3", 1, 20, 10), shot("s4", 1, 30, 10));
        assertThat(described(Row.cleared(row, 1, new FrameSpan(5, 24), Set.of())))
                .containsExactly("s1 0+5 from 0", "s3 25+5 from 5", "s4 30+10 from 0");
        assertThat(described(Row.cleared(row, 1, new FrameSpan(10, 19), Set.of())))
                .containsExactly("s1 0+10 from 0", "s3 20+10 from 0", "s4 30+10 from 0");
        assertThat(described(Row.cleared(row, 1, new FrameSpan(9, 20), Set.of())))
                .containsExactly("s1 0+9 from 0", "s3 21+9 from 1", "s4 30+10 from 0");
        assertThat(Row.cleared(row, 1, new FrameSpan(40, 90), Set.of())).isEqualTo(row);
        assertThat(Row.cleared(row, 2, new FrameSpan(0, 90), Set.of())).isEqualTo(row);
        assertThat(described(Row.cleared(row, 1, new FrameSpan(0, 90), Set.of("s2", "s4"))))
                .containsExactly("s2 10+10 from 0", "s4 30+10 from 0");
    }

    @Test
    void later_shots_of_the_track_move_along_and_no_others() {
        Project row = project(shot("s1", 1, 0, 10), shot("s2", 1, 10, 10), shot("s3", 2, 12, 10), shot("s4", 1, 30, 5));
        assertThat(described(Row.shifted(row, 1, 10, 7, Set.of("s4"))))
                .containsExactly("s1 0+10 from 0", "s2 17+10 from 0", "s3 12+10 from 0", "s4 30+5 from 0");
        assertThat(Row.shifted(row, 1, 0, -15, Set.of()).shots())
                .extracting(Shot::start)
                .containsExactly(0, 0, 12, 15);
    }

    @Test
    void the_nearest_cut_is_a_start_or_an_end_of_the_track() {
        Project row = project(shot("s1", 1, 10, 10), shot("s2", 1, 40, 10), shot("s3", 2, 25, 3));
        assertThat(Row.nearestCut(row, 1, 0)).isEqualTo(10);
        assertThat(Row.nearestCut(row, 1, 16)).isEqualTo(20);
        assertThat(Row.nearestCut(row, 1, 44)).isEqualTo(40);
        assertThat(Row.nearestCut(row, 1, 99)).isEqualTo(50);
        assertThat(Row.nearestCut(row, 3, 33)).isEqualTo(33);
        assertThat(Row.nearestCut(row, 3, -4)).isZero();
        assertThat(Arrays.stream(Laying.values()).map(Laying::words))
                .doesNotHaveDuplicates()
                .doesNotContain("");
    }
}
