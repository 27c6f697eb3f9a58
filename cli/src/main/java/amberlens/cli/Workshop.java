package amberlens.cli;

import amberlens.media.WorkPool;
import amberlens.media.picture.PictureCache;

/** The threads and the picture cache of one command. */
final class Workshop implements AutoCloseable {
    final WorkPool rows = WorkPool.ofCores();
    final PictureCache pictures = new PictureCache(PictureCache.usualBudget(), Runnable::run, rows);

    @Override
    public void close() {
        rows.close();
    }
}
