package amberlens.cli;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.files.FileWords;
import amberlens.files.WholeFile;
import amberlens.media.export.ExportCheck;
import amberlens.media.export.Originals;
import amberlens.media.intake.Conformed;
import amberlens.media.intake.FilmGuard;
import amberlens.project.ProjectFile;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;

/** The project that a command is about, and what it must not write over. */
final class ProjectArgument {
    private ProjectArgument() {}

    /** Opens a project with media as their files are; where they are not what the project says, that is told. */
    static Project open(Path file, PrintWriter err) throws FileProblem {
        return conformed(ProjectFile.open(file), err);
    }

    static Project conformed(Project project, PrintWriter err) {
        Conformed conformed = Conformed.of(project, FilmGuard.NONE);
        conformed.remarks().forEach(remark -> err.println("amber: " + remark));
        project.unknownLooks()
                .forEach(kind -> err.println("amber: looks of the kind \"" + kind
                        + "\" are not known here; they are kept in the file, and not shown."));
        project.titleNotes().forEach(note -> err.println("amber: " + note));
        return conformed.project();
    }

    /** Writes a project, into a folder that is made when it is missing, as all outputs are. */
    static void save(Project project, Path output) throws FileProblem {
        try (var _ = new NothingLeft()) {
            WholeFile.makeFolder(output);
            ProjectFile.save(project, output);
        } catch (IOException e) {
            throw FileWords.cannotWrite(output, e);
        }
    }

    /** Refuses to write over the project or one of its media, even where overwriting is allowed. */
    static void requireNotSource(Path output, Path file, Project project) throws FileProblem {
        Originals.of(project, file).spare(output);
    }

    /** Refuses to replace a file, where that is not allowed. */
    static void requireFree(Path output, boolean overwrite) throws FileProblem {
        if (!overwrite) {
            ExportCheck.checkFree(output);
        }
    }

    /** Refuses to replace something else than a project by one. */
    static void requireProject(Path output) throws FileProblem {
        Path name = output.getFileName();
        if (name == null || !name.toString().toLowerCase(Locale.ROOT).endsWith(ProjectFile.ENDING)) {
            throw new FileProblem(output + " is not named like a project; end it in " + ProjectFile.ENDING + ".");
        }
        if (Files.exists(output) && !ProjectFile.isProject(output)) {
            throw new FileProblem(
                    output + " is there and is not a project; it is not overwritten. Choose another name.");
        }
    }
}
