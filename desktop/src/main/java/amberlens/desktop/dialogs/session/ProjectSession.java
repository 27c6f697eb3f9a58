package amberlens.desktop.dialogs.session;

import amberlens.core.edit.edits.Edit;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Document;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.saving.Saver;
import amberlens.desktop.work.services.Services;
import amberlens.files.FileStamp;
import amberlens.media.export.JobText;
import amberlens.project.ProjectFile;
import amberlens.project.safe.EarlierVersions.Version;
import amberlens.project.safe.Safe.LeftBehind;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;

/** New, open, save, and what was kept safe: always asks before changes are lost, and reads and writes in the background. */
public final class ProjectSession {
    private final Desk desk;
    private final Services services;
    private final Overlay overlay;
    private final FileChoice files;
    private final RecentProjects recent;
    private final Runnable opened;

    /**
     * @param opened runs after a project was opened
     */
    public ProjectSession(
            Desk desk, Services services, Overlay overlay, FileChoice files, RecentProjects recent, Runnable opened) {
        this.opened = opened;
        this.desk = desk;
        this.services = services;
        this.overlay = overlay;
        this.files = files;
        this.recent = recent;
    }

    public List<Path> recent() {
        return recent.all();
    }

    void startNew() {
        startWith(Project.empty("Untitled"), () -> {});
    }

    /**
     * Begins with a project that has no file yet, after asking about unsaved changes.
     *
     * @param then runs when it stands on the bench
     */
    public void startWith(Project project, Runnable then) {
        whenSafe(() -> {
            desk.document().load(project, Optional.empty());
            if (!project.media().isEmpty()) {
                opened.run();
            }
            then.run();
        });
    }

    void chooseAndOpen() {
        whenSafe(() -> files.projectToOpen().ifPresent(this::open));
    }

    /** Opens a project after asking about unsaved changes. */
    public void openSafely(Path file) {
        whenSafe(() -> open(file));
    }

    /** Opens a project, and asks about edits that were made while it was being read. */
    public void open(Path file) {
        Document.Snapshot before = desk.document().snapshot();
        services.saver()
                .open(
                        file,
                        read -> {
                            Document.Snapshot now = desk.document().snapshot();
                            boolean edited = now.of() != before.of() || now.project() != before.project();
                            if (edited) {
                                whenSafe(() -> load(read, file));
                            } else {
                                load(read, file);
                            }
                        },
                        why -> overlay.tell("The project could not be opened", why));
    }

    /** Opens a project that is to stay as it is: saving asks for another place. */
    public void openCopy(Path file) {
        whenSafe(() -> services.saver()
                .open(
                        file,
                        read -> {
                            desk.document().load(read.project(), Optional.empty());
                            opened.run();
                        },
                        why -> overlay.tell("The project could not be opened", why)));
    }

    private void load(ProjectFile.Opened read, Path file) {
        recent.add(file);
        desk.document().load(read.project(), Optional.of(file), Optional.of(read.stamp()));
        opened.run();
    }

    void save() {
        save(() -> {});
    }

    void saveAs() {
        askWhere().ifPresent(file -> write(file, Optional.empty(), () -> {}));
    }

    private void save(Runnable afterwards) {
        desk.document().settle();
        Optional<Path> known = desk.document().file();
        if (known.isPresent()) {
            write(known.get(), desk.document().stamp(), afterwards);
        } else {
            askWhere().ifPresent(file -> write(file, Optional.empty(), afterwards));
        }
    }

    private Optional<Path> askWhere() {
        return files.projectToSave(desk.document().proposedName() + ProjectFile.ENDING)
                .map(ProjectSession::withEnding);
    }

    private static Path withEnding(Path chosen) {
        String name = chosen.getFileName().toString();
        return name.endsWith(ProjectFile.ENDING) ? chosen : chosen.resolveSibling(name + ProjectFile.ENDING);
    }

