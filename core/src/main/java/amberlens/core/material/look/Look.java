package amberlens.core.material.look;

import amberlens.core.base.extras.Extras;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.property.Owner;
import amberlens.core.motion.property.Property;
import java.util.List;

/**
 * One look of a shot, without its amounts: those lie beside the shot's camera, under its {@link #owner}.
 *
 * @param number tells looks of one kind in a shot apart, from 1
 * @param on whether it changes what is seen; else it is put aside
 * @param extras what a file says beyond; of an unknown kind all
 */
public record Look(LookKind kind, int number, boolean on, LookChoices choices, Extras extras) {
    /** A look that is on, with everything as usual. */
    public static Look of(LookKind kind, int number) {
        return new Look(kind, number, true, LookChoices.USUAL, Extras.NONE);
    }

    public Look {
        if (number < 1) {
            throw new IllegalArgumentException("looks of a kind are numbered from 1, not " + number);
        }
    }

    /** Whose its amounts are. */
    public Owner owner() {
        return new Owner(kind.id(), number);
    }

    /** What people call it among its shot's looks: "Tone", "Mask 2", or "Spotlight" for a mask that dims. */
    public String words() {
        String word =
                kind.equals(LookKinds.MASK) && get(LookKinds.MODE) == Mask.Mode.SPOTLIGHT ? "Spotlight" : kind.word();
        return number == 1 ? word : word + " " + number;
    }

    /** Its own amounts, as people read them. */
    public List<Property<?>> amounts() {
        return kind.amounts(choices).stream().<Property<?>>map(this::own).toList();
    }

    /** One of its kind's amounts as its own. */
    public <V> Property<V> own(Property<V> amount) {
        return amount.ownedBy(owner());
    }

    /**
     * One of its amounts at a moment.
     *
     * @param at frames from the shot's first, also between frames
     */
    public <V> V at(CameraTrack camera, Property<V> amount, double at) {
        return camera.get(own(amount)).at(at);
    }

    public <V> V get(Choice<V> choice) {
        return choices.get(choice);
    }

    public Look withOn(boolean isOn) {
        return new Look(kind, number, isOn, choices, extras);
    }

    public Look withNumber(int newNumber) {
        return new Look(kind, newNumber, on, choices, extras);
    }

    public <V> Look with(Choice<V> choice, V answer) {
        return new Look(kind, number, on, choices.with(choice, answer), extras);
    }
}
