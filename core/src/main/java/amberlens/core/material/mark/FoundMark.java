package amberlens.core.material.mark;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PictureBox;

/**
 * What was found in a picture.
 *
 * @param box whole source pixels
 * @param sure how sure it is that there is one, 0 … 1 in hundredths
 */
public record FoundMark(Mark.Kind kind, PictureBox box, double sure) {
    /** What it counts among others of its kind: its size, as far as it is sure. */
    public double weight() {
        return box.area() * sure;
    }

    /** It as a mark of its picture. */
    public Mark as(String id) {
        return new Mark(id, kind, box, sure, kind.usualKeep(), Mark.By.FOUND, Extras.NONE);
    }
}
