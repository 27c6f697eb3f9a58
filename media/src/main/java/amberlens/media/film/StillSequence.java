package amberlens.media.film;

import amberlens.core.model.FileProblem;
import amberlens.core.render.RenderedFrame;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Numbered picture files: {@code plan.png} becomes {@code plan-0000.png}, {@code plan-0001.png}, … Numbers are line-up
 * frames.
 */
public final class StillSequence implements FrameSink {
    private final Path pattern;
    private final StillFile.Kind kind;
    private final boolean deep;
    private final List<Path> written = new ArrayList<>();
    private int next;
    private boolean finished;

    /**
     * @param pattern the destination, with the ending of its kind
     * @param deep whether it gets frames of 16 bits
     * @param firstNumber the number of the first frame
     */
    public StillSequence(Path pattern, StillFile.Kind kind, boolean deep, int firstNumber) {
        this.pattern = pattern;
        this.kind = kind;
        this.deep = deep;
        this.next = firstNumber;
    }

    /** The file of one number. */
    public static Path file(Path pattern, int number) {
        String name = pattern.getFileName().toString();
        int dot = name.lastIndexOf('.');
        String stem = dot > 0 ? name.substring(0, dot) : name;
        String ending = dot > 0 ? name.substring(dot) : ".png";
        return pattern.resolveSibling(String.format(Locale.ROOT, "%s-%04d%s", stem, number, ending));
    }

    @Override
    public boolean deep() {
        return deep;
    }

    @Override
    public void write(RenderedFrame frame) throws FileProblem {
        Path file = file(pattern, next++);
        StillFile.write(frame, kind, file);
        written.add(file);
    }

    @Override
    public void finish() {
        finished = true;
    }

    @Override
    public void close() {
        if (finished) {
            return;
        }
        for (Path file : written) {
            try {
                Files.deleteIfExists(file);
            } catch (IOException e) {
                file.toFile().deleteOnExit();
            }
        }
    }
}
