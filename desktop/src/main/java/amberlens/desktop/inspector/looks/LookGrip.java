package amberlens.desktop.inspector.looks;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.material.look.Look;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Property;
import java.util.Locale;
import java.util.function.Function;

/**
 * A place of a look in the picture by which one of its amounts is changed.
 *
 * @param what it changes, for people
 * @param at frame pixels
 * @param dragged what becomes of the shot when the place is dragged elsewhere in the frame
 */
public record LookGrip(Look look, String what, FramePoint at, Function<FramePoint, Edit> dragged) {
    /** One that changes an amount. */
    static <V> LookGrip of(
            Shot shot, int frame, Look look, Property<V> amount, FramePoint at, Function<FramePoint, V> value) {
        String what = amount.lowerWord() + " of " + look.words().toLowerCase(Locale.ROOT);
        return new LookGrip(
                look,
                what,
                at,
                to -> CameraEdits.setValue(what, shot, look.own(amount), frame, within(amount, value.apply(to))));
    }

    /** The nearest value that a hand may give. */
    private static <V> V within(Property<V> amount, V value) {
        return amount.kind().of(part -> amount.range().clamp(amount.kind().part(value, part)));
    }
}
