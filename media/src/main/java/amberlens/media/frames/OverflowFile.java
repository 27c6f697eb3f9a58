package amberlens.media.frames;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayDeque;
import java.util.Deque;

/** A file of equal slots for the pixels of frames, gone when it is closed. For one thread at a time. */
public final class OverflowFile implements AutoCloseable {
    private final FileChannel channel;
    private final ByteBuffer buffer;
    private final int pixels;
    private final Deque<Integer> free = new ArrayDeque<>();
    private int slots;

    /** Makes the file when it is wanted. */
    @FunctionalInterface
    public interface Opener {
        /** @param pixels of a slot */
        OverflowFile open(int pixels) throws IOException;
    }

    private OverflowFile(FileChannel channel, int pixels) {
        this.channel = channel;
        this.pixels = pixels;
        buffer = ByteBuffer.allocateDirect(Integer.BYTES * pixels).order(ByteOrder.nativeOrder());
    }

    /** An opener of such files in a folder, which is made if it is not there. */
    public static Opener in(Path folder) {
        return pixels -> {
            Files.createDirectories(folder);
            Path path = Files.createTempFile(folder, "frames-", ".raw");
            FileChannel channel = FileChannel.open(
                    path, StandardOpenOption.READ, StandardOpenOption.WRITE, StandardOpenOption.DELETE_ON_CLOSE);
            return new OverflowFile(channel, pixels);
        };
    }

    /**
     * Writes a frame into a free slot.
     *
     * @return the slot
     * @throws IOException when there is no room
     */
    int write(int[] argb) throws IOException {
        int slot = free.isEmpty() ? slots++ : free.pop();
        buffer.clear();
        buffer.asIntBuffer().put(argb, 0, pixels);
        try {
            for (long at = start(slot); buffer.hasRemaining(); ) {
                at += channel.write(buffer, at);
            }
            return slot;
        } catch (IOException e) {
            free.push(slot);
            throw e;
        }
    }

    void read(int slot, int[] argb) throws IOException {
        buffer.clear();
        for (long at = start(slot); buffer.hasRemaining(); ) {
            int read = channel.read(buffer, at);
            if (read < 0) {
                throw new IOException("the file has become shorter");
            }
            at += read;
        }
        buffer.flip();
        buffer.asIntBuffer().get(argb, 0, pixels);
    }

    void free(int slot) {
        free.push(slot);
    }

    private long start(int slot) {
        return (long) slot * Integer.BYTES * pixels;
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException e) {
            throw new UncheckedIOException("closing a file that is no longer wanted", e);
        }
    }
}
