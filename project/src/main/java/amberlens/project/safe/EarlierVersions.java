package amberlens.project.safe;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.files.FileWords;
import amberlens.files.WholeFile;
import amberlens.project.ProjectFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/** The last versions that were saved of each project file, kept in a folder for each, apart from the file. */
public final class EarlierVersions {
    /** How many are kept of a file. */
    public static final int KEPT = 10;

    private static final DateTimeFormatter NAME =
            DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH-mm-ss.SSS").withZone(ZoneOffset.UTC);

    private final Path folder;

    public EarlierVersions(Path folder) {
        this.folder = folder;
    }

    /** A version that was saved. */
    public record Version(Instant saved, Path path) {}

    /** Keeps what was just saved, and gives up the oldest beyond {@value #KEPT}. */
    public void keep(Project project, Path file, Instant saved) throws FileProblem {
        Path kept = of(file).resolve(NAME.format(saved) + ProjectFile.ENDING);
        try {
            WholeFile.makeFolder(kept);
            ProjectFile.save(project, kept);
            for (Version old : all(file).stream().skip(KEPT).toList()) {
                Files.deleteIfExists(old.path());
            }
        } catch (IOException e) {
            throw FileWords.cannotWrite(kept, e);
        }
    }

    /** The versions of a file, the newest first. */
    public List<Version> all(Path file) {
        List<Version> found = new ArrayList<>();
        if (!Files.isDirectory(of(file))) {
            return found;
        }
        try (Stream<Path> files = Files.list(of(file))) {
            files.forEach(path -> saved(path).ifPresent(when -> found.add(new Version(when, path))));
        } catch (IOException _) {
            return found;
        }
        found.sort(Comparator.comparing(Version::saved).reversed());
        return found;
    }

    private static Optional<Instant> saved(Path path) {
        String name = path.getFileName().toString();
        try {
            return name.endsWith(ProjectFile.ENDING)
                    ? Optional.of(
                            NAME.parse(name.substring(0, name.length() - ProjectFile.ENDING.length()), Instant::from))
                    : Optional.empty();
        } catch (DateTimeParseException _) {
            return Optional.empty();
        }
    }

    private Path of(Path file) {
        byte[] path = file.toAbsolutePath().normalize().toString().getBytes(java.nio.charset.StandardCharsets.UTF_8);
        return folder.resolve(UUID.nameUUIDFromBytes(path).toString());
    }
}
