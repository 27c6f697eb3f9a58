package amberlens.desktop.shelf;

import amberlens.core.model.FileProblem;
import amberlens.core.ready.OwnMove;
import amberlens.project.MoveFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** The moves that somebody has kept, each in a file of the folder of settings. */
final class OwnMoves {
    private final Path folder;

    OwnMoves(Path settings) {
        folder = settings.resolve("moves");
    }

    /** A kept move and its file. */
    record Kept(OwnMove move, Path file) {}

    /** All of them by name; files that cannot be read are left out. */
    List<Kept> all() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Kept> moves = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(path -> path.toString().endsWith(MoveFile.ENDING))
                    .sorted()
                    .toList()) {
                try {
                    moves.add(new Kept(MoveFile.open(file), file));
                } catch (FileProblem e) {
                    org.slf4j.LoggerFactory.getLogger(OwnMoves.class).debug("reading {}", file, e);
                }
            }
        } catch (IOException e) {
            return moves;
        }
        return moves;
    }

    void keep(OwnMove move) throws FileProblem {
        String word = move.name().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        Path file = folder.resolve(word + MoveFile.ENDING);
        for (int number = 2; Files.exists(file); number++) {
            file = folder.resolve(word + "-" + number + MoveFile.ENDING);
        }
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new FileProblem(folder + " cannot be made: " + e.getMessage() + ".", e);
        }
        MoveFile.save(move, file);
    }

    void remove(Kept kept) throws FileProblem {
        try {
            Files.deleteIfExists(kept.file());
        } catch (IOException e) {
            throw new FileProblem(kept.file() + " cannot be removed: " + e.getMessage() + ".", e);
        }
    }
}
