package amberlens.project;

import amberlens.core.model.FileProblem;
import amberlens.core.model.Project;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
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

    /**
     * Reads a project. Paths of media come out absolute; the files need not be there.
     *
     * @throws FileProblem naming the file, the member as a JSON pointer, and what was expected
     */
    public static Project open(Path file) throws FileProblem {
        JsonNode tree = parse(file);
        ObjectNode current = Versions.toCurrent(tree, file);
        ProjectSchema.check(current, file);
        return new ProjectReader(file).read(current);
    }

    /**
     * Writes a project beside the destination and moves it there in one step; whatever goes wrong, the old file stays.
     * Paths of media become relative to the file where they can.
     */
    public static void save(Project project, Path file) throws FileProblem {
        String text = ProjectText.of(new ProjectWriter(file).write(project));
        AtomicFile.write(file, text);
    }

    private static JsonNode parse(Path file) throws FileProblem {
        try {
            if (Files.isDirectory(file)) {
                throw new FileProblem(file + " is a folder; a project is a file ending in " + ENDING + ".");
            }
            if (Files.size(file) > LARGEST_BYTES) {
                throw new FileProblem(file + " is far too large to be a project.");
            }
            byte[] bytes = Files.readAllBytes(file);
            if (bytes.length == 0) {
                throw new FileProblem(file + " is empty (0 bytes); a project was expected.");
            }
            return JSON.readTree(bytes);
        } catch (NoSuchFileException e) {
            throw new FileProblem(file + " is not there; check its name and folder.", e);
        } catch (JsonProcessingException e) {
            JsonLocation at = e.getLocation();
            String where = at == null ? "" : " (line " + at.getLineNr() + ", column " + at.getColumnNr() + ")";
            throw new FileProblem(file + " is not a project: it is not valid JSON" + where + ".", e);
        } catch (IOException e) {
            throw new FileProblem(file + " cannot be read: " + e.getMessage() + ".", e);
        }
    }
}
