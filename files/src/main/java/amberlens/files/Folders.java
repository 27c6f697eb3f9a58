package amberlens.files;

import dev.dirs.ProjectDirectories;
import java.nio.file.Path;

/**
 * Where things are kept, by the convention of each system.
 *
 * @param settings preferences, lists and kept moves
 * @param data what must not be lost: work kept safe, earlier versions
 */
public record Folders(Path settings, Path data) {
    /** Those of the person who runs the program. */
    public static Folders usual() {
        var folders = ProjectDirectories.from("", "", "amber-lens");
        return new Folders(Path.of(folders.configDir), Path.of(folders.dataLocalDir));
    }

    /** Everything below one folder; for tests and trials. */
    public static Folders below(Path folder) {
        return new Folders(folder, folder.resolve("data"));
    }

    /** What can be made again at any time, on a disk rather than in memory: where each system has such things. */
    public static Path cache() {
        return Path.of(ProjectDirectories.from("", "", "amber-lens").cacheDir);
    }
}
