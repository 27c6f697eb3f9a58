package amberlens.media.film;

import amberlens.core.model.FileProblem;
import amberlens.core.render.FrameRaster;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Numbered PNG files: {@code plan.png} becomes {@code plan-0000.png}, {@code plan-0001.png}, … Numbers are line-up
 * frames.
 */
public final class PngSequence implements FrameSink {
    private final Path pattern;
    private final List<Path> written = new ArrayList<>();
    private int next;
    private boolean finished;

    /**
     * @param pattern the destination, ending in {@code .png}
     * @param firstNumber the number of the first frame
     */
    public PngSequence(Path pattern, int firstNumber) {
        this.pattern = pattern;
        this.next = firstNumber;
    }

    /** The file of one number. */
    public static Path file(Path pattern, int number) {
        String name = pattern.getFileName().toString();
        String stem = name.endsWith(".png") ? name.substring(0, name.length() - 4) : name;
        return pattern.resolveSibling(String.format(Locale.ROOT, "%s-%04d.png", stem, number));
    }

    @Override
    public void write(FrameRaster frame) throws FileProblem {
        Path file = file(pattern, next++);
        PngFile.write(frame, file);
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
