package amberlens.desktop.dialogs.folder;

import amberlens.core.model.project.Project;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.dialogs.session.FileChoice;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.services.Services;
import java.util.function.BiConsumer;

/** The action that makes a film of a folder. */
public final class FolderFilmActions {
    private FolderFilmActions() {}

    /** @param begin opens the project that comes of it, after asking about unsaved changes, and then runs something */
    public static void addTo(
            Actions actions,
            Desk desk,
            Services services,
            Overlay overlay,
            FileChoice files,
            BiConsumer<Project, Runnable> begin) {
        actions.add(Menu.PROJECT, "project.film", "Film from a folder…", "", Needs.NOTHING, () -> files.folderToFilm()
                .ifPresent(folder -> {
                    overlay.show(new FolderFilmPanel(desk, services, overlay, folder, begin), overlay::close);
                }));
    }
}
