package amberlens.desktop.services;

import amberlens.desktop.export.ExportQueue;
import amberlens.desktop.play.FramePictures;
import amberlens.desktop.play.ReadyPictures;
import amberlens.desktop.play.Thumbnails;
import amberlens.desktop.store.Change;
import amberlens.desktop.store.ShotFacts;
import amberlens.desktop.store.Store;
import amberlens.media.WorkPool;
import amberlens.media.pixels.PixelCache;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;

/** What the views share beside the store: threads, pictures, derived facts. */
public final class Services implements AutoCloseable {
    private final WorkPool rows = WorkPool.ofCores();
    private final ExecutorService decoding = daemons("decode", 2);
    private final ExecutorService background = daemons("background", 3);
    private final PixelCache cache = new PixelCache(PixelCache.usualBudget(), decoding, rows);
    private final ShotFacts facts;
    private final ReadyPictures ready;
    private final Thumbnails thumbnails;
    private final ExportQueue exports;

    public Services(Store store) {
        facts = new ShotFacts(store.viewing()::judgedMask);
        ready = new ReadyPictures(
                cache, Platform::runLater, store.transport()::playing, () -> store.tell(Change.PICTURES));
        exports = new ExportQueue(
                cache,
                rows,
                background,
                Platform::runLater,
                System::nanoTime,
                () -> store.tell(Change.EXPORTS),
                store::say);
        thumbnails = new Thumbnails(cache, rows, background, Platform::runLater, () -> store.tell(Change.PICTURES));
    }

    /** Exports that wait and run. */
    public ExportQueue exports() {
        return exports;
    }

    /** Work that comes after the end is dropped: nobody is left to see it. */
    private static ExecutorService daemons(String name, int threads) {
        return new ThreadPoolExecutor(
                threads,
                threads,
                0,
                TimeUnit.SECONDS,
                new LinkedBlockingQueue<>(),
                Thread.ofPlatform().name(name + "-", 0).daemon().factory(),
                new ThreadPoolExecutor.DiscardPolicy());
    }

    public WorkPool rows() {
        return rows;
    }

    public ExecutorService background() {
        return background;
    }

    public PixelCache cache() {
        return cache;
    }

    public ShotFacts facts() {
        return facts;
    }

    public ReadyPictures ready() {
        return ready;
    }

    public Thumbnails thumbnails() {
        return thumbnails;
    }

    /** Frames for one view. */
    public FramePictures frames() {
        return new FramePictures(rows, background, Platform::runLater);
    }

    @Override
    public void close() {
        exports.stopAll();
        decoding.shutdownNow();
        background.shutdownNow();
        rows.close();
        cache.close();
    }
}
