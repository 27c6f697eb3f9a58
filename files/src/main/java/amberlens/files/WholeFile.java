package amberlens.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;

/**
 * A file that is written aside and moved into place when it is whole. Each has a temporary name of its own in the folder of its
 * destination, so that two at once never meet; a symbolic link stays one and the file it leads to is replaced, with the
 * permissions, and where possible the owner, it had.
 *
 * <p>Closing one that was not moved removes it.
 */
public final class WholeFile implements AutoCloseable {
    private static final AtomicLong NUMBERS = new AtomicLong();
    private static final Set<Path> ASIDE = ConcurrentHashMap.newKeySet();
    private static final AtomicBoolean ENDED = new AtomicBoolean();

    private final Path destination;
    private final Path aside;
    private boolean forced;
    private boolean moved;

    private WholeFile(Path destination, Path aside) {
        this.destination = destination;
        this.aside = aside;
    }

    /** Makes the folder of a destination, where it is not there yet. */
    public static void makeFolder(Path destination) throws IOException {
        Path folder = destination.toAbsolutePath().getParent();
        if (folder != null && !Files.isDirectory(folder)) {
            Files.createDirectories(folder);
        }
    }

    /**
     * Removes at once all that this process has aside, and takes no more: for the moment before it ends, when nobody can wait for
     * those who are still writing.
     */
    public static void abandonAll() {
        ENDED.set(true);
        ASIDE.forEach(WholeFile::remove);
    }

    /** Reserves a name beside the destination, whose folder must be there. */
    public static WholeFile beside(Path destination) throws IOException {
        Path target = ResolvedPaths.followed(destination.toAbsolutePath());
        Path folder = target.getParent();
        if (folder == null || Files.isDirectory(target)) {
            throw new FileAlreadyExistsException(destination.toString(), null, "it is a folder");
        }
        if (!RegularFile.mayBeReplaced(target)) {
            throw new FileAlreadyExistsException(destination.toString(), null, "it is a pipe or a device");
        }
        while (!ENDED.get()) {
            Path aside = folder.resolve(PartFiles.name(target.getFileName().toString(), NUMBERS.incrementAndGet()));
            ASIDE.add(aside);
            try {
                return new WholeFile(target, Files.createFile(aside));
            } catch (FileAlreadyExistsException _) {
                ASIDE.remove(aside); // another program with our number: the next one is free
            } catch (IOException e) {
                ASIDE.remove(aside);
                throw e;
            }
        }
        throw new IOException("the program is ending");
    }

    /** Writes bytes whole or not at all. */
    public static void write(Path destination, byte[] bytes) throws IOException {
        makeFolder(destination);
        try (WholeFile file = beside(destination)) {
            file.put(bytes);
            file.intoPlace();
        }
    }

    /** Writes text as UTF-8, whole or not at all. */
    public static void write(Path destination, String text) throws IOException {
        write(destination, text.getBytes(StandardCharsets.UTF_8));
    }

    /** Where to write. */
    public Path path() {
        return aside;
    }

    /** Writes the whole content. */
    public void put(byte[] bytes) throws IOException {
        try (FileChannel channel = FileChannel.open(aside, StandardOpenOption.WRITE)) {
            ByteBuffer rest = ByteBuffer.wrap(bytes);
            while (rest.hasRemaining()) {
                channel.write(rest);
            }
        }
    }

    /** Forces it to disk, so that {@link #intoPlace} is only a matter of a moment. */
    public void forceToDisk() throws IOException {
        likeBefore();
        force(aside, StandardOpenOption.WRITE);
        forced = true;
    }

    /** Gives it its name. */
    public void intoPlace() throws IOException {
        if (!forced) {
            forceToDisk();
        }
        Files.move(aside, destination, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        moved = true;
        ASIDE.remove(aside);
        forceFolder();
    }

    private void likeBefore() throws IOException {
        var before = Files.getFileAttributeView(destination, PosixFileAttributeView.class);
        var now = Files.getFileAttributeView(aside, PosixFileAttributeView.class);
        if (before == null || now == null || !Files.exists(destination)) {
            return;
        }
        var known = before.readAttributes();
        try {
            now.setGroup(known.group());
            now.setOwner(known.owner());
        } catch (IOException _) {
            // Only some may give files away; the content matters more.
        }
        now.setPermissions(known.permissions());
    }

    private static void force(Path path, StandardOpenOption how) throws IOException {
        try (FileChannel channel = FileChannel.open(path, how)) {
            channel.force(true);
        }
    }

    /** So that the new name survives a power cut, too; not every system lets a folder be opened. */
    private void forceFolder() {
        try {
            force(destination.getParent(), StandardOpenOption.READ);
        } catch (IOException _) {
            // The file itself is safe on disk.
        }
    }

    private static void remove(Path aside) {
        try {
            Files.deleteIfExists(aside);
        } catch (IOException _) {
            // It is a stray now, and removed by the next one.
        }
    }

    @Override
    public void close() {
        if (!moved) {
            remove(aside);
            ASIDE.remove(aside);
        }
    }
}
