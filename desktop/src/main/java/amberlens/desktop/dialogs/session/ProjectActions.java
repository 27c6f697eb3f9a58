package amberlens.desktop.dialogs.session;

import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.shelf.intake.MediaImport;
import amberlens.desktop.work.services.Services;
import java.nio.file.Path;
import java.util.List;

/** What is done with the project as a whole: its file, its media, its frame and its export. */
public final class ProjectActions {
    private final Desk desk;
    private final Services services;
    private final Overlay overlay;
    private final FileChoice files;
    private final MediaImport importer;

    public ProjectActions(Desk desk, Services services, Overlay overlay, FileChoice files, MediaImport importer) {
        this.desk = desk;
        this.services = services;
        this.overlay = overlay;
        this.files = files;
        this.importer = importer;
    }

    /**
     * @param export opens the export dialog
     * @param exports opens the list of exports
     */
    public void addTo(Actions actions, ProjectSession session, Runnable export, Runnable exports) {
        actions.add(Menu.PROJECT, "project.new", "New project", "Shortcut+N", Needs.NOTHING, session::startNew);
        actions.add(Menu.PROJECT, "project.open", "Open…", "Shortcut+O", Needs.NOTHING, session::chooseAndOpen);
        actions.add(Menu.PROJECT, "project.save", "Save", "Shortcut+S", Needs.NOTHING, session::save);
        actions.add(Menu.PROJECT, "project.save-as", "Save as…", "Shortcut+Shift+S", Needs.NOTHING, session::saveAs);
        actions.add(
                Menu.PROJECT,
                "project.versions",
                "Earlier versions…",
                "",
                Needs.of(
                        "a project that was saved", () -> desk.document().file().isPresent()),
                session::showVersions);
        actions.add(
                Menu.PROJECT, "project.kept", "Work that was kept safe…", "", Needs.NOTHING, session::offerKeptWork);
        actions.add(
                Menu.PROJECT,
                "media.trust",
                "Read skipped files again",
                "",
                Needs.of(
                        "a file that is skipped because the program ended while reading it",
                        () -> desk.document().project().media().stream()
                                .anyMatch(media -> services.distrusted().contains(Path.of(media.path())))),
                this::readDistrusted);
        actions.add(
                Menu.PROJECT,
                "media.add",
                "Add pictures and footage…",
                "Shortcut+Alt+P",
                Needs.NOTHING,
                () -> importer.add(files.mediaToAdd()));
        actions.add(
                Menu.PROJECT,
                "media.find",
                "Find missing pictures…",
                "",
                Needs.of("a picture that is missing", () -> desk.document().project().media().stream()
                        .anyMatch(media -> services.ready().problem(media).isPresent())),
                () -> files.folderToSearch().ifPresent(importer::findAll));
        actions.add(
                Menu.PROJECT,
                "project.frame",
                "Name and frame…",
                "Shortcut+F",
                Needs.NOTHING,
                () -> overlay.show(new FramePanel(desk, overlay), overlay::close));
        actions.add(Menu.PROJECT, "project.export", "Export…", "Shortcut+E", DeskNeeds.shots(desk), export);
        actions.add(
                Menu.PROJECT,
                "project.exports",
                "Export queue…",
                "Shortcut+Shift+E",
                Needs.of(
                        "an export in the queue",
                        () -> !services.exports().entries().isEmpty()),
                exports);
    }

    private void readDistrusted() {
        List<Path> paths = desk.document().project().media().stream()
                .map(media -> Path.of(media.path()))
                .filter(services.distrusted()::contains)
                .toList();
        services.distrusted().trust(paths);
        paths.forEach(services.cache()::forget);
        desk.tell(Change.PICTURES);
    }
}
