package amberlens.project.safe;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.files.FileWords;
import amberlens.files.WholeFile;
import amberlens.project.ProjectFile;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The safe of a running program: a folder of its own with a lock that the system lets go of when the program ends, however it ends.
 * Not safe for use from several threads.
 */
public final class Safe implements AutoCloseable {
    private static final String LOCK = "lock";
    private static final List<String> OWN = List.of(LOCK, Suspects.FILE);
    private static final String FACTS = ".json";
    private static final String PICTURE = ".png";
    private static final String EXPORT = "export-";
    private static final String SETTINGS = ".properties";

    /**
     * The folders that this program holds. They are not even looked at again: on some systems closing any channel of a file gives up
     * all locks that the program has on it.
     */
    private static final Set<Path> HELD = ConcurrentHashMap.newKeySet();

    private final Path folder;
    private final FileChannel channel;
    private final Suspects suspects;

    private Safe(Path folder, FileChannel channel, Suspects suspects) {
        this.folder = folder;
        this.channel = channel;
        this.suspects = suspects;
    }

    /** A new safe among the others of a folder, which is made when it is missing. */
    public static Safe in(Path safes) throws FileProblem {
        Path named = safes.resolve(UUID.randomUUID().toString());
        try {
            Path folder = Files.createDirectories(named).toRealPath();
            FileChannel lock = locked(folder).orElseThrow(() -> new IOException("it is locked already"));
            return new Safe(folder, lock, new Suspects(folder));
        } catch (IOException e) {
            throw FileWords.cannotWrite(named, e);
        }
    }

    /** @param folder its real path */
    private static Optional<FileChannel> locked(Path folder) throws IOException {
        if (!HELD.add(folder)) {
            return Optional.empty();
        }
        FileChannel locked = null;
        try {
            locked = lock(folder.resolve(LOCK));
        } finally {
            if (locked == null) {
                HELD.remove(folder);
            }
        }
        return Optional.ofNullable(locked);
    }

    /** Null when another program has it. */
    private static @Nullable FileChannel lock(Path file) throws IOException {
        FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        boolean mine = false;
        try {
            mine = channel.tryLock() != null;
        } catch (OverlappingFileLockException _) {
            // This program has it, under another class loader.
        } finally {
            if (!mine) {
                channel.close();
            }
        }
        return mine ? channel : null;
    }

    /**
     * Keeps a document, in the place of what was kept of it before.
     *
     * @param number tells the documents of this program apart
     */
    public void keep(int number, Project project, SafeEntry entry) throws FileProblem {
        ProjectFile.save(project, document(folder, number));
        try {
            WholeFile.write(folder.resolve(number + FACTS), entry.written());
        } catch (IOException e) {
            throw FileWords.cannotWrite(folder, e);
        }
    }

    /** Keeps a PNG of a document beside it. */
    public void keepPicture(int number, byte[] picture) throws FileProblem {
        try {
            WholeFile.write(folder.resolve(number + PICTURE), picture);
        } catch (IOException e) {
            throw FileWords.cannotWrite(folder, e);
        }
    }

    /**
     * Keeps an export that waits or runs.
     *
     * @param number tells the exports of this program apart
     * @param settings what is made of the project, as text
     */
    public void keepExport(int number, Project project, String settings) throws FileProblem {
        ProjectFile.save(project, folder.resolve(EXPORT + number + ProjectFile.ENDING));
        try {
            WholeFile.write(folder.resolve(EXPORT + number + SETTINGS), settings);
        } catch (IOException e) {
            throw FileWords.cannotWrite(folder, e);
        }
    }

    /** Forgets an export that has ended, however. */
    public void forgetExport(int number) {
        delete(folder.resolve(EXPORT + number + SETTINGS));
        delete(folder.resolve(EXPORT + number + ProjectFile.ENDING));
    }

    /** Forgets a document that is saved, or was given up. */
    public void forget(int number) {
        remove(folder, number);
    }

    /** Where the files are noted that are being read. */
    public Suspects suspects() {
        return suspects;
    }

    private static Path document(Path folder, int number) {
        return folder.resolve(number + ProjectFile.ENDING);
    }

    private static void remove(Path folder, int number) {
        for (String ending : List.of(FACTS, PICTURE, ProjectFile.ENDING)) {
            delete(folder.resolve(number + ending));
        }
    }

    private static void delete(Path path) {
        try {
            Files.deleteIfExists(path);
        } catch (IOException _) {
            // What cannot be removed is offered once more.
        }
    }

    /** Ends it. A safe in which nothing is kept goes away. */
    @Override
    public void close() {
        release(folder, channel);
    }

