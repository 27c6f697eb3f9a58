package amberlens.media.footage;

import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import java.nio.file.Path;
import java.util.Collections;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * Any frame of one film. Following frames are decoded on; a jump goes to the key picture before the frame and decodes from there
 * until the very picture comes whose time stamp the index names, so the frame asked for is the frame returned. For use by one
 * thread at a time.
 */
public final class FilmFrames implements Film {
    private final FilmStream film;
    private final FilmIndex index;
    private final FilmPixels pixels;
    private final SortedSet<Integer> damaged = new TreeSet<>();
    private long reached = Long.MIN_VALUE;

    public FilmFrames(Path path, Rows rows) throws FileProblem {
        film = new FilmStream(path);
        try {
            index = FilmIndex.scan(film);
            pixels = new FilmPixels(film, rows);
        } catch (FileProblem e) {
            film.close();
            throw e;
        } catch (RuntimeException e) {
            film.close();
            throw FilmStream.damaged(path, e);
        }
    }

    @Override
    public FilmInfo info() {
        return FilmInfo.of(film, index);
    }

    @Override
    public Footage footage() {
        return index.footage();
    }

    @Override
    public Raster frame(int frame) throws FileProblem {
        try {
            return decoded(frame);
        } catch (RuntimeException e) {
            throw FilmStream.damaged(film.path(), e);
        }
    }

    private Raster decoded(int frame) throws FileProblem {
        film.begin();
        long wanted = index.stamps()[index.picture(frame)];
        boolean exact =
                reached == wanted || forward(wanted) || from(index.keyBefore(wanted), wanted) || fromStart(wanted);
        if (!exact) {
            film.refuseIfTooLong();
        }
        if (!exact && reached < wanted) {
            throw new FileProblem(film.path() + ": frame " + frame + " cannot be decoded; the film is damaged there.");
        }
        if (!exact || film.isConcealed()) {
            damaged.add(frame);
        }
        return pixels.read(film.frame());
    }

    @Override
    public SortedSet<Integer> damaged() {
        return damaged.isEmpty() ? Collections.emptySortedSet() : new TreeSet<>(damaged);
    }

    /** Decodes on to the picture when no key picture lies between. */
    private boolean forward(long wanted) {
        return reached < wanted && index.keyBefore(wanted) <= reached && decodeTo(wanted);
    }

    private boolean from(long key, long wanted) {
        film.seek(key);
        return decodeTo(wanted);
    }

    private boolean fromStart(long wanted) {
        film.rewind();
        return decodeTo(wanted);
    }

    private boolean decodeTo(long wanted) {
        while (film.decode(wanted)) {
            reached = film.stamp();
            if (reached == wanted) {
                return true;
            }
            if (reached > wanted) {
                return false;
            }
        }
        reached = Long.MIN_VALUE;
        return false;
    }

    @Override
    public void close() {
        pixels.close();
        film.close();
    }
}
