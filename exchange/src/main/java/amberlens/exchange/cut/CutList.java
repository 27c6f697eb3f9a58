package amberlens.exchange.cut;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import java.util.List;
import java.util.Optional;

/**
 * An edit.
 *
 * @param rate of its frames
 * @param frame pixels, where it says them
 * @param background where it says it
 * @param events in any order
 * @param remarks what could not be read as it is meant, a line each
 */
public record CutList(
        String name,
        FrameRate rate,
        Optional<Size> frame,
        Optional<Colour> background,
        List<CutEvent> events,
        List<String> remarks) {
    public CutList {
        events = List.copyOf(events);
        remarks = List.copyOf(remarks);
    }
}
