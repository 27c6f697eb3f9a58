package amberlens.core.material.title;

import amberlens.core.base.geometry.Size;
import java.util.List;

/**
 * How a title comes out when it is set.
 *
 * @param box its text box in frame pixels at scale 100 %: as wide as its longest line, as high as its lines; both even, so that its
 *     middle lies on a whole pixel
 * @param reach how far whatever is drawn reaches beyond the box on any side, in frame pixels
 * @param notes what is not shown as it was asked for, for people; usually empty
 */
public record Setting(Size box, double reach, List<String> notes) {
    public Setting {
        notes = List.copyOf(notes);
    }
}
