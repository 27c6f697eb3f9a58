package amberlens.media.intake;

import amberlens.core.model.project.FileProblem;
import java.nio.file.Path;

/** Is asked before native code opens a film. */
@FunctionalInterface
public interface FilmGuard {
    /** Lets everything through. */
    FilmGuard NONE = _ -> {};

    /**
     * Looks at a film.
     *
     * @throws FileProblem when it must not be opened
     */
    void check(Path film) throws FileProblem;
}
