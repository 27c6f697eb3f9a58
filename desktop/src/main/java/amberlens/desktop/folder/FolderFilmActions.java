package amberlens.desktop.folder;

import amberlens.core.model.Project;
import amberlens.desktop.actions.Action.Menu;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.actions.Needs;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.services.Services;
import amberlens.desktop.session.FileChoice;
import amberlens.desktop.style.Overlay;
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
