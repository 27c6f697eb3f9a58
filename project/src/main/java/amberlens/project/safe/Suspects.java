package amberlens.project.safe;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Notes of the media files that are being read at the moment, in case the program dies of one. They stand in a file that is mapped
 * into memory: a note costs nothing, and the system keeps it when the program is gone. Safe for use from several threads.
 *
 * <p>The file is a row of slots of {@value #SLOT} bytes: the length of a path, 0 for none, and the path as UTF-8.
 */
public final class Suspects {
    static final String FILE = "reading";
    private static final int SLOT = 4096;
    private static final int SLOTS = 16;

    private final @Nullable Path[] reading = new Path[SLOTS];
    private final ByteBuffer notes;

    Suspects(Path folder) throws IOException {
        try (FileChannel channel = FileChannel.open(
                folder.resolve(FILE), StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE)) {
            notes = channel.map(FileChannel.MapMode.READ_WRITE, 0, (long) SLOT * SLOTS);
        }
    }

    /** A file is about to be read. */
    public synchronized void begins(Path media) {
        byte[] path = media.toString().getBytes(StandardCharsets.UTF_8);
        int free = Arrays.asList(reading).indexOf(null);
        if (free >= 0 && path.length <= SLOT - Integer.BYTES) {
            reading[free] = media;
            notes.put(free * SLOT + Integer.BYTES, path);
            notes.putInt(free * SLOT, path.length);
        }
    }

    /** It was read and did no harm. */
    public synchronized void ends(Path media) {
        int slot = Arrays.asList(reading).indexOf(media);
        if (slot >= 0) {
            reading[slot] = null;
            notes.putInt(slot * SLOT, 0);
        }
    }

    /** What an ended program was reading. */
    static List<Path> in(Path folder) {
        List<Path> found = new ArrayList<>();
        try {
            ByteBuffer notes = ByteBuffer.wrap(Files.readAllBytes(folder.resolve(FILE)));
            for (int at = 0; at + SLOT <= notes.capacity(); at += SLOT) {
                int length = notes.getInt(at);
                if (length > 0 && length <= SLOT - Integer.BYTES) {
                    byte[] path = new byte[length];
                    notes.get(at + Integer.BYTES, path);
                    found.add(Path.of(new String(path, StandardCharsets.UTF_8)));
                }
            }
        } catch (IOException | InvalidPathException _) {
            return found;
        }
        return found;
    }
}
