package amberlens.cli;

import amberlens.media.WorkPool;
import amberlens.media.pixels.PixelCache;

/** The threads and the picture cache of one command. */
final class CommandResources implements AutoCloseable {
    final WorkPool rows = WorkPool.ofCores();
    final PixelCache pictures = new PixelCache(PixelCache.usualBudget(), Runnable::run, rows);

    @Override
    public void close() {
        rows.close();
    }
}
