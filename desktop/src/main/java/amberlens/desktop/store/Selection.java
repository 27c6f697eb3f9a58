package amberlens.desktop.store;

import amberlens.core.motion.Property;
import java.util.Optional;

/**
 * What is selected.
 *
 * @param shotId the shot that Table, Camera and Score show
 * @param part the part of it that delete and ease act on
 */
public record Selection(Optional<String> shotId, Part part) {
    public static final Selection NONE = new Selection(Optional.empty(), new Nothing());

    /** A part of a shot. Frames count from the shot's first. */
    public sealed interface Part {}

    public record Nothing() implements Part {}

    /** All keys at a frame. */
    public record Framing(int frame) implements Part {}

    /** The way from one framing to the next. */
    public record LegFrom(int frame) implements Part {}

    /** One key of one property. */
    public record KeyOf(Property property, int frame) implements Part {}

    public static Selection shot(String id) {
        return new Selection(Optional.of(id), new Nothing());
    }

    public Selection with(Part newPart) {
        return new Selection(shotId, newPart);
    }
}
