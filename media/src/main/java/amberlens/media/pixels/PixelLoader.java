package amberlens.media.pixels;

import amberlens.core.model.FileProblem;
import amberlens.core.render.LinearRaster;
import amberlens.core.render.Rows;
import amberlens.media.footage.NumberedPictures;
import amberlens.media.footage.OpenFilms;
import amberlens.media.picture.PictureReader;
import java.nio.file.Path;
import java.util.Map;
import java.util.SortedSet;
import java.util.concurrent.ConcurrentHashMap;

/** Reads pixels from files of every kind. */
final class PixelLoader implements AutoCloseable {
    private final Rows rows;
    private final OpenFilms films;
    private final Map<Path, NumberedPictures> sequences = new ConcurrentHashMap<>();

    PixelLoader(Rows rows) {
        this.rows = rows;
        films = new OpenFilms(rows);
    }

    LinearRaster load(PixelKey key) throws FileProblem {
        return switch (key.kind()) {
            case PHOTO -> PictureReader.read(key.path(), rows);
            case FILM -> films.frame(key.path(), key.frame());
            case RIG -> throw new FileProblem("A rig has no picture of its own.");
            case SEQUENCE -> PictureReader.read(sequence(key.path()).file(key.frame()), rows);
        };
    }

    private NumberedPictures sequence(Path first) throws FileProblem {
        NumberedPictures known = sequences.get(first);
        if (known == null) {
            known = NumberedPictures.from(first);
            sequences.put(first, known);
        }
        return known;
    }

    /** The frames of a film seen so far that are damaged. */
    SortedSet<Integer> damaged(Path path) {
        return films.damaged(path);
    }

    /** Looks at a file anew when it is wanted again. */
    void forget(Path path) {
        films.forget(path);
        sequences.remove(path);
    }

    @Override
    public void close() {
        films.close();
    }
}
