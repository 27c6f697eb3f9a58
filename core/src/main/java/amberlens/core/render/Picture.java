package amberlens.core.render;

import amberlens.core.geometry.Size;
import amberlens.core.model.Media;
import amberlens.core.sampling.Pyramid;
import amberlens.core.title.Title;
import java.util.Optional;

/** What a shot shows, before it is placed. */
public sealed interface Picture {
    /** In source pixels; of letters in frame pixels. */
    Size size();

    /** Pixels of a picture, or of one frame of footage. */
    record Pixels(Pyramid pyramid) implements Picture {
        @Override
        public Size size() {
            return pyramid.size();
        }
    }

    /**
     * A title, which is drawn as large as it is seen.
     *
     * @param size its text box as the project has it; where looks make it larger or smaller, it grows from there
     */
    record Letters(Title title, Size size) implements Picture {}

    /** What media show that have no file to be read for it; empty for those that have, and for a rig. */
    static Optional<Picture> without(Media media) {
        return media.title().map(title -> new Letters(title, media.size()));
    }
}
