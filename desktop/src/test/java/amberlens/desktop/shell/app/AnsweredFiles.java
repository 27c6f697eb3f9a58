package amberlens.desktop.shell.app;

import amberlens.desktop.dialogs.session.FileChoice;
import amberlens.exchange.MoveFormat;
import amberlens.media.export.ExportFormat;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** File questions that a test has answered beforehand. */
final class AnsweredFiles implements FileChoice {
    List<Path> pictures = List.of();
    Optional<Path> save = Optional.empty();
    Optional<Path> open = Optional.empty();
    Optional<Path> instead = Optional.empty();
    Optional<Path> folder = Optional.empty();
    Optional<Path> move = Optional.empty();
    Optional<Path> film = Optional.empty();
    Optional<Path> proof = Optional.empty();
    Optional<Path> edit = Optional.empty();
    Optional<Path> handedOn = Optional.empty();

    Optional<Path> shown = Optional.empty();

    @Override
    public void showFolder(Path file) {
        shown = Optional.of(file);
    }

    @Override
    public Optional<Path> projectToOpen() {
        return open;
    }

    @Override
    public Optional<Path> projectToSave(String proposedName) {
        return save;
    }

    @Override
    public List<Path> mediaToAdd() {
        return pictures;
    }

    @Override
    public Optional<Path> pictureInsteadOf(Path missing) {
        return instead;
    }

    @Override
    public Optional<Path> looksToTake() {
        return Optional.empty();
    }

    @Override
    public Optional<Path> filmToTrace() {
        return film;
    }

    @Override
    public Optional<Path> moveToTake() {
        return move;
    }

    @Override
    public Optional<Path> folderToFilm() {
        return folder;
    }

    @Override
    public Optional<Path> folderToSearch() {
        return folder;
    }

    @Override
    public Optional<Path> proofTo(String proposedName) {
        return proof;
    }

    @Override
    public Optional<Path> editToTake() {
        return edit;
    }

    @Override
    public Optional<Path> moveTo(MoveFormat format, String proposedName) {
        return handedOn;
    }

    @Override
    public Optional<Path> exportTo(ExportFormat format) {
        return Optional.empty();
    }
}
