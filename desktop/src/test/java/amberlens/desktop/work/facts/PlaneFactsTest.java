package amberlens.desktop.work.facts;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.desktop.work.background.Background;
import java.util.ArrayDeque;
import java.util.List;
import java.util.Queue;
import org.junit.jupiter.api.Test;

class PlaneFactsTest {
    private static final Size PICTURE = new Size(400, 300);

    private final Queue<Runnable> background = new ArrayDeque<>();
    private final Queue<Runnable> interfaceThread = new ArrayDeque<>();
    private Object open = new Object();
    private final PlaneFacts facts =
            new PlaneFacts(Background.on(background::add, interfaceThread::add, () -> open, _ -> {}), () -> {});

    private static Project project() {
        var outline = List.of(new PicturePoint(150, 120), new PicturePoint(210, 120), new PicturePoint(210, 200));
        Media gate = Media.photo("m1", "gate.jpg", PICTURE)
                .withPlanes(List.of(new Plane("p1", "Post", outline, 0.5, 4, Fill.NONE, Extras.NONE)));
        Project empty = Project.empty("Gate");
        CameraTrack camera = CameraTrack.still(Refit.FILL.pose(PICTURE, empty.frameSize()));
        return empty.withMedia(List.of(gate))
                .withShots(List.of(new Shot("s1", "Gate", "m1", 1, 0, 5, true, camera, Extras.NONE)));
    }

    private boolean known(Project project) {
        return facts.of(project, project.shots().getFirst(), project.frameSize())
                .isPresent();
    }

    private void another() {
        open = new Object();
        facts.forget();
    }

    private static void run(Queue<Runnable> queue) {
        while (!queue.isEmpty()) {
            queue.remove().run();
        }
    }

    @Test
    void what_was_found_for_one_project_is_not_told_of_another() {
        Project first = project();
        assertThat(known(first)).isFalse();
        run(background);
        run(interfaceThread);
        assertThat(known(first)).isTrue();
        another();
        assertThat(known(project())).isFalse();
        run(background);
        another(); // before the answer has come
        run(interfaceThread);
        assertThat(known(project())).isFalse();
    }
}
