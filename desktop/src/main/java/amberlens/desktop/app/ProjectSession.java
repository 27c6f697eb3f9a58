package amberlens.desktop.app;

import amberlens.core.model.FileProblem;
import amberlens.core.model.Project;
import amberlens.desktop.look.Overlay;
import amberlens.desktop.store.Store;
import amberlens.project.ProjectFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import javafx.application.Platform;

/** New, open, save: always asks before changes are lost, and reads and writes in the background. */
public final class ProjectSession {
    private final Store store;
    private final Overlay overlay;
    private final Executor background;
    private final FileChoice files;
    private final RecentProjects recent;

    ProjectSession(Store store, Overlay overlay, Executor background, FileChoice files, RecentProjects recent) {
        this.store = store;
        this.overlay = overlay;
        this.background = background;
        this.files = files;
        this.recent = recent;
    }

    public List<Path> recent() {
        return recent.all();
    }

    void startNew() {
        whenSafe(() -> store.load(Project.empty("Untitled"), Optional.empty()));
    }

    void chooseAndOpen() {
        whenSafe(() -> files.projectToOpen().ifPresent(this::open));
    }

    /** Opens a project after asking about unsaved changes. */
    public void openSafely(Path file) {
        whenSafe(() -> open(file));
    }

    /** Opens a project at once. */
    public void open(Path file) {
        background.execute(() -> {
            try {
                Project project = ProjectFile.open(file);
                Platform.runLater(() -> {
                    recent.add(file);
                    store.load(project, Optional.of(file));
                });
            } catch (FileProblem e) {
                Platform.runLater(() -> overlay.tell("The project could not be opened", e.getMessage()));
            }
        });
    }

    void save() {
        save(() -> {});
    }

    void saveAs() {
        askWhere().ifPresent(file -> write(file, () -> {}));
    }

    private void save(Runnable afterwards) {
        Optional<Path> file = store.file().or(this::askWhere);
        file.ifPresent(path -> write(path, afterwards));
    }

    private Optional<Path> askWhere() {
        String name = store.project().name().replaceAll("[^\\p{L}\\p{N} _-]", "") + ProjectFile.ENDING;
        return files.projectToSave(name).map(ProjectSession::withEnding);
    }

    private static Path withEnding(Path chosen) {
        String name = chosen.getFileName().toString();
        return name.endsWith(ProjectFile.ENDING) ? chosen : chosen.resolveSibling(name + ProjectFile.ENDING);
    }

    private void write(Path file, Runnable afterwards) {
        Project project = store.settled();
        background.execute(() -> {
            try {
                ProjectFile.save(project, file);
                Platform.runLater(() -> {
                    recent.add(file);
                    store.saved(file);
                    afterwards.run();
                });
            } catch (FileProblem e) {
                Platform.runLater(() -> overlay.tell("The project could not be saved", e.getMessage()));
            }
        });
    }

    /** Runs something that gives up the project, once nothing can be lost. */
    void whenSafe(Runnable action) {
        if (!store.unsaved()) {
            action.run();
            return;
        }
        overlay.ask(
                "Keep the changes?",
                "\"" + store.project().name() + "\" has changes that are not saved.",
                List.of(
                        new Overlay.Answer("Save", true, () -> save(action)),
                        new Overlay.Answer("Don't keep them", false, action),
                        new Overlay.Answer("Cancel", false, () -> {})));
    }
}
