package amberlens.media.pixels;

import amberlens.core.model.Media;
import java.nio.file.Path;

/**
 * Which pixels: those of a still picture, or of one frame of footage.
 *
 * @param frame counted from 0; of a still picture that of the pages in its file
 */
public record PixelKey(Media.Kind kind, Path path, int frame) {
    public static PixelKey photo(Path path) {
        return new PixelKey(Media.Kind.PHOTO, path, 0);
    }

    public static PixelKey of(Media media, int frame) {
        return new PixelKey(media.kind(), Path.of(media.path()), media.moves() ? frame : media.page() - 1);
    }
}