    private void write(Path file, Optional<FileStamp> known, Runnable afterwards) {
        Document.Snapshot snapshot = desk.document().snapshot();
        services.saver().save(snapshot, file, known, outcome -> {
            switch (outcome) {
                case Saver.Outcome.Written written -> {
                    recent.add(file);
                    if (desk.document().saved(snapshot, file, written.stamp())) {
                        afterwards.run();
                    }
                }
                case Saver.Outcome.ChangedOutside _ -> askAboutChange(file, afterwards);
                case Saver.Outcome.Failed failed -> overlay.tell("The project could not be saved", failed.why());
            }
        });
    }

    private void askAboutChange(Path file, Runnable afterwards) {
        overlay.ask(
                "The file has changed on disk",
                file
                        + " was changed outside Amber Lens since it was opened or saved here. Saving replaces that version.",
                List.of(
                        new Overlay.Answer("Save under another name", true, () -> askWhere()
                                .ifPresent(other -> write(other, Optional.empty(), afterwards))),
                        new Overlay.Answer("Replace it", false, () -> write(file, Optional.empty(), afterwards)),
                        new Overlay.Answer("Cancel", false, () -> {})));
    }

    /** Runs something that gives up the project, once nothing can be lost; edits made during a save are asked about, too. */
    void whenSafe(Runnable action) {
        if (!desk.document().unsaved()) {
            action.run();
            return;
        }
        overlay.ask(
                "Save the changes?",
                "\"" + desk.document().project().name() + "\" has unsaved changes.",
                List.of(
                        new Overlay.Answer("Save", true, () -> save(() -> whenSafe(action))),
                        new Overlay.Answer("Don't save", false, () -> {
                            services.keeping().forget();
                            action.run();
                        }),
                        new Overlay.Answer("Cancel", false, () -> {})));
    }

    /** Offers the work that ended programs left; tells whether there was any. */
    public CompletableFuture<Boolean> offerKeptWork() {
        var offered = new CompletableFuture<Boolean>();
        services.leftBehind(left -> {
            boolean something = left.stream()
                    .anyMatch(
                            safe -> !safe.entries().isEmpty() || !safe.exports().isEmpty());
            if (something) {
                var panel = new RecoveryPanel(left, overlay, this::restore, this::openSafely, this::exportAgain);
                overlay.show(panel, panel::done);
            } else {
                left.forEach(LeftBehind::close);
            }
            offered.complete(something);
        });
        return offered;
    }

    private void restore(LeftBehind safe, LeftBehind.Work work) {
        whenSafe(() -> services.saver()
                .open(
                        work.project(),
                        read -> {
                            var entry = work.entry();
                            desk.document()
                                    .restore(
                                            read.project(),
                                            entry.file(),
                                            entry.stamp().or(() -> Optional.of(FileStamp.UNKNOWN)),
                                            entry.edits());
                            services.keeping().keepNow(() -> safe.forget(work));
                            opened.run();
                        },
                        why -> overlay.tell("What was kept safe could not be opened", why)));
    }

    private void exportAgain(LeftBehind safe) {
        for (LeftBehind.CutOff cut : safe.exports()) {
            services.saver()
                    .open(
                            cut.project(),
                            read -> {
                                try {
                                    services.exports().add(JobText.read(cut.settings(), read.project()), false);
                                } catch (FileProblem e) {
                                    desk.say(e.getMessage());
                                }
                            },
                            desk::say);
        }
        services.saver().inTurn(safe::forgetExports);
    }

    /** The saved versions of the project's file, to be taken back. */
    void showVersions() {
        Optional<Path> file = desk.document().file();
        List<Version> versions = file.map(services.versions()::all).orElse(List.of());
        overlay.show(new VersionsPanel(versions, overlay, this::takeBack), overlay::close);
    }

    private void takeBack(Version version) {
        services.saver()
                .open(
                        version.path(),
                        read -> desk.document()
                                .applyToWhole(Edit.of(
                                        "restore version of " + VersionsPanel.TIME.format(version.saved()),
                                        _ -> read.project())),
                        why -> overlay.tell("That version could not be opened", why));
    }
}
