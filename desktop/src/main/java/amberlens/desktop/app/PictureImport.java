package amberlens.desktop.app;

import amberlens.core.edit.Edit;
import amberlens.core.edit.MediaEdits;
import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.desktop.look.Overlay;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Store;
import amberlens.media.picture.PictureReader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.application.Platform;

/** Brings pictures onto the shelf: headers are read in the background, all good files go in as one step. */
final class PictureImport {
    private final Store store;
    private final Services services;
    private final Overlay overlay;

    PictureImport(Store store, Services services, Overlay overlay) {
        this.store = store;
        this.services = services;
        this.overlay = overlay;
    }

    void add(List<Path> files) {
        if (files.isEmpty()) {
            return;
        }
        services.background().execute(() -> {
            Map<Path, Size> good = new LinkedHashMap<>();
            List<String> problems = new ArrayList<>();
            for (Path file : files) {
                try {
                    good.put(file.toAbsolutePath().normalize(), PictureReader.size(file));
                } catch (FileProblem e) {
                    problems.add(e.getMessage());
                }
            }
            Platform.runLater(() -> take(good, problems));
        });
    }

    private void take(Map<Path, Size> good, List<String> problems) {
        Project project = store.settled();
        good.keySet().removeIf(file -> project.media().stream()
                .anyMatch(media -> media.path().equals(file.toString())));
        if (!good.isEmpty()) {
            String name = good.size() == 1
                    ? "import of " + good.keySet().iterator().next().getFileName()
                    : "import of " + good.size() + " pictures";
            store.apply(Edit.of(name, start -> {
                Project grown = start;
                for (var entry : good.entrySet()) {
                    Media media = MediaEdits.photo(grown, entry.getKey().toString(), entry.getValue());
                    grown = MediaEdits.add(media).apply(grown);
                }
                return grown;
            }));
        }
        if (!problems.isEmpty()) {
            overlay.tell(
                    problems.size() == 1 ? "A picture was left out" : problems.size() + " pictures were left out",
                    String.join("\n", problems));
        }
    }

    /** Takes another file for missing media. */
    void find(Media media, Path file) {
        services.background().execute(() -> {
            try {
                Size size = PictureReader.size(file);
                Platform.runLater(() -> {
                    services.cache().forget(Path.of(media.path()));
                    store.apply(
                            MediaEdits.find(media.id(), file.toAbsolutePath().toString(), size));
                });
            } catch (FileProblem e) {
                Platform.runLater(() -> overlay.tell("That picture cannot be used", e.getMessage()));
            }
        });
    }
}
