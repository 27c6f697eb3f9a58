package amberlens.core.material.shake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.trace.Stand;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class ShakeLayerTest {
    private static final Size FRAME = new Size(1920, 1080);

    /** 2 Hz, a hundredth of the width to either side, seen 60 times a second. */
    private static final Shake SWING = new Shake(
            "Swing",
            FrameRate.of(60),
            IntStream.rangeClosed(0, 60)
                    .mapToObj(i -> new Stand(0.01 * Math.cos(2 * Math.PI * 2 * i / 60), 0, 1, 0, 1))
                    .toList());

    private static ShakeLayer whole(Shake shake) {
        return new ShakeLayer(shake, 100, 0);
    }

    @Test
    void its_own_rate_is_kept_at_any_frame_rate() {
        for (int rate : new int[] {24, 25, 30, 50}) {
            var mover = whole(SWING).in(FRAME, FRAME.width(), FrameRate.of(rate));
            for (double seconds = 0; seconds < 1; seconds += 0.05) {
                assertThat(mover.at(seconds * rate).position().x() - 960)
                        .as("%d fps at %.2f s", rate, seconds)
                        .isCloseTo(19.2 * Math.cos(2 * Math.PI * 2 * seconds), Offset.offset(0.2));
            }
        }
    }

    @Test
    void after_its_end_it_runs_backwards_so_that_there_is_no_seam() {
        Shake ramp = new Shake(
                "Ramp",
                FrameRate.of(10),
                List.of(
                        new Stand(0, 0, 1, 0, 1),
                        new Stand(0.01, 0, 1.1, 1, 1),
                        new Stand(0.02, 0, 1.2, 2, 1),
                        new Stand(0.03, 0, 1.3, 3, 1)));
        for (double t = 0; t < 0.3; t += 0.01) {
            assertThat(ramp.at(0.6 - t).x()).isCloseTo(ramp.at(0.6 + t).x(), Offset.offset(1e-12));
            assertThat(ramp.at(-t).x()).isCloseTo(ramp.at(t).x(), Offset.offset(1e-12));
        }
        assertThat(ramp.at(0.6).x()).isZero();
        double step = 0;
        for (double t = 0; t < 3; t += 0.001) {
            step = Math.max(step, Math.abs(ramp.at(t + 0.001).x() - ramp.at(t).x()));
        }
        assertThat(step).as("nowhere a jump").isLessThan(0.00015);
    }

    @Test
    void the_amount_takes_all_of_it_along() {
        var shake = new Shake("One", FrameRate.of(10), List.of(new Stand(0.01, -0.02, 1.21, 2, 1), Stand.STILL));
        Stand half = new ShakeLayer(shake, 50, 0).at(0);
        assertThat(half.x()).isCloseTo(0.005, Offset.offset(1e-9));
        assertThat(half.y()).isCloseTo(-0.01, Offset.offset(1e-9));
        assertThat(half.scale()).as("the root of 1.21").isCloseTo(1.1, Offset.offset(1e-9));
        assertThat(half.degrees()).isCloseTo(1, Offset.offset(1e-9));
        assertThat(new ShakeLayer(shake, 0, 0).at(0).y()).isZero();
    }

    @Test
    void amounts_and_names_out_of_range_are_refused() {
        assertThatThrownBy(() -> new ShakeLayer(SWING, 301, 0)).hasMessageContaining("0 to 300 %");
        assertThatThrownBy(() -> new ShakeLayer(SWING, Double.NaN, 0)).hasMessageContaining("0 to 300 %");
        assertThatThrownBy(() -> new Shake(" ", FrameRate.of(25), SWING.stands()))
                .hasMessageContaining("name");
        assertThatThrownBy(() -> new Shake("One", FrameRate.of(25), List.of(Stand.STILL)))
                .hasMessageContaining("moments");
    }

    private static Project shaken() {
        Media sheet = Media.photo("m1", "/archive/sheet.jpg", new Size(3000, 2000));
        Project project = MediaEdits.add(sheet).apply(Project.empty("Film"));
        project = ShotEdits.add(sheet, Refit.FILL, 0).apply(project);
        return project.mapShot("s1", shot -> shot.withSettings(shot.settings().withShake(Optional.of(whole(SWING)))));
    }

    @Test
    void a_shot_is_seen_and_judged_with_its_shake_and_its_own_keys_stay() {
        Project project = shaken();
        Shot shot = project.shots().getFirst();
        Pose own = project.pose(shot, 0);
        Pose seen = project.take(shot).pose(0);
        assertThat(seen.position().x() - own.position().x()).isCloseTo(19.2, Offset.offset(1e-6));
        assertThat(project.ride(shot).off(seen, 0).position().x())
                .isCloseTo(own.position().x(), Offset.offset(1e-9));
        assertThat(shot.camera().keyFrames()).isEmpty();
        assertThat(project.take(shot).pose(-0.25).position().x())
                .as("also while the first frame is exposed")
                .isGreaterThan(own.position().x() + 15);
    }

    @Test
    void a_split_leaves_the_shake_where_it_was_in_time() {
        Project project = shaken();
        Project split = LineUpEdits.split(Set.of("s1"), 31).apply(project);
        Shot second = split.shots().get(1);
        for (int at = 0; at < 20; at++) {
            assertThat(split.take(second).pose(at).position().x())
                    .isCloseTo(
                            project.take(project.shots().getFirst())
                                    .pose(31 + at)
                                    .position()
                                    .x(),
                            Offset.offset(1e-6));
        }
    }
}
