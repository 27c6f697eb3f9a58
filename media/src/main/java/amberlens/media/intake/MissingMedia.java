package amberlens.media.intake;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Finds the files of missing media in a folder and all folders below it. A file with the same fingerprint is it, whatever its name; of
 * others one with the same name and length, then one with the same name alone, if it has the size that was known.
 */
public final class MissingMedia {
    private static final int MOST_FILES = 200_000;

    private MissingMedia() {}

    /** Which of the media have no file where they should have one. */
    public static List<Media> among(List<Media> media) {
        return media.stream()
                .filter(Media::hasFile)
                .filter(item -> !Files.isRegularFile(Path.of(item.path())))
                .toList();
    }

    /** The files found, by the id of their media. */
    public static Map<String, Path> find(List<Media> missing, Path folder) {
        List<Path> files = filesBelow(folder);
        Map<String, Path> found = new LinkedHashMap<>();
        for (Media media : missing) {
            byFingerprint(media, files).or(() -> byName(media, files)).ifPresent(file -> found.put(media.id(), file));
        }
        return found;
    }

    private static Optional<Path> byFingerprint(Media media, List<Path> files) {
        return media.fingerprint().flatMap(seen -> files.stream()
                .filter(file -> length(file) == seen.bytes())
                .filter(file -> Fingerprints.of(file).equals(media.fingerprint()))
                .findFirst());
    }

    private static Optional<Path> byName(Media media, List<Path> files) {
        String name = media.fileName().toLowerCase(Locale.ROOT);
        List<Path> named = files.stream()
                .filter(file ->
                        file.getFileName().toString().toLowerCase(Locale.ROOT).equals(name))
                .toList();
        return named.stream()
                .filter(file -> media.fingerprint()
                        .map(seen -> seen.bytes() == length(file))
                        .orElse(false))
                .findFirst()
                .or(() -> named.stream().filter(file -> fits(media, file)).findFirst());
    }

    private static boolean fits(Media media, Path file) {
        try {
            return media.kind() != Media.Kind.PHOTO
                    || MediaProbe.file(file).media().size().equals(media.size());
        } catch (FileProblem e) {
            return false;
        }
    }

    private static long length(Path file) {
        return file.toFile().length();
    }

    private static List<Path> filesBelow(Path folder) {
        List<Path> files = new ArrayList<>();
        try {
            Files.walkFileTree(folder, new SimpleFileVisitor<>() {
                @Override
                public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
                    files.add(file);
                    return files.size() < MOST_FILES ? FileVisitResult.CONTINUE : FileVisitResult.TERMINATE;
                }

                @Override
                public FileVisitResult visitFileFailed(Path file, IOException problem) {
                    return FileVisitResult.CONTINUE;
                }
            });
        } catch (IOException e) {
            return files;
        }
        return files;
    }
}
