package amberlens.media.pixels;

import amberlens.core.model.project.Media;
import amberlens.core.pixels.drawing.DrawnWindow;
import amberlens.core.render.frame.PictureRef;
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

    /** Those that a frame reads. */
    public static PixelKey of(PictureRef ref) {
        Media media = ref.media();
        Path path = Path.of(media.path());
        int page = media.page() - 1;
        return switch (ref) {
            case PictureRef.FootageFrame footage -> new PixelKey(media.kind(), path, footage.frame());
            case PictureRef.Whole _ -> new PixelKey(media.kind(), path, page);
            case PictureRef.CutOut part ->
                new PixelKey(media.kind(), path, page, Optional.of(Cutout.of(part)), Optional.empty());
            case PictureRef.DrawnPart part ->
                new PixelKey(media.kind(), path, page, Optional.empty(), Optional.of(part.window()));
        };
    }

    /** Those of a still picture, or of a frame of footage. */
    public static PixelKey of(Media media, int frame) {
        return of(PictureRef.of(media, frame));
    }

    /** Whether they are all there is, and not a part that is made of it. */
    boolean isWhole() {
        return cutout.isEmpty() && window.isEmpty();
    }
}
