package amberlens.media.pixels;

import amberlens.core.model.project.FileProblem;
import java.nio.file.Path;
import java.util.Optional;

/** Is told which files are being read, in case the program dies of one, and can refuse them. Called from many threads. */
public interface ReadingWatch {
    /** Takes no interest. */
    ReadingWatch NONE = new ReadingWatch() {
        @Override
        public Optional<FileProblem> refusal(PixelKey key) {
            return Optional.empty();
        }

        @Override
        public void begins(Path file) {}

        @Override
        public void ends(Path file) {}
    };

    /** Why pixels must not be read; empty when they may. */
    Optional<FileProblem> refusal(PixelKey key);

    void begins(Path file);

    /** It was read, or could not be, and did no harm. */
    void ends(Path file);
}
