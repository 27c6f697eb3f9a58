package amberlens.desktop.shell.shooting;

import amberlens.desktop.dialogs.session.FileChoice;
import amberlens.exchange.MoveFormat;
import amberlens.media.export.ExportFormat;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Nobody is there to choose files. */
final class NoFiles implements FileChoice {
    @Override
    public Optional<Path> projectToOpen() {
        return Optional.empty();
    }

    @Override
    public Optional<Path> projectToSave(String proposedName) {
        return Optional.empty();
    }

    @Override
    public List<Path> mediaToAdd() {
        return List.of();
    }

    @Override
    public Optional<Path> pictureInsteadOf(Path missing) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> looksToTake() {
        return Optional.empty();
    }

    @Override
    public Optional<Path> filmToTrace() {
        return Optional.empty();
    }

    @Override
    public Optional<Path> moveToTake() {
        return Optional.empty();
    }

    @Override
    public Optional<Path> folderToFilm() {
        return Optional.empty();
    }

    @Override
    public Optional<Path> folderToSearch() {
        return Optional.empty();
    }

    @Override
    public Optional<Path> proofTo(String proposedName) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> editToTake() {
        return Optional.empty();
    }

    @Override
    public Optional<Path> moveTo(MoveFormat format, String proposedName) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> exportTo(ExportFormat format) {
        return Optional.empty();
    }

    @Override
    public void showFolder(Path file) {}
}
