package amberlens.media.film;

import amberlens.core.model.project.FileProblem;
import amberlens.core.render.frame.RenderedFrame;
import amberlens.files.FileWords;
import amberlens.files.PartFiles;
import amberlens.files.WholeFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Numbered picture files, written aside and moved into place together when all are made: {@code plan.png} becomes {@code plan-0000.png}, {@code plan-0001.png}, … Numbers are line-up
 * frames.
 */
public final class StillSequence implements FrameSink {
    private final Path pattern;
    private final StillFile.Kind kind;
    private final boolean deep;
    private final List<WholeFile> written = new ArrayList<>();
    private int next;

    /**
     * @param pattern the destination, with the ending of its kind
     * @param deep whether it gets frames of 16 bits
     * @param firstNumber the number of the first frame
     */
    public StillSequence(Path pattern, StillFile.Kind kind, boolean deep, int firstNumber) throws FileProblem {
        this.pattern = pattern;
        this.kind = kind;
        this.deep = deep;
        this.next = firstNumber;
        try {
            WholeFile.makeFolder(pattern);
        } catch (IOException e) {
            throw FileWords.cannotWrite(pattern, e);
        }
        PartFiles.removeBeside(pattern);
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
    public Turn ready(RenderedFrame frame) {
        return () -> aside(frame);
    }

    private void aside(RenderedFrame frame) throws FileProblem {
        Path file = file(pattern, next++);
        try {
            written.add(StillFile.aside(frame, kind, file));
        } catch (IOException e) {
            throw FileWords.cannotWrite(file, e);
        }
    }

    @Override
    public void finish() throws FileProblem {
        try {
            for (WholeFile file : written) {
                file.forceToDisk();
            }
            for (WholeFile file : written) {
                file.intoPlace();
            }
        } catch (IOException e) {
            throw FileWords.cannotWrite(pattern, e);
        }
    }

    @Override
    public void close() {
        written.forEach(WholeFile::close);
    }
}
