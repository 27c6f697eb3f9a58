package amberlens.desktop.dialogs.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RecentProjectsTest {
    @TempDir
    private Path folder;

    @Test
    void the_newest_comes_first_once_and_the_list_ends_at_ten() {
        var recent = new RecentProjects(folder.resolve("settings"), Runnable::run);
        for (int i = 0; i < 12; i++) {
            recent.add(folder.resolve("film" + i + ".amber"));
        }
        recent.add(folder.resolve("film5.amber"));
        assertThat(recent.all()).hasSize(10).startsWith(folder.resolve("film5.amber"), folder.resolve("film11.amber"));
        assertThat(recent.all()).doesNotHaveDuplicates();
        assertThat(new RecentProjects(folder.resolve("settings"), Runnable::run).all())
                .isEqualTo(recent.all());
    }

    @Test
    void what_another_window_has_added_stays() {
        Path settings = folder.resolve("settings");
        var first = new RecentProjects(settings, Runnable::run);
        var second = new RecentProjects(settings, Runnable::run);
        first.add(folder.resolve("pond.amber"));
        second.add(folder.resolve("gate.amber"));
        assertThat(second.all()).containsExactly(folder.resolve("gate.amber"), folder.resolve("pond.amber"));
        assertThat(new RecentProjects(settings, Runnable::run).all()).isEqualTo(second.all());
    }

    @Test
    void a_list_that_cannot_be_kept_is_no_harm() throws IOException {
        Path inTheWay = Files.writeString(folder.resolve("settings"), "not a folder");
        new RecentProjects(inTheWay, Runnable::run).add(folder.resolve("film.amber"));
        assertThat(new RecentProjects(inTheWay, Runnable::run).all()).isEmpty();
    }
}
