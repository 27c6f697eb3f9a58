package amberlens.media.footage;

import amberlens.core.base.memo.RecentlyUsed;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import java.nio.file.Path;
import java.util.Collections;
import java.util.Map;
import java.util.Queue;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;

/** Films that are kept open because their next frame will be asked for; the least recently used are closed. */
public final class OpenFilms implements AutoCloseable {
    private static final int KEPT = 4;

    private final RecentlyUsed<Path, Film> films = new RecentlyUsed<>(KEPT, _ -> 1, _ -> false, Film::close);
    private final Map<Path, SortedSet<Integer>> damaged = new ConcurrentHashMap<>();
    private final Queue<Path> forgotten = new ConcurrentLinkedQueue<>();
    private final Rows rows;

    public OpenFilms(Rows rows) {
        this.rows = rows;
    }

    /** A frame of a film. One caller at a time is served. */
    public synchronized Raster frame(Path path, int frame) throws FileProblem {
        closeForgotten();
        Film film = films.get(path);
        if (film == null) {
            film = Film.open(path, rows);
            films.put(path, film);
        }
        Raster picture = film.frame(frame);
        SortedSet<Integer> found = film.damaged();
        if (!found.isEmpty()) {
            damaged.merge(path, found, (known, now) -> {
                var all = new TreeSet<>(known);
                all.addAll(now);
                return all;
            });
        }
        return picture;
    }

    /** The frames of a film seen so far that could not be decoded as they were written; told without waiting. */
    public SortedSet<Integer> damaged(Path path) {
        return damaged.getOrDefault(path, Collections.emptySortedSet());
    }

    /** Sees to it that a film is opened anew when it is wanted again; does not wait for whoever reads one now. */
    public void forget(Path path) {
        damaged.remove(path);
        forgotten.add(path);
    }

    private void closeForgotten() {
        for (Path path; (path = forgotten.poll()) != null; ) {
            films.remove(path);
        }
    }

    @Override
    public synchronized void close() {
        films.removeIf((_, _) -> true);
    }
}
