package amberlens.media.footage;

import amberlens.core.model.FileProblem;
import amberlens.core.render.LinearRaster;
import amberlens.core.render.Rows;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;

/** Films that are kept open because their next frame will be asked for; the least recently used are closed. */
public final class OpenFilms implements AutoCloseable {
    private static final int KEPT = 4;

    private final Map<Path, FilmFrames> films = new LinkedHashMap<>(8, 0.75f, true);
    private final Rows rows;

    public OpenFilms(Rows rows) {
        this.rows = rows;
    }

    /** A frame of a film. One caller at a time is served. */
    public synchronized LinearRaster frame(Path path, int frame) throws FileProblem {
        FilmFrames film = films.get(path);
        if (film == null) {
            film = new FilmFrames(path, rows);
            films.put(path, film);
            closeOldest();
        }
        return film.frame(frame);
    }

    /** Closes a film, so that it is opened anew when it is wanted again. */
    public synchronized void forget(Path path) {
        FilmFrames film = films.remove(path);
        if (film != null) {
            film.close();
        }
    }

    private void closeOldest() {
        Iterator<FilmFrames> oldest = films.values().iterator();
        while (films.size() > KEPT) {
            oldest.next().close();
            oldest.remove();
        }
    }

    @Override
    public synchronized void close() {
        films.values().forEach(FilmFrames::close);
        films.clear();
    }
}
