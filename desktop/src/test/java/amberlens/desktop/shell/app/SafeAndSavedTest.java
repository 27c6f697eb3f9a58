package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.edit.edits.ProjectEdits;
import amberlens.core.model.project.Project;
import amberlens.desktop.picture.table.TableProbe;
import amberlens.desktop.shelf.panes.ShelfTab;
import amberlens.files.Folders;
import amberlens.project.ProjectFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.application.Application;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Nothing is lost, tried with mouse and keyboard: a program that is killed, edits during a save, a file changed outside. */
@EnabledIfSystemProperty(
        named = "amber.window",
        matches = "true",
        disabledReason = "needs a real window with modifier keys; run ./amber test")
class SafeAndSavedTest extends BenchInteraction {
    /** The application in a process of its own, that opens a project, edits it, begins a drag and tells so. */
    public static final class Dragging extends Application {
        @Override
        public void start(Stage stage) throws Exception {
            List<String> arguments = getParameters().getRaw();
            AmberLens.dress();
            Bench bench = new Bench(new AnsweredFiles(), Folders.below(Path.of(arguments.get(0))), 1280, 800);
            stage.setScene(bench.scene());
            stage.show();
            bench.desk().document().load(Project.empty("A pond nobody saved"), Optional.empty());
            bench.desk().document().apply(ProjectEdits.rename("The mill pond"));
            bench.desk().subscribe(_ -> {
                if (bench.services().keeping().kept().isPresent()
                        && !bench.desk().document().showing()) {
                    bench.desk().document().show(ProjectEdits.rename("in the middle of a drag"));
                    System.out.println("dragging");
                }
            });
        }

        public static void main(String[] args) {
            Application.launch(Dragging.class, args);
        }
    }

    private Process started(Path settings) throws Exception {
        String javafx = Path.of("target/javafx").toAbsolutePath().toString();
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Dprism.order=sw",
                        "--enable-native-access=ALL-UNNAMED,javafx.graphics",
                        "--sun-misc-unsafe-memory-access=allow",
                        "--module-path",
                        javafx,
                        "--add-modules",
                        "javafx.controls",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        Dragging.class.getName(),
                        settings.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
    }

    @Test
    void a_program_killed_in_the_middle_of_a_drag_offers_its_work_at_the_next_start() throws Exception {
        Process other = started(folder.resolve("settings"));
        try (var said = other.inputReader()) {
            String line = said.readLine();
            while (line != null && !line.equals("dragging")) {
                line = said.readLine();
            }
            assertThat(line).isEqualTo("dragging");
            assertThat(offered()).as("it still runs").isFalse();
        } finally {
            other.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
        }
        assertThat(offered()).isTrue();
        settle();
        assertThat(lookup("The mill pond").tryQuery()).isPresent();
        clickOn("#recovery-restore");
        waitUntil("the work", () -> project().name().equals("The mill pond"));
        assertThat(bench.desk().document().unsaved()).isTrue();
        assertThat(bench.title()).startsWith("•");
        waitUntil("it kept safe here", () -> text("#saved").contains("kept safe"));
        assertThat(offered()).as("it was decided on").isFalse();
    }

    @Test
    void an_edit_during_a_save_is_not_taken_for_saved_and_is_asked_about() throws Exception {
        Path film = folder.resolve("film.amber");
        files.save = Optional.of(film);
        onFx(() -> bench.desk().document().apply(ProjectEdits.rename("before")));
        onFx(() -> {
            bench.actions().run("project.save");
            bench.desk().document().apply(ProjectEdits.rename("while it was written"));
        });
        waitUntil("the file", () -> bench.desk().document().file().isPresent());
        assertThat(ProjectFile.open(film).name()).isEqualTo("before");
        assertThat(bench.desk().document().unsaved()).isTrue();
        press(KeyCode.CONTROL).type(KeyCode.N).release(KeyCode.CONTROL);
        waitUntil("the question", () -> lookup("Save the changes?").tryQuery().isPresent());
        clickOn("Save");
        waitUntil("an empty project", () -> project().name().equals("Untitled"));
        assertThat(ProjectFile.open(film).name()).isEqualTo("while it was written");
    }

    @Test
    void a_file_changed_outside_asks_before_it_is_replaced_and_versions_come_back_as_a_step() throws Exception {
        Path film = folder.resolve("film.amber");
        files.save = Optional.of(film);
        onFx(() -> bench.desk().document().apply(ProjectEdits.rename("first")));
        press(KeyCode.CONTROL).type(KeyCode.S).release(KeyCode.CONTROL);
        waitUntil("saved", () -> !bench.desk().document().unsaved());
        ProjectFile.save(Project.empty("somebody else's"), film);
        onFx(() -> bench.desk().document().apply(ProjectEdits.rename("second")));
        press(KeyCode.CONTROL).type(KeyCode.S).release(KeyCode.CONTROL);
        waitUntil("the question", () -> lookup("Replace it").tryQuery().isPresent());
        assertThat(ProjectFile.open(film).name()).isEqualTo("somebody else's");
        clickOn("Replace it");
        waitUntil("saved again", () -> !bench.desk().document().unsaved());
        assertThat(ProjectFile.open(film).name()).isEqualTo("second");
        onFx(() -> bench.actions().run("project.versions"));
        waitUntil("the versions", () -> lookup("#version-1").tryQuery().isPresent());
        clickOn("#version-1");
        waitUntil("the first version", () -> project().name().equals("first"));
        assertThat(bench.desk().document().undoName().orElseThrow()).startsWith("restore version of");
        undoOnce();
        assertThat(project().name()).isEqualTo("second");
    }

    private void undoOnce() {
        press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        settle();
    }

    @Test
    void a_new_project_leaves_nothing_of_the_old_one_on_screen() throws Exception {
        files.pictures = List.of(DrawnPictures.quarters(folder, "four-beds.png", 1200, 800));
        onFx(() -> bench.show(ShelfTab.MOVES));
        onFx(() -> bench.actions().run("media.add"));
        waitUntil("the picture", () -> !project().media().isEmpty());
        assertThat(lookup("#media-m1").tryQuery())
                .as("added media bring the shelf to the front")
                .isPresent();
        doubleClickOn("#media-m1");
        waitUntil("the shot", () -> !project().shots().isEmpty());
        waitUntil("numbers", () -> !fieldText("#camera-scale").isEmpty());
        Point2D centre = at(() -> TableProbe.centre(bench.scene()));
        assertThat(centre).isNotNull();
        onFx(() -> bench.desk().document().load(Project.empty("Untitled"), Optional.empty()));
        waitUntil("no numbers", () -> fieldText("#camera-scale").isEmpty());
        assertThat(fieldText("#camera-position-x")).isEmpty();
        assertThat(Files.exists(folder)).isTrue();
    }

    private String fieldText(String query) {
        return lookup(query)
                .<javafx.scene.control.TextInputControl>tryQuery()
                .map(field -> field.getText())
                .orElse("");
    }

    /** Looks for work that was kept safe, and tells whether there was some to offer. */
    private boolean offered() throws Exception {
        return at(() -> bench.session().offerKeptWork()).get(120, TimeUnit.SECONDS);
    }
}
