package amberlens.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executor;
import java.util.function.UnaryOperator;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A small file of text that a program keeps for itself, such as its preferences. Whoever changes it does not wait until it is written. One
 * that cannot be read is empty, and one that cannot be written is no harm. Safe for use from several threads.
 */
public final class NotedText implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(NotedText.class);

    private final Path file;
    private final Executor writing;
    private final Queue<UnaryOperator<String>> changes = new ConcurrentLinkedQueue<>();

    /** @param writing where it is written */
    public NotedText(Path file, Executor writing) {
        this.file = file;
        this.writing = writing;
    }

    /** What the file holds now; empty when it cannot be read. */
    public String read() {
        if (!Files.exists(file)) {
            return "";
        }
        try {
            return Files.readString(file, StandardCharsets.UTF_8);
        } catch (IOException e) {
            LOG.debug("reading {}", file, e);
            return "";
        }
    }

    /**
     * Changes the text by and by, at the latest when this is closed.
     *
     * @param change from what the file holds by then to what it shall hold
     */
    public void change(UnaryOperator<String> change) {
        changes.add(change);
        writing.execute(this::write);
    }

    private synchronized void write() {
        if (changes.isEmpty()) {
            return;
        }
        String before = read();
        String text = before;
        for (UnaryOperator<String> change; (change = changes.poll()) != null; ) {
            text = change.apply(text);
        }
        if (!text.equals(before)) {
            try {
                WholeFile.write(file, text);
            } catch (IOException e) {
                LOG.debug("writing {}", file, e);
            }
        }
    }

    /** Writes what is not written yet. */
    @Override
    public void close() {
        write();
    }
}
