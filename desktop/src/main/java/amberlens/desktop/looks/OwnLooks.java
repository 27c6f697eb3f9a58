package amberlens.desktop.looks;

import amberlens.core.look.LookSet;
import amberlens.core.model.FileProblem;
import amberlens.project.LookFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.slf4j.LoggerFactory;

/** The looks that somebody has kept, each set in a file of the folder of settings. */
final class OwnLooks {
    private final Path folder;

    OwnLooks(Path settings) {
        folder = settings.resolve("looks");
    }

    /** Kept looks and their file. */
    record Kept(LookSet set, Path file) {}

    /** All of them by name; files that cannot be read are left out. */
    List<Kept> all() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Kept> looks = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(path -> path.toString().endsWith(LookFile.ENDING))
                    .sorted()
                    .toList()) {
                try {
                    looks.add(new Kept(LookFile.open(file), file));
                } catch (FileProblem e) {
                    LoggerFactory.getLogger(OwnLooks.class).debug("reading {}", file, e);
                }
            }
        } catch (IOException e) {
            return looks;
        }
        return looks;
    }

    void keep(LookSet set) throws FileProblem {
        String word = set.name().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        Path file = folder.resolve(word + LookFile.ENDING);
        for (int number = 2; Files.exists(file); number++) {
            file = folder.resolve(word + "-" + number + LookFile.ENDING);
        }
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new FileProblem(folder + " cannot be made: " + e.getMessage() + ".", e);
        }
        LookFile.save(set, file);
    }

    void remove(Kept kept) throws FileProblem {
        try {
            Files.deleteIfExists(kept.file());
        } catch (IOException e) {
            throw new FileProblem(kept.file() + " cannot be removed: " + e.getMessage() + ".", e);
        }
    }
}
