package amberlens.desktop.app;

import amberlens.media.export.ExportFormat;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks a person for files. Handed in, so that tests can answer. */
public interface FileChoice {
    Optional<Path> projectToOpen();

    /** Where to save a project; the asker has confirmed replacing an existing file. */
    Optional<Path> projectToSave(String proposedName);

    List<Path> picturesToAdd();

    /** Where a missing picture is now. */
    Optional<Path> pictureInsteadOf(Path missing);

    Optional<Path> exportTo(ExportFormat format);
}
