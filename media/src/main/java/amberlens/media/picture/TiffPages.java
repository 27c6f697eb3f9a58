package amberlens.media.picture;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import com.twelvemonkeys.imageio.metadata.CompoundDirectory;
import com.twelvemonkeys.imageio.metadata.Directory;
import com.twelvemonkeys.imageio.metadata.Entry;
import com.twelvemonkeys.imageio.metadata.tiff.TIFFReader;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.stream.FileImageInputStream;

/**
 * Which directories of a TIFF file are pages: a smaller copy of another one, or a mask for it, is none (TIFF 6.0, tags NewSubfileType and
 * SubfileType).
 */
final class TiffPages {
    private static final int NEW_SUBFILE_TYPE = 254;
    private static final int SUBFILE_TYPE = 255;
    private static final int REDUCED = 1;
    private static final int MASK = 4;
    private static final int OLD_REDUCED = 2;

    private TiffPages() {}

    /** Their indices among the directories; none where the file cannot be read. */
    static List<Integer> of(Path path) {
        try (var stream = new FileImageInputStream(path.toFile())) {
            List<Integer> pages = new ArrayList<>();
            if (new TIFFReader().read(stream) instanceof CompoundDirectory all) {
                for (int i = 0; i < Math.min(all.directoryCount(), Media.MOST_PAGES); i++) {
                    if (isPage(all.getDirectory(i))) {
                        pages.add(i);
                    }
                }
            }
            return pages;
        } catch (IOException | RuntimeException _) {
            return List.of();
        }
    }

    private static boolean isPage(Directory directory) {
        return (number(directory, NEW_SUBFILE_TYPE) & (REDUCED | MASK)) == 0
                && number(directory, SUBFILE_TYPE) != OLD_REDUCED;
    }

    private static int number(Directory directory, int tag) {
        Entry entry = directory.getEntryById(tag);
        return entry != null && entry.getValue() instanceof Number number ? number.intValue() : 0;
    }

    /**
     * The index of a page's directory.
     *
     * @param page from 2: the first page is the first directory, whatever that says
     */
    static int index(Path path, int page) throws FileProblem {
        List<Integer> pages = of(path);
        if (page > pages.size()) {
            throw new FileProblem(path + " has " + pages.size() + (pages.size() == 1 ? " page" : " pages")
                    + ", and no page " + page + ".");
        }
        return pages.get(page - 1);
    }
}
