package amberlens.media.folder;

import amberlens.core.base.words.NaturalOrder;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.files.FileWords;
import amberlens.media.intake.FilmGuard;
import amberlens.media.intake.MediaProbe;
import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a folder holds that a film can be made of. Folders in it are not looked into.
 *
 * @param seen pictures and films, in order
 * @param titles words for some of them, by their paths: those of a text file that is called the same
 * @param music the first sound, if there is one
 * @param problems a line for each file that cannot be used
 */
public record FolderContents(
        List<Media> seen, Map<String, String> titles, Optional<Media> music, List<String> problems) {
    private static final String TEXT = ".txt";
    private static final long LONGEST_TITLE = 10_000;

    /** In which order pictures follow each other. */
    public enum Order {
        NAME,
        DATE
    }

    public FolderContents {
        seen = List.copyOf(seen);
        titles = Map.copyOf(titles);
        problems = List.copyOf(problems);
    }

    /**
     * Looks at all files of a folder.
     *
     * @param guard is asked before a film or a sound is opened
     * @throws FileProblem when there is no such folder, or it cannot be read
     */
    public static FolderContents of(Path folder, Order order, FilmGuard guard) throws FileProblem {
        return of(folder, Optional.empty(), order, guard);
    }

    /**
     * Likewise, of all but one.
     *
     * @param but what is made of them, which may lie among them
     * @param guard is asked before a film or a sound is opened
     * @throws FileProblem when there is no such folder, or it cannot be read
     */
    public static FolderContents of(Path folder, Optional<Path> but, Order order, FilmGuard guard) throws FileProblem {
        List<Media> seen = new ArrayList<>();
        List<Media> heard = new ArrayList<>();
        List<String> problems = new ArrayList<>();
        Map<String, String> titles = new LinkedHashMap<>();
        for (Path file : files(folder, order)) {
            if (file.toString().endsWith(TEXT) || (but.isPresent() && isSame(file, but.get()))) {
                continue;
            }
            try {
                List<Media> all = MediaProbe.all(file, guard).stream()
                        .map(MediaProbe.Found::media)
                        .toList();
                all.forEach(media -> (media.isSeen() ? seen : heard).add(media));
                title(file).ifPresent(words -> titles.put(all.getFirst().path(), words));
            } catch (FileProblem e) {
                problems.add(e.getMessage());
            }
        }
        return new FolderContents(seen, titles, heard.stream().findFirst(), problems);
    }

    private static boolean isSame(Path file, Path other) {
        try {
            return Files.exists(other) && Files.isSameFile(file, other);
        } catch (IOException _) {
            return false;
        }
    }

    private static List<Path> files(Path folder, Order order) throws FileProblem {
        if (!Files.isDirectory(folder)) {
            throw new FileProblem(folder + " is not a folder.");
        }
        Comparator<Path> byName =
                Comparator.comparing(path -> path.getFileName().toString(), NaturalOrder.OF_NAMES);
        try (Stream<Path> inside = Files.list(folder)) {
            return inside.filter(Files::isRegularFile)
                    .filter(path -> !path.getFileName().toString().startsWith("."))
                    .sorted(
                            order == Order.DATE
                                    ? Comparator.comparing(FolderContents::date).thenComparing(byName)
                                    : byName)
                    .toList();
        } catch (IOException e) {
            throw new FileProblem(folder + " cannot be read: " + FileWords.reason(e) + ".", e);
        }
    }

    private static FileTime date(Path file) {
        try {
            return Files.getLastModifiedTime(file);
        } catch (IOException _) {
            return FileTime.fromMillis(0);
        }
    }

    private static Optional<String> title(Path file) throws FileProblem {
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.');
        Path text = file.resolveSibling((dot > 0 ? name.substring(0, dot) : name) + TEXT);
        try {
            if (!Files.isRegularFile(text) || Files.size(text) > LONGEST_TITLE) {
                return Optional.empty();
            }
            return Optional.of(Files.readString(text).strip()).filter(words -> !words.isEmpty());
        } catch (MalformedInputException e) {
            throw new FileProblem(text + " is not UTF-8 text; its picture has no title.", e);
        } catch (IOException e) {
            throw new FileProblem(text + " cannot be read: " + FileWords.reason(e) + ".", e);
        }
    }
}
