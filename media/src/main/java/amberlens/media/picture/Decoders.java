package amberlens.media.picture;

import java.util.Comparator;
import java.util.Iterator;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * Which library decodes a picture. Several of those on board know the same formats, and the order in which the JDK's
 * registry names them differs from start to start; so it is said here: the library with the most thorough readers
 * first, then the JDK, and every other one only for what those two cannot decode.
 */
final class Decoders {

    private static final Comparator<ImageReader> BEST_FIRST = Comparator.comparingInt(Decoders::rank);

    private Decoders() {}

    /** The reader to be used for the picture that a stream begins with; empty when none knows it. */
    static Optional<ImageReader> of(ImageInputStream stream) {
        return all(stream).min(BEST_FIRST);
    }

    /** All that say they can decode it, in no order that lasts. */
    static Stream<ImageReader> all(ImageInputStream stream) {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
        Iterable<ImageReader> each = () -> readers;
        return StreamSupport.stream(each.spliterator(), false);
    }

    private static int rank(ImageReader reader) {
        String name = reader.getClass().getName();
        if (name.startsWith("com.twelvemonkeys.")) {
            return 0;
        }
        return name.startsWith("com.sun.") ? 1 : 2;
    }
}
