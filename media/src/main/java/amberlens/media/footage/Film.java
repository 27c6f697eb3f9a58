package amberlens.media.footage;

import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.picture.AnimatedWebp;
import java.nio.file.Path;
import java.util.SortedSet;

/** An open film of any kind. For use by one thread at a time. */
public interface Film extends AutoCloseable {
    /** Opens the film in a file, by what the file holds. */
    static Film open(Path path, Rows rows) throws FileProblem {
        return AnimatedWebp.is(path) ? new WebpFrames(path, rows) : new FilmFrames(path, rows);
    }

    /** What the film holds. */
    FilmInfo info();

    Footage footage();

    /**
     * A frame; beyond the ends the first or the last. Where the film is damaged, what can be decoded of it or the next picture stands in,
     * and {@link #damaged} says so.
     *
     * @throws FileProblem when no picture from there on can be decoded
     */
    Raster frame(int frame) throws FileProblem;

    /** The frames asked for so far that could not be decoded as they were written. */
    SortedSet<Integer> damaged();

    @Override
    void close();
}
