package amberlens.desktop.work.services;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.files.WholeFile;
import amberlens.media.intake.FilmGuard;
import amberlens.media.intake.FirstLook;
import amberlens.media.pixels.PixelKey;
import amberlens.media.pixels.ReadingWatch;
import amberlens.project.safe.Suspects;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Collection;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Media files on which the program died. They are remembered from start to start and not read by themselves; a person may have them read
 * all the same.
 */
public final class Distrusted implements ReadingWatch, FilmGuard, AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Distrusted.class);

    private final Path list;
    private final Set<Path> files = ConcurrentHashMap.newKeySet();
    private final Set<Path> survived = ConcurrentHashMap.newKeySet();
    private final Callable<Suspects> notes;
    private final FirstLook firstLook = FirstLook.ofThisProgram();
    private @Nullable Suspects known;

    /**
     * @param list where they are remembered, a path a line
     * @param notes where the files are noted that are being read now; asked for when the first one is
     */
    Distrusted(Path list, Callable<Suspects> notes) {
        this.list = list;
        this.notes = notes;
        if (Files.exists(list)) {
            try {
                Files.readAllLines(list).stream()
                        .filter(line -> !line.isBlank())
                        .map(Path::of)
                        .forEach(files::add);
            } catch (IOException | InvalidPathException e) {
                LOG.debug("reading {}", list, e);
            }
        }
    }

    /** The program died while these were read. */
    public void add(Collection<Path> deadly) {
        if (files.addAll(deadly)) {
            keep();
        }
    }

    /** They may be read again. */
    public void trust(Collection<Path> again) {
        if (files.removeAll(again)) {
            keep();
        }
    }

    public boolean contains(Path file) {
        return files.contains(file);
    }

    private void keep() {
        try {
            WholeFile.write(
                    list,
                    String.join(
                                    "\n",
                                    files.stream().map(Path::toString).sorted().toList()) + "\n");
        } catch (IOException e) {
            LOG.debug("writing {}", list, e);
        }
    }

    /** A film is first looked at in a process of its own, once while the program runs. */
    @Override
    public void check(Path film) throws FileProblem {
        Optional<FileProblem> refused = refused(film);
        if (refused.isPresent()) {
            throw refused.get();
        }
        if (!survived.contains(film)) {
            firstLook.check(film);
            survived.add(film);
        }
    }

    @Override
    public Optional<FileProblem> refusal(PixelKey key) {
        if (key.kind() != Media.Kind.FILM) {
            return refused(key.path());
        }
        try {
            check(key.path());
            return Optional.empty();
        } catch (FileProblem e) {
            return Optional.of(e);
        }
    }

    private Optional<FileProblem> refused(Path file) {
        return files.contains(file)
                ? Optional.of(
                        new FileProblem(
                                file
                                        + " was being read when the program ended, so it is skipped. Project › Read skipped files again opens it anyway."))
                : Optional.empty();
    }

    @Override
    public void begins(Path file) {
        Suspects suspects = suspects();
        if (suspects != null) {
            suspects.begins(file);
        }
    }

    @Override
    public void ends(Path file) {
        Suspects suspects = suspects();
        if (suspects != null) {
            suspects.ends(file);
        }
    }

    @Override
    public void close() {
        firstLook.close();
    }

    private synchronized @Nullable Suspects suspects() {
        if (known == null) {
            try {
                known = notes.call();
            } catch (Exception e) {
                LOG.debug("files that are read cannot be noted", e);
            }
        }
        return known;
    }
}