    private static void release(Path folder, FileChannel lock) {
        try {
            lock.close();
        } catch (IOException _) {
            // The lock ends with the program.
        }
        removeIfEmpty(folder);
        HELD.remove(folder);
    }

    private static void removeIfEmpty(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            if (files.allMatch(file -> OWN.contains(file.getFileName().toString()))
                    && Suspects.in(folder).isEmpty()) {
                OWN.forEach(name -> delete(folder.resolve(name)));
                delete(folder);
            }
        } catch (IOException _) {
            // It is looked at again at the next start.
        }
    }

    /** The safes that ended programs left behind, each held for whoever asks until it is closed; those with nothing in them are removed. */
    public static List<LeftBehind> leftBehind(Path safes) {
        List<LeftBehind> left = new ArrayList<>();
        if (!Files.isDirectory(safes)) {
            return left;
        }
        try (Stream<Path> folders = Files.list(safes.toRealPath())) {
            for (Path folder : folders.filter(Files::isDirectory).sorted().toList()) {
                locked(folder).ifPresent(lock -> {
                    var safe = new LeftBehind(folder, lock);
                    if (safe.entries().isEmpty()
                            && safe.exports().isEmpty()
                            && safe.suspects().isEmpty()) {
                        safe.close();
                    } else {
                        left.add(safe);
                    }
                });
            }
        } catch (IOException _) {
            return left;
        }
        return left;
    }

    /** A safe of a program that has ended. */
    public static final class LeftBehind implements AutoCloseable {
        private final Path folder;
        private final FileChannel lock;

        private LeftBehind(Path folder, FileChannel lock) {
            this.folder = folder;
            this.lock = lock;
        }

        /** One document. */
        public record Work(int number, SafeEntry entry, Path project, Path picture) {}

        /** What is in it, the latest first; documents whose facts cannot be read are named after their file. */
        public List<Work> entries() {
            List<Work> found = new ArrayList<>();
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.toList()) {
                    String name = file.getFileName().toString();
                    if (name.matches("\\d{1,9}\\" + ProjectFile.ENDING)) {
                        int number = Integer.parseInt(name.substring(0, name.indexOf('.')));
                        found.add(new Work(number, entry(number, file), file, folder.resolve(number + PICTURE)));
                    }
                }
            } catch (IOException _) {
                return found;
            }
            found.sort((a, b) -> b.entry.kept().compareTo(a.entry.kept()));
            return found;
        }

        /** An export that was cut off: the project it was made from, and what was made of it, as text. */
        public record CutOff(Path project, String settings) {}

        /** The exports that waited or ran, in their order. */
        public List<CutOff> exports() {
            List<CutOff> found = new ArrayList<>();
            try (Stream<Path> files = Files.list(folder)) {
                List<Path> settings = files.filter(file -> {
                            String name = file.getFileName().toString();
                            return name.startsWith(EXPORT) && name.endsWith(SETTINGS);
                        })
                        .sorted(Comparator.comparingInt(file -> number(file)))
                        .toList();
                for (Path file : settings) {
                    Path project = folder.resolve(EXPORT + number(file) + ProjectFile.ENDING);
                    if (Files.exists(project)) {
                        found.add(new CutOff(project, Files.readString(file)));
                    }
                }
            } catch (IOException _) {
                return found;
            }
            return found;
        }

        private static int number(Path file) {
            String digits = file.getFileName().toString().replaceAll("\\D", "");
            return digits.isEmpty() || digits.length() > 9 ? 0 : Integer.parseInt(digits);
        }

        /** They were started again, or are given up. */
        public void forgetExports() {
            try (Stream<Path> files = Files.list(folder)) {
                files.filter(file -> file.getFileName().toString().startsWith(EXPORT))
                        .forEach(Safe::delete);
            } catch (IOException _) {
                // They are offered once more.
            }
        }

        private SafeEntry entry(int number, Path project) throws IOException {
            try {
                return SafeEntry.read(folder.resolve(number + FACTS));
            } catch (FileProblem _) {
                var when = Files.getLastModifiedTime(project).toInstant();
                return new SafeEntry("Untitled", Optional.empty(), Optional.empty(), when, 0);
            }
        }

        /** Files that were just being read when the program ended. */
        public List<Path> suspects() {
            return Suspects.in(folder);
        }

        /** They are known now. */
        public void forgetSuspects() {
            delete(folder.resolve(Suspects.FILE));
        }

        public void forget(Work work) {
            remove(folder, work.number);
        }

        /** Lets go of it. What was not forgotten stays for the next time. */
        @Override
        public void close() {
            release(folder, lock);
        }
    }
}
