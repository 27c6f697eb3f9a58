package amberlens.media.pixels;

import amberlens.core.material.planes.Cutouts;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.drawing.DrawnWindow;
import amberlens.media.planes.Cutout;
import java.nio.file.Path;
import java.util.Optional;

/**
 * Which pixels: those of a still picture, or of one frame of footage.
 *
 * @param frame counted from 0; of a still picture that of the pages in its file
 * @param cutout what of a still picture; all of it as it is where empty
 * @param window the part of a drawing that is drawn larger; all of it as it is where empty
 */
public record PixelKey(Media.Kind kind, Path path, int frame, Optional<Cutout> cutout, Optional<DrawnWindow> window) {
    /** A whole still picture, or a frame of footage. */
    PixelKey(Media.Kind kind, Path path, int frame) {
        this(kind, path, frame, Optional.empty(), Optional.empty());
    }

    public static PixelKey photo(Path path) {
        return new PixelKey(Media.Kind.PHOTO, path, 0);
    }

    /**
     * Those that a shot asks for.
     *
     * @param frame of footage; of a still picture in planes the number of the picture that it is cut into, see {@link Cutouts}, and of
     *     a drawing that of a window, see {@link DrawnWindow}
     */
    public static PixelKey of(Media media, int frame) {
        Path path = Path.of(media.path());
        return media.moves()
                ? new PixelKey(media.kind(), path, frame)
                : new PixelKey(media.kind(), path, media.page() - 1, Cutout.of(media, frame), DrawnWindow.of(frame));
    }

    /** Whether they are all there is, and not a part that is made of it. */
    boolean isWhole() {
        return cutout.isEmpty() && window.isEmpty();
    }
}
