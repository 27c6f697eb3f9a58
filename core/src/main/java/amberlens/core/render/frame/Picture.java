package amberlens.core.render.frame;

import amberlens.core.base.geometry.Size;
import amberlens.core.material.title.Title;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.sampling.Pyramid;
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
