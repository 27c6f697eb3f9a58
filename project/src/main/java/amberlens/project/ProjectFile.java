package amberlens.project;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.files.FileStamp;
import amberlens.files.FileWords;
import amberlens.files.PartFiles;
import amberlens.files.RegularFile;
import amberlens.files.WholeFile;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Opens and saves projects. */
public final class ProjectFile {
    /** The ending of project file names, with its point. */
    public static final String ENDING = ".amber";

    private static final long LARGEST_BYTES = 256L << 20;
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .build();

    private ProjectFile() {}

    /** Whether what was read is a project, of any version. */
    public static boolean isOne(JsonNode root) {
        return Versions.isProject(root);
    }

    /**
     * A project as a file holds it.
     *
     * @param stamp what the file was then
     */
    public record Opened(Project project, FileStamp stamp) {}

    /**
     * Reads a project. Paths of media come out absolute; the files need not be there.
     *
     * @throws FileProblem naming the file, the member as a JSON pointer, and what was expected
     */
    public static Project open(Path file) throws FileProblem {
        return openWithStamp(file).project();
    }

    /** Likewise, with what the file was, to see later whether somebody else has changed it. */
    public static Opened openWithStamp(Path file) throws FileProblem {
        try {
            byte[] bytes = bytes(file);
            FileStamp stamp = FileStamp.of(file, bytes);
            return new Opened(read(bytes, file), stamp);
        } catch (NoSuchFileException e) {
            throw new FileProblem(file + " is not there; check its name and folder.", e);
        } catch (IOException e) {
            throw new FileProblem(file + " cannot be read: " + FileWords.reason(e) + ".", e);
        }
    }

    /** Whether a file is a project by what it holds, of whatever version and however faulty. */
    public static boolean isProject(Path file) {
        try {
            return Versions.isProject(parse(bytes(file), file));
        } catch (FileProblem | IOException _) {
            return false;
        }
    }

    /**
     * Writes a project aside, reads it back, and only when that gives a project again puts it in the place of the file;
     * whatever goes wrong, the old file stays. Paths of media become relative to the file where they can.
     *
     * @return what the file is now
     */
    public static FileStamp save(Project project, Path file) throws FileProblem {
        byte[] bytes = ProjectText.of(new ProjectWriter(file).write(project)).getBytes(StandardCharsets.UTF_8);
        PartFiles.removeBeside(file);
        try (WholeFile whole = WholeFile.beside(file)) {
            whole.put(bytes);
            read(Files.readAllBytes(whole.path()), file);
            whole.intoPlace();
            return FileStamp.of(file, bytes);
        } catch (IOException e) {
            throw FileWords.cannotWrite(file, e);
        }
    }

    private static byte[] bytes(Path file) throws IOException, FileProblem {
        if (Files.isDirectory(file)) {
            throw new FileProblem(file + " is a folder; a project is a file ending in " + ENDING + ".");
        }
        return RegularFile.read(file, LARGEST_BYTES, "a project");
    }

    private static Project read(byte[] bytes, Path file) throws FileProblem {
        JsonNode tree = parse(bytes, file);
        Numbers.check(tree, "", file);
        ObjectNode current = Versions.toCurrent(tree, file);
        ProjectSchema.check(current, file);
        return new ProjectReader(file).read(current);
    }

    private static JsonNode parse(byte[] bytes, Path file) throws FileProblem {
        if (bytes.length == 0) {
            throw new FileProblem(file + " is empty (0 bytes); a project was expected.");
        }
        try {
            return JSON.readTree(bytes);
        } catch (JsonProcessingException e) {
            JsonLocation at = e.getLocation();
            String where = at == null ? "" : " (line " + at.getLineNr() + ", column " + at.getColumnNr() + ")";
            throw new FileProblem(file + " is not a project: it is not valid JSON" + where + ".", e);
        } catch (NumberFormatException e) {
            throw new FileProblem(file + " is not a project: it holds a number out of range.", e);
        } catch (IOException e) {
            throw new FileProblem(file + " cannot be read: " + FileWords.reason(e) + ".", e);
        }
    }
}
