package amberlens.core.model.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.judge.edges.Refit;
import amberlens.core.motion.camera.CameraTrack;
import java.util.List;
import org.junit.jupiter.api.Test;

class ModelTest {
    private static final Size HD = new Size(1920, 1080);
    private static final Media PLAN = Media.photo("m1", "/archive/garden_plan-2.jpg", HD);

    private static Shot shot(String id, int track, int start, int length) {
        return new Shot(
                id, id, "m1", track, start, length, true, CameraTrack.still(Refit.FILL.pose(HD, HD)), Extras.NONE);
    }

    private static Project with(Shot... shots) {
        return Project.empty("Fernhollow").withMedia(List.of(PLAN)).withShots(List.of(shots));
    }

    @Test
    void the_uppermost_shot_of_a_frame_is_on_the_highest_track() {
        Project project = with(shot("low", 1, 0, 100), shot("high", 3, 20, 10));
        assertThat(LineUp.topAt(project, 10).orElseThrow().id()).isEqualTo("low");
        assertThat(LineUp.topAt(project, 29).orElseThrow().id()).isEqualTo("high");
        assertThat(LineUp.topAt(project, 30).orElseThrow().id()).isEqualTo("low");
        assertThat(LineUp.topAt(project, 100)).isEmpty();
        assertThat(LineUp.length(project)).isEqualTo(100);
        assertThat(LineUp.tracks(project)).isEqualTo(3);
    }

    @Test
    void the_last_frame_of_a_shot_is_one_before_its_end() {
        assertThat(shot("s", 1, 20, 10).lastFrame()).isEqualTo(9);
        assertThat(shot("s", 1, 20, 10).onLineUp()).isEqualTo(new FrameSpan(20, 29));
        assertThat(new FrameSpan(20, 29).length()).isEqualTo(10);
    }

    @Test
    void a_project_refuses_doubles_and_shots_without_media() {
        assertThatThrownBy(() -> with(shot("s1", 1, 0, 5), shot("s1", 1, 5, 5))).hasMessageContaining("s1");
        assertThatThrownBy(() -> Project.empty("x").withShots(List.of(shot("s1", 1, 0, 5))))
                .hasMessageContaining("m1");
        assertThatThrownBy(() -> Project.empty("x").withMedia(List.of(PLAN, PLAN)))
                .hasMessageContaining("m1");
    }

    @Test
    void impossible_shots_and_frames_are_refused_with_the_value() {
        assertThatThrownBy(() -> shot("s", 0, 0, 5)).hasMessageContaining("track");
        assertThatThrownBy(() -> shot("s", 1, -1, 5)).hasMessageContaining("-1");
        assertThatThrownBy(() -> shot("s", 1, 0, 0)).hasMessageContaining("not 0");
        assertThatThrownBy(() -> new FrameFormat(new Size(20_000, 10), FrameRate.of(25), Colour.BLACK))
                .hasMessageContaining("16384");
        assertThatThrownBy(() -> Colour.parse("red")).hasMessageContaining("#1A2B3C");
        assertThatThrownBy(() -> new FrameSpan(5, 4)).hasMessageContaining("5 to 4");
    }

    @Test
    void a_picture_is_called_by_its_file_name_made_readable() {
        assertThat(PLAN.name()).isEqualTo("Garden plan 2");
        assertThat(Media.photo("m", "C:\\archive\\map.tif", HD).fileName()).isEqualTo("map.tif");
        assertThat(Colour.parse("#f5a83b")).hasToString("#F5A83B");
    }
}
