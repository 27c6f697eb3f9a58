package amberlens.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;

/** Waits until one of several files is another one than it was: by its size and time, looked at again and again. */
final class Watch {
    private static final long LOOK_MILLIS = 250;

    private final Supplier<? extends Collection<Path>> files;

    /** @param files which ones; asked at every look, since a folder may get others */
    Watch(Supplier<? extends Collection<Path>> files) {
        this.files = files;
    }

    /** What the files are now. */
    Map<Path, String> now() {
        Map<Path, String> now = new TreeMap<>();
        for (Path file : files.get()) {
            now.put(file, stamp(file));
        }
        return now;
    }

    static String stamp(Path file) {
        try {
            return Files.size(file) + " " + Files.getLastModifiedTime(file).toMillis();
        } catch (IOException _) {
            return "not there";
        }
    }

    /**
     * Waits until they are no longer what they were, and nobody writes them any more.
     *
     * @param before from {@link #now}
     * @return false when the thread was interrupted
     */
    boolean awaitChange(Map<Path, String> before) {
        Map<Path, String> last = before;
        while (true) {
            try {
                Thread.sleep(LOOK_MILLIS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return false;
            }
            Map<Path, String> now = now();
            if (!now.equals(before) && now.equals(last)) {
                return true;
            }
            last = now;
        }
    }
}
