package amberlens.files;

import java.io.File;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * Room on a disk for what is too large for memory and is made anew when it is needed again. Its files are gone when they are closed, and
 * when the program ends in whatever way. So much of the disk stays free as other programs need.
 *
 * @param folder made when it is first needed
 * @param leftFree bytes of the disk that are never taken
 */
public record ScratchRoom(Path folder, long leftFree) {
    private static final long USUALLY_LEFT = 1L << 30;

    /** The room of the person who runs the program; where that folder cannot be written, the one for temporary files. */
    public static ScratchRoom usual() {
        Path folder = Folders.cache();
        try {
            Files.createDirectories(folder);
        } catch (IOException _) {
            return new ScratchRoom(Path.of(System.getProperty("java.io.tmpdir", ".")), USUALLY_LEFT);
        }
        return new ScratchRoom(folder, USUALLY_LEFT);
    }

    /**
     * A new file, open for reading and writing.
     *
     * @param prefix begins its name
     * @throws IOException when none can be made
     */
    public FileChannel open(String prefix) throws IOException {
        Files.createDirectories(folder);
        Path file = Files.createTempFile(folder, prefix, ".raw");
        return FileChannel.open(
                file, StandardOpenOption.READ, StandardOpenOption.WRITE, StandardOpenOption.DELETE_ON_CLOSE);
    }

    /**
     * Appends bytes, all of them.
     *
     * @throws IOException when too little of the disk would stay free, as far as that is known, or it cannot be written
     */
    public void append(FileChannel channel, ByteBuffer bytes) throws IOException {
        // Asked by the folder: in a root of its own (a container, chroot) the disk's mount may not be listed anywhere.
        File disk = folder.toFile();
        boolean known = disk.getTotalSpace() > 0;
        if (known && disk.getUsableSpace() - bytes.remaining() < leftFree) {
            throw new IOException("less than " + (leftFree >> 20) + " MB of the disk would stay free");
        }
        while (bytes.hasRemaining()) {
            channel.write(bytes);
        }
    }
}
