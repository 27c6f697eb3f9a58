package amberlens.media.pixels;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.footage.NumberedPictures;
import amberlens.media.footage.OpenFilms;
import amberlens.media.picture.PictureReader;
import amberlens.media.planes.CutPixels;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentSkipListSet;

/** Reads pixels from files of every kind; nothing is kept but open films. */
public final class PixelLoader implements AutoCloseable {
    private final Rows rows;
    private final OpenFilms films;
    private final Map<Path, Size> sizes = new ConcurrentHashMap<>();
    private final Map<Path, SortedSet<Integer>> cutOff = new ConcurrentHashMap<>();
    private final Map<Path, NumberedPictures> sequences = new ConcurrentHashMap<>();

    public PixelLoader(Rows rows) {
        this.rows = rows;
        films = new OpenFilms(rows);
    }

    /** Reads them now, in the thread that asks. */
    public Raster load(PixelKey key) throws FileProblem {
        if (key.window().isPresent()) {
            Optional<Raster> window =
                    PictureReader.window(key.path(), key.window().get(), rows);
            return window.isPresent() ? window.get() : whole(key);
        }
        return cut(whole(key), key);
    }

    /** What of a picture that was read a key names. */
    Raster cut(Raster whole, PixelKey key) {
        return key.cutout().map(cutout -> CutPixels.of(whole, cutout, rows)).orElse(whole);
    }

    /** All of the picture of which a key names a part. */
    Raster whole(PixelKey key) throws FileProblem {
        return switch (key.kind()) {
            case PHOTO -> picture(key, key.path(), key.frame() + 1);
            case FILM -> films.frame(key.path(), key.frame());
            case RIG, TITLE, SOUND -> throw new FileProblem("There is no file to read for it.");
            case SEQUENCE -> picture(key, sequence(key.path()).file(key.frame()), 1);
        };
    }

    private Raster picture(PixelKey key, Path file, int page) throws FileProblem {
        PictureReader.Picture picture = PictureReader.picture(file, page, rows);
        if (picture.damaged()) {
            cutOff.computeIfAbsent(key.path(), _ -> new ConcurrentSkipListSet<>())
                    .add(key.frame());
        }
        if (key.kind() == Media.Kind.SEQUENCE) {
            requireSize(key.path(), file, picture.pixels().size());
        }
        return picture.pixels();
    }

    /** All pictures of a sequence are as large as its first: a smaller one would not cover what the others do. */
    private void requireSize(Path first, Path file, Size size) throws FileProblem {
        Size wanted = sizes.get(first);
        if (wanted == null) {
            wanted = PictureReader.size(first);
            sizes.put(first, wanted);
        }
        if (!size.equals(wanted)) {
            throw new FileProblem(file + " is " + size + " pixels, and its sequence is " + wanted
                    + "; make it as large as the others or take it out.");
        }
    }

    private NumberedPictures sequence(Path first) throws FileProblem {
        NumberedPictures known = sequences.get(first);
        if (known == null) {
            known = NumberedPictures.from(first);
            sequences.put(first, known);
        }
        return known;
    }

    /** The frames of a film or sequence seen so far that are damaged; frame 0 of a picture that is. */
    SortedSet<Integer> damaged(Path path) {
        SortedSet<Integer> pictures = cutOff.get(path);
        return pictures == null ? films.damaged(path) : new TreeSet<>(pictures);
    }

    /** Looks at a file anew when it is wanted again. */
    void forget(Path path) {
        films.forget(path);
        cutOff.remove(path);
        sequences.remove(path);
        sizes.remove(path);
    }

    @Override
    public void close() {
        films.close();
    }
}
