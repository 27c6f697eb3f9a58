package amberlens.exchange.cut;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileVisitOption;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The files around an edit, to be found by what the edit calls them: a path or a reference that leads to a file, else a file below the
 * edit's folder with that name, else one whose name without its ending is that, letters large or small.
 */
public final class NearbyFiles {
    private static final int MOST_FILES = 50_000;
    private static final int DEEPEST = 6;

    private final Path folder;
    private @Nullable Map<String, Path> named;
    private final Map<String, Path> stems = new HashMap<>();

    /** @param edit the file of the edit */
    public NearbyFiles(Path edit) {
        Path parent = edit.toAbsolutePath().getParent();
        folder = parent == null ? edit.toAbsolutePath() : parent;
    }

    /** The first file that one of the clues leads to. */
    public Optional<Path> find(List<String> clues) {
        for (String clue : clues) {
            Optional<Path> direct = direct(clue);
            if (direct.isPresent()) {
                return direct;
            }
        }
        Map<String, Path> names = named();
        for (String clue : clues) {
            String name = fileName(clue).toLowerCase(Locale.ROOT);
            Path found = names.get(name);
            if (found == null) {
                found = stems.get(name);
            }
            if (found == null) {
                found = stems.get(stem(name));
            }
            if (found != null) {
                return Optional.of(found);
            }
        }
        return Optional.empty();
    }

    /** Whether a clue leads to another machine, which is not asked: an edit of somebody else's would make this one log on there. */
    static boolean isElsewhere(String clue) {
        return clue.startsWith("\\\\")
                || (File.separatorChar == '\\' && clue.startsWith("//"))
                || clue.matches("(?i)file://(?!localhost/|/).*");
    }

    private Optional<Path> direct(String clue) {
        if (isElsewhere(clue)) {
            return Optional.empty();
        }
        try {
            Path path = clue.startsWith("file:")
                    ? Path.of(new URI(clue.replace("file://localhost/", "file:///")))
                    : folder.resolve(decoded(clue));
            return Optional.of(path.normalize()).filter(Files::isRegularFile);
        } catch (URISyntaxException | IllegalArgumentException _) { // InvalidPathException is one of the latter
            return Optional.empty();
        }
    }

    /** A reference without its escapes; what has none stays. */
    static String decoded(String clue) {
        return clue.contains("%") ? URLDecoder.decode(clue.replace("+", "%2B"), StandardCharsets.UTF_8) : clue;
    }

    /** The name of the file that a clue means, on whatever system it was written. */
    public static String fileName(String clue) {
        String plain;
        try {
            plain = decoded(clue);
        } catch (IllegalArgumentException _) {
            plain = clue;
        }
        return plain.substring(Math.max(plain.lastIndexOf('/'), plain.lastIndexOf('\\')) + 1);
    }

    private static String stem(String name) {
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }

    private Map<String, Path> named() {
        Map<String, Path> known = named;
        if (known != null) {
            return known;
        }
        Map<String, Path> names = new HashMap<>();
        named = names;
        try {
            Files.walkFileTree(folder, EnumSet.noneOf(FileVisitOption.class), DEEPEST, new Visitor(names));
        } catch (IOException | InvalidPathException _) {
            return names; // what was seen until then
        }
        return names;
    }

    private final class Visitor extends SimpleFileVisitor<Path> {
        private final Map<String, Path> names;

        Visitor(Map<String, Path> names) {
            this.names = names;
        }

        @Override
        public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
            String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
            names.putIfAbsent(name, file);
            stems.putIfAbsent(stem(name), file);
            return names.size() < MOST_FILES ? FileVisitResult.CONTINUE : FileVisitResult.TERMINATE;
        }

        @Override
        public FileVisitResult visitFileFailed(Path file, IOException problem) {
            return FileVisitResult.CONTINUE;
        }
    }
}
