package amberlens.desktop.work.tracking;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.trace.MoveAndShake;
import amberlens.core.material.trace.Trace;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.media.WorkPool;
import amberlens.media.pixels.PixelKey;
import amberlens.media.pixels.PixelLoader;
import amberlens.media.track.FilmTracer;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.function.BiConsumer;
import java.util.function.Consumer;

/** Traces a film in the background, each of its shots apart, with small pictures of it on the way. Lives on the interface thread. */
public final class FilmTraces {
    private static final Size SMALL = new Size(320, 320);
    private static final int MOST_PICTURES = 200;
    private static final long TOLD_EVERY = TimeUnit.MILLISECONDS.toNanos(200);

    /** What has fewer frames between two cuts is no shot. */
    private static final int SHORTEST = 8;

    private final Background background;
    private final WorkPool rows;

    /**
     * One shot of a film, traced.
     *
     * @param pictures small ones by the frames of the film; not of every frame in a long one
     */
    public record Piece(Trace trace, MoveAndShake parts, SortedMap<Integer, FrameRaster> pictures) {
        public int last() {
            return trace.first() + trace.length() - 1;
        }
    }

    public FilmTraces(Background background, WorkPool rows) {
        this.background = background;
        this.rows = rows;
    }

    /**
     * Begins to trace.
     *
     * @param film footage
     * @param far is told which part of the film has been looked at, 0 … 1, and a small picture of where it is
     * @param found is given each shot as soon as it is traced
     * @param refused takes a sentence when there is none
     * @return to be cancelled when nobody waits for it any more
     */
    public Work<?> start(
            Media film, BiConsumer<Double, FrameRaster> far, Consumer<Piece> found, Consumer<String> refused) {
        return background.start(Work.<Integer>watched(
                        work -> new Tracing(film, far, found, work).run(),
                        pieces -> {
                            if (pieces == 0) {
                                refused.accept(film.name() + " shows too little detail to trace.");
                            }
                        },
                        refused)
                .takesLong());
    }

    /** On a thread of the background. */
    private final class Tracing {
        private final Media film;
        private final Footage footage;
        private final BiConsumer<Double, FrameRaster> far;
        private final Consumer<Piece> found;
        private final Work<?> work;
        private final Size small;
        private final int every;
        private final SortedMap<Integer, FrameRaster> pictures = new TreeMap<>();
        private long told;

        Tracing(Media film, BiConsumer<Double, FrameRaster> far, Consumer<Piece> found, Work<?> work) {
            this.film = film;
            this.far = far;
            this.found = found;
            this.work = work;
            footage = film.footage().orElseThrow();
            small = film.size().fittedInto(SMALL.width(), SMALL.height());
            every = 1 + footage.frames() / MOST_PICTURES;
        }

        int run() throws FileProblem {
            int pieces = 0;
            int from = 0;
            try (var pixels = new PixelLoader(rows)) {
                var tracer = new FilmTracer(at -> seen(at, pixels.load(PixelKey.of(film, at))));
                while (from < footage.frames() && work.isWanted()) {
                    int begun = from;
                    try {
                        Trace trace = tracer.trace(
                                film.size(),
                                footage.rate(),
                                new FrameSpan(from, footage.last()),
                                frames -> tell(begun + frames));
                        from += trace.length();
                        if (trace.length() >= SHORTEST && work.isWanted()) {
                            pieces++;
                            give(trace);
                        }
                    } catch (IllegalArgumentException e) { // a picture without detail: the film may go on with others
                        from += SHORTEST;
                    }
                }
            }
            return pieces;
        }

        private Raster seen(int at, Raster pixels) {
            if (at % every == 0) {
                Picture picture = new Picture.Pixels(Pyramid.onDemand(pixels));
                var whole = LineUpFrame.dressed(
                        picture, Refit.FILL.pose(film.size(), small), Mirror.NONE, AppliedLooks.PLAIN, small, small);
                pictures.put(at, Compositor.compose(List.of(whole), Colour.BLACK, small, rows));
            }
            return pixels;
        }

        private boolean tell(int frames) {
            long now = System.nanoTime();
            if (now - told > TOLD_EVERY && !pictures.isEmpty()) {
                told = now;
                FrameRaster latest = pictures.lastEntry().getValue();
                work.tell(() -> far.accept((double) frames / footage.frames(), latest));
            }
            return work.isWanted();
        }

        private void give(Trace trace) {
            var piece = new Piece(
                    trace,
                    MoveAndShake.apart(trace),
                    new TreeMap<>(pictures.subMap(trace.first(), trace.first() + trace.length())));
            work.tell(() -> found.accept(piece));
        }
    }
}
