package amberlens.media;

import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOInterruptCB;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.Pointer;

/**
 * How long reading a film may take: the library asks again and again whether to go on, also in the middle of a file that would keep
 * it busy for ever. One callback serves all films, which are told apart by an address of their own.
 */
final class FilmTimeout implements AutoCloseable {
    private static final Map<Long, FilmTimeout> ALL = new ConcurrentHashMap<>();
    private static final AVIOInterruptCB.Callback_Pointer ASKED = new AVIOInterruptCB.Callback_Pointer() {
        @Override
        public int call(Pointer film) {
            FilmTimeout patience = film == null ? null : ALL.get(film.address());
            return patience != null && patience.isOver() ? 1 : 0;
        }
    };

    private static final Duration LEAST = Duration.ofSeconds(7);
    private static final double BYTES_PER_SECOND = 30e6;

    private final BytePointer address = new BytePointer(1);
    private final Duration each;
    private volatile Deadline deadline;

    /**
     * @param bytes the length of the file: a longer one may take longer
     */
    FilmTimeout(long bytes) {
        each = LEAST.plusMillis((long) (bytes / BYTES_PER_SECOND * 1000));
        deadline = Deadline.of(Thread.currentThread(), each);
        ALL.put(address.address(), this);
    }

    void watch(AVFormatContext container) {
        container.interrupt_callback().callback(ASKED);
        container.interrupt_callback().opaque(address);
    }

    /** A new task begins, in the thread that asks. */
    void renew() {
        deadline = Deadline.of(Thread.currentThread(), each);
    }

    boolean isOver() {
        return deadline.passed();
    }

    @Override
    public void close() {
        ALL.remove(address.address());
        address.close();
    }
}
