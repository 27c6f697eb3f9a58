package amberlens.desktop.work.services;

import amberlens.core.model.project.FileProblem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Stream;
import org.slf4j.LoggerFactory;

/**
 * What somebody has kept to use again, each in a file of its own in a folder.
 *
 * @param <T> what is kept
 */
public final class KeptFiles<T> {
    private final Path folder;
    private final Format<T> format;

    public KeptFiles(Path folder, Format<T> format) {
        this.folder = folder;
        this.format = format;
    }

    /**
     * How such files are written and read.
     *
     * @param ending of the files, with its point
     * @param name what it is called, which the file is named after
     */
    public record Format<T>(String ending, Function<T, String> name, Opener<T> opener, Keeper<T> keeper) {}

    /** Reads a file. */
    @FunctionalInterface
    public interface Opener<T> {
        T open(Path file) throws FileProblem;
    }

    /** Writes a file. */
    @FunctionalInterface
    public interface Keeper<T> {
        void save(T what, Path file) throws FileProblem;
    }

    /** Something kept, and its file. */
    public record Kept<T>(T what, Path file) {}

    /** All of them by the names of their files; files that cannot be read are left out. */
    public List<Kept<T>> all() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Kept<T>> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(path -> path.toString().endsWith(format.ending()))
                    .sorted()
                    .toList()) {
                try {
                    all.add(new Kept<>(format.opener().open(file), file));
                } catch (FileProblem e) {
                    LoggerFactory.getLogger(KeptFiles.class).debug("reading {}", file, e);
                }
            }
        } catch (IOException e) {
            return all;
        }
        return all;
    }

    /** Writes a new file; one of the same name stays. */
    public void keep(T what) throws FileProblem {
        String word = format.name().apply(what).toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        Path file = folder.resolve(word + format.ending());
        for (int number = 2; Files.exists(file); number++) {
            file = folder.resolve(word + "-" + number + format.ending());
        }
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new FileProblem(folder + " cannot be made: " + e.getMessage() + ".", e);
        }
        format.keeper().save(what, file);
    }

    public void remove(Kept<T> kept) throws FileProblem {
        try {
            Files.deleteIfExists(kept.file());
        } catch (IOException e) {
            throw new FileProblem(kept.file() + " cannot be removed: " + e.getMessage() + ".", e);
        }
    }
}
