package amberlens.project;

import amberlens.core.model.FileProblem;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Replaces a file whole or not at all: a temporary file beside it, forced to disk, then renamed. */
final class AtomicFile {
    private AtomicFile() {}

    static void write(Path file, String text) throws FileProblem {
        Path whole = file.toAbsolutePath();
        Path temporary = whole.resolveSibling("." + whole.getFileName() + ".saving");
        try {
            if (Files.isDirectory(whole)) {
                throw new FileProblem(file + " is a folder; choose another name.");
            }
            try (var channel = FileChannel.open(
                    temporary,
                    StandardOpenOption.CREATE,
                    StandardOpenOption.TRUNCATE_EXISTING,
                    StandardOpenOption.WRITE)) {
                ByteBuffer bytes = StandardCharsets.UTF_8.encode(text);
                while (bytes.hasRemaining()) {
                    channel.write(bytes);
                }
                channel.force(true);
            }
            Files.move(temporary, whole, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            remove(temporary);
            throw new FileProblem(file + " cannot be saved: " + reason(e) + "; choose another place.", e);
        }
    }

    private static String reason(IOException e) {
        return switch (e) {
            case AccessDeniedException _ -> "its folder may not be written to";
            case java.nio.file.NoSuchFileException _ -> "its folder is not there";
            default -> String.valueOf(e.getMessage());
        };
    }

    private static void remove(Path temporary) {
        try {
            Files.deleteIfExists(temporary);
        } catch (IOException e) {
            temporary.toFile().deleteOnExit();
        }
    }
}
