package amberlens.desktop.shelf.intake;

import amberlens.core.model.project.Media;
import amberlens.core.model.project.Shot;
import java.nio.file.Path;

/** Takes the move of a film for a shot. */
public interface MoveOfFilm {
    /** Whether a shot can take one. */
    boolean takesMoves(Shot shot);

    /** From footage on the Shelf. */
    void take(Shot shot, Media film);

    /** From a file, which does not become a part of the project. */
    void take(Shot shot, Path file);
}
