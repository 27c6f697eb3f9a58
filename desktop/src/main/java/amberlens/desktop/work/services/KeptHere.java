package amberlens.desktop.work.services;

import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import java.util.List;
import java.util.function.Consumer;

/**
 * What somebody has kept, as the interface knows it; its files are read and written in the background. Lives on the interface thread.
 *
 * @param <T> what is kept
 */
public final class KeptHere<T> {
    private final KeptFiles<T> files;
    private final Background background;
    private final Consumer<String> said;
    private final Runnable onChange;
    private List<KeptFiles.Kept<T>> known = List.of();
    private int times;
    private int shown;

    /**
     * Begins to read what there is.
     *
     * @param said shows a sentence in the status line
     * @param onChange called when what is known has changed
     */
    public KeptHere(KeptFiles<T> files, Background background, Consumer<String> said, Runnable onChange) {
        this.files = files;
        this.background = background;
        this.said = said;
        this.onChange = onChange;
        change(() -> {}, "");
    }

    /** What is known by now, by the names of the files. */
    public List<KeptFiles.Kept<T>> all() {
        return known;
    }

    /**
     * Keeps one more.
     *
     * @param then said when it is kept; may be empty
     */
    public void keep(T what, String then) {
        change(() -> files.keep(what), then);
    }

    public void remove(KeptFiles.Kept<T> kept) {
        change(() -> files.remove(kept), "");
    }

    /** Something done with the files. */
    @FunctionalInterface
    private interface Change {
        void make() throws Exception;
    }

    /** What was found, and how many times something had been found by then, so that what is older does not hide what is newer. */
    private record Found<T>(List<KeptFiles.Kept<T>> files, int time) {}

    private void change(Change change, String then) {
        background.start(
                Work.of(() -> changed(change), found -> show(found, then)).forEveryProject());
    }

    private Found<T> changed(Change change) throws Exception {
        synchronized (files) {
            change.make();
            times++;
            return new Found<>(files.all(), times);
        }
    }

    private void show(Found<T> found, String then) {
        if (found.time > shown) {
            shown = found.time;
            if (!found.files.equals(known)) {
                known = found.files;
                onChange.run();
            }
        }
        if (!then.isEmpty()) {
            said.accept(then);
        }
    }
}
