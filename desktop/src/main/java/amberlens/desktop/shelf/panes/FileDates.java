package amberlens.desktop.shelf.panes;

import amberlens.core.model.project.Media;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Executor;
import javafx.application.Platform;

/** When the files of media were changed last; asked beside other work, because a disk may take its time. */
final class FileDates {
    private final Map<String, FileTime> known = new HashMap<>();
    private final Executor background;
    private final Runnable found;

    /** @param found is called on the interface thread when more is known */
    FileDates(Executor background, Runnable found) {
        this.background = background;
        this.found = found;
    }

    /** What is known now, by the ids of media; asks for the rest. */
    Map<String, FileTime> of(List<Media> media) {
        List<Media> unknown = media.stream()
                .filter(one -> one.hasFile() && !known.containsKey(one.id()))
                .toList();
        if (!unknown.isEmpty()) {
            unknown.forEach(one -> known.put(one.id(), FileTime.fromMillis(0)));
            background.execute(() -> ask(unknown));
        }
        return known;
    }

    private void ask(List<Media> unknown) {
        Map<String, FileTime> dates = new HashMap<>();
        for (Media one : unknown) {
            try {
                dates.put(one.id(), Files.getLastModifiedTime(Path.of(one.path())));
            } catch (IOException | InvalidPathException _) {
                dates.put(one.id(), FileTime.fromMillis(0)); // a missing file stands first
            }
        }
        Platform.runLater(() -> {
            known.putAll(dates);
            found.run();
        });
    }
}
