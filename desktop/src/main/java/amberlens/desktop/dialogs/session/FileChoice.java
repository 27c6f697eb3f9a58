package amberlens.desktop.dialogs.session;

import amberlens.exchange.MoveFormat;
import amberlens.media.export.ExportFormat;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks a person for files. Handed in, so that tests can answer. */
public interface FileChoice {
    Optional<Path> projectToOpen();

    /** Where to save a project; the asker has confirmed replacing an existing file. */
    Optional<Path> projectToSave(String proposedName);

    /** Pictures and footage. */
    List<Path> mediaToAdd();

    /** Kept looks that somebody has shared. */
    Optional<Path> looksToTake();

    /** A kept move, or a kept shake, that somebody has shared. */
    Optional<Path> moveToTake();

    /** A film whose move is to be taken. */
    Optional<Path> filmToTrace();

    /** The folder of which a film is to be made. */
    Optional<Path> folderToFilm();

    /** Where missing pictures may be. */
    Optional<Path> folderToSearch();

    /** Where a missing picture is now. */
    Optional<Path> pictureInsteadOf(Path missing);

    /** Where the proof goes; the asker has confirmed replacing an existing file. */
    Optional<Path> proofTo(String proposedName);

    /** An edit or a move of another program. */
    Optional<Path> editToTake();

    /** Where a move or a line-up goes for other programs; the asker has confirmed replacing an existing file. */
    Optional<Path> moveTo(MoveFormat format, String proposedName);

    Optional<Path> exportTo(ExportFormat format);

    /** Shows where a file is. */
    void showFolder(Path file);
}
