package amberlens.desktop.shelf;

import amberlens.core.model.FileProblem;
import amberlens.core.ready.OwnMove;
import amberlens.desktop.services.KeptFiles;
import amberlens.project.MoveFile;
import java.nio.file.Path;

/** The moves that somebody has kept, as files of the folder of settings. */
final class OwnMoves implements KeptFiles.Format<OwnMove> {
    private OwnMoves() {}

    static KeptFiles<OwnMove> in(Path settings) {
        return new KeptFiles<>(settings.resolve("moves"), new OwnMoves());
    }

    @Override
    public String ending() {
        return MoveFile.ENDING;
    }

    @Override
    public String name(OwnMove move) {
        return move.name();
    }

    @Override
    public OwnMove open(Path file) throws FileProblem {
        return MoveFile.open(file);
    }

    @Override
    public void save(OwnMove move, Path file) throws FileProblem {
        MoveFile.save(move, file);
    }
}
