package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.desktop.desk.menu.MenuIds;
import amberlens.desktop.shell.guide.GuideKeys;
import amberlens.files.Folders;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;

/** What menus and the guide say of actions is true of them. */
class WordsAndKeysTest {
    @TempDir
    static Path folder;

    private Bench bench;

    @BeforeEach
    void open() {
        Toolkit.start();
        bench = WaitForAsyncUtils.waitForAsyncFx(
                30_000, () -> new Bench(new AnsweredFiles(), Folders.below(folder), 1280, 800));
    }

    @AfterEach
    void close() {
        WaitForAsyncUtils.waitForAsyncFx(120_000, bench::close);
    }

    @Test
    void every_menu_entry_is_an_action() {
        MenuIds.everywhere()
                .forEach(id -> assertThat(bench.actions().get(id).id()).isEqualTo(id));
    }

    @Test
    void the_guide_names_the_keys_that_actions_have() {
        assertThat(GuideKeys.all()).hasSizeGreaterThan(60);
        for (GuideKeys.Named named : GuideKeys.all()) {
            String keys = bench.actions()
                    .get(named.action())
                    .shortcut()
                    .map(found -> found.getName())
                    .orElse("none");
            String written = named.keys().replace("Ctrl", "Shortcut");
            assertThat(normal(keys)).as("%s, %s", named.page(), named.action()).isEqualTo(normal(written));
        }
    }

    /** Modifiers in any order. */
    private static java.util.Set<String> normal(String keys) {
        return java.util.Set.of(keys.split("\\+"));
    }

    @Test
    void what_cannot_be_done_says_what_it_needs() {
        WaitForAsyncUtils.waitForAsyncFx(120_000, () -> bench.actions().run("framing.add"));
        assertThat(bench.desk().message()).isEqualTo("\"Add framing\" needs a selected shot.");
        assertThat(bench.desk().document().undoName()).isEmpty();
        bench.actions().all().stream()
                .filter(action -> !action.isPossible())
                .forEach(action ->
                        assertThat(action.needs().otherwise()).as(action.id()).isNotBlank());
    }
}
