package amberlens.exchange.cut;

import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import java.nio.file.Path;
import java.util.function.Predicate;

/**
 * What files are: whoever can decode media says it.
 *
 * @param reading the media in a file, with its size and length
 * @param numbered numbered pictures as one piece of footage
 * @param films whether a file of this path would be a film
 */
public record Probe(Reading reading, Numbered numbered, Predicate<Path> films) {
    /** Reads what is in a file. */
    @FunctionalInterface
    public interface Reading {
        Media of(Path file) throws FileProblem;
    }

    /** Reads numbered pictures from one of them on. */
    @FunctionalInterface
    public interface Numbered {
        Media of(Path first, FrameRate rate) throws FileProblem;
    }

    /**
     * The media in a file.
     *
     * @throws FileProblem when it cannot be read, or cannot be seen
     */
    public Media media(Path file) throws FileProblem {
        Media media = reading.of(file);
        if (!media.isSeen()) {
            throw new FileProblem(file + " is a sound; a shot shows pictures and films.");
        }
        return media;
    }

    boolean isFilm(String path) {
        return films.test(Path.of(path));
    }
}
