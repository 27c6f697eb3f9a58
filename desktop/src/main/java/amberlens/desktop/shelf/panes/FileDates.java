package amberlens.desktop.shelf.panes;

import amberlens.core.model.project.Media;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** When the files of media were changed last; asked beside other work, because a disk may take its time. */
final class FileDates {
    private final Map<String, FileTime> known = new HashMap<>();
    private final Background background;
    private final Runnable found;

    /** @param found is called on the interface thread when more is known */
    FileDates(Background background, Runnable found) {
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
            background.start(Work.of(() -> dates(unknown), this::know).forEveryProject());
        }
        return known;
    }

    private static Map<String, FileTime> dates(List<Media> unknown) {
        Map<String, FileTime> dates = new HashMap<>();
        for (Media one : unknown) {
            try {
                dates.put(one.id(), Files.getLastModifiedTime(Path.of(one.path())));
            } catch (IOException | InvalidPathException _) {
                dates.put(one.id(), FileTime.fromMillis(0)); // a missing file stands first
            }
        }
        return dates;
    }

    private void know(Map<String, FileTime> dates) {
        known.putAll(dates);
        found.run();
    }
}
