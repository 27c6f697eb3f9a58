package amberlens.core.motion.property;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.words.Figures;
import amberlens.core.motion.curve.Resizing;
import amberlens.core.motion.curve.ValueKind;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What can be keyed, defined once: whatever reads, writes, shows, copies or carries a property asks it here. Those that ship are
 * listed in {@link Properties}.
 *
 * @param <V> the type of its values
 */
public class Property<V> implements Comparable<Property<?>> {
    private static final Comparator<Property<?>> ORDER = Comparator.<Property<?>, Group>comparing(Property::group)
            .thenComparing(Property::owner)
            .thenComparingInt(property -> property.place)
            .thenComparing(Property::id);

    private final Owner owner;
    private final String id;
    private final String word;
    private final Group group;
    private final int place;
    private final ValueKind<V> kind;
    private final Neutral<V> neutral;
    private final NumberRange range;
    private final boolean proportional;
    private final double step;
    private final int decimals;
    private final List<Unit> units;
    private final int usual;
    private final Carry<V> carry;
    private final boolean placed;

    /** What a property is where nothing was set. */
    @FunctionalInterface
    public interface Neutral<V> {
        V of(Size picture, Size frame);
    }

    /** The value that looks the same on a picture or in a frame of another size. */
    @FunctionalInterface
    public interface Carry<V> {
        V carried(V value, Resizing to);
    }

    Property(PropertyBuilder<V> from) {
        owner = Owner.CAMERA;
        placed = from.placed;
        id = from.id;
        word = from.word;
        group = from.group;
        place = from.place;
        kind = from.kind;
        neutral = from.neutral;
        range = from.range;
        proportional = from.proportional;
        step = from.step;
        decimals = from.decimals;
        units = List.copyOf(from.units);
        usual = from.usual;
        carry = from.carry;
    }

    private Property(Property<V> of, Owner newOwner) {
        owner = newOwner;
        placed = of.placed;
        id = of.id;
        word = of.word;
        group = of.group;
        place = of.place;
        kind = of.kind;
        neutral = of.neutral;
        range = of.range;
        proportional = of.proportional;
        step = of.step;
        decimals = of.decimals;
        units = of.units;
        usual = of.usual;
        carry = of.carry;
    }

    /**
     * The same property of one of the things that are keyed beside the camera.
     *
     * @throws IllegalArgumentException when the camera alone can have it
     */
    public Property<V> ownedBy(Owner other) {
        if (group.ofMove() && !other.equals(Owner.CAMERA)) {
            throw new IllegalArgumentException("only a camera has a " + lowerWord());
        }
        return other.equals(owner) ? this : new Property<>(this, other);
    }

    /** Whose it is. */
    public Owner owner() {
        return owner;
    }

    /** Whether what is neutral depends on the sizes of picture and frame, so that it is always told. */
    public boolean isPlaced() {
        return placed;
    }

    /** The name of its member in files. */
    public String id() {
        return id;
    }

    /** For example "Scale". */
    public String word() {
        return word;
    }

    /** Its word within a sentence. */
    public String lowerWord() {
        return word.toLowerCase(Locale.ROOT);
    }

    public Group group() {
        return group;
    }

    public ValueKind<V> kind() {
        return kind;
    }

    /** The value where nothing was set. */
    public V neutral(Size picture, Size frame) {
        return neutral.of(picture, frame);
    }

    /** The numbers a hand may give it. */
    public NumberRange range() {
        return range;
    }

    /** Whether its numbers count by ratio: relative changes multiply, and linked axes keep their ratio. */
    public boolean proportional() {
        return proportional;
    }

    /** How much a number changes for each pixel its name is dragged. */
    public double step() {
        return step;
    }

    /** The units in which it can be shown; the first is the project's own. */
    public List<Unit> units() {
        return units;
    }

    /** The unit in which it is shown as long as nobody chooses another. */
    public Unit usualUnit() {
        return units.get(usual);
    }

    /** Whether its values are made of a horizontal and a vertical number. */
    public boolean paired() {
        return kind.parts() == 2;
    }

    /** The value that looks the same on a picture or in a frame of another size. */
    public V carried(V value, Resizing to) {
        return carry.carried(value, to);
    }

    /** Why a hand may not give it this number; empty when it may. */
    public Optional<String> refusal(double number) {
        return range.contains(number)
                ? Optional.empty()
                : Optional.of(String.format(
                        Locale.ROOT,
                        "%s is between %s and %s %s, not %s",
                        word,
                        plain(range.least()),
                        plain(range.most()),
                        units.getFirst().sign(),
                        plain(number)));
    }

    private static String plain(double number) {
        return number == Math.rint(number) && Math.abs(number) < 1e15
                ? Long.toString((long) number)
                : Double.toString(number);
    }

    /**
     * A value with one number changed.
     *
     * @param ratio whether the other numbers keep their ratio to it
     */
    public V withNumber(V value, int part, double number, boolean ratio) {
        double old = kind.part(value, part);
        if (!ratio || old == 0) {
            return kind.with(value, part, number);
        }
        return kind.of(at -> kind.part(value, at) == old ? number : kind.part(value, at) * number / old);
    }

    /** The value in a few characters, in a unit. */
    public String brief(V value, Unit unit, Size picture, Size frame) {
        return brief(kind.of(part -> unit.shown(kind.part(value, part), part, picture, frame)), unit);
    }

    /** The value in a few characters. */
    public String brief(V value) {
        return brief(value, units.getFirst());
    }

    private String brief(V value, Unit unit) {
        double first = kind.part(value, 0);
        boolean one = !paired() || (proportional && first == kind.part(value, 1));
        return (one
                        ? Figures.fixed(first, decimals)
                        : Figures.fixed(first, 0) + ", " + Figures.fixed(kind.part(value, 1), 0))
                + unit.brief();
    }

    /** One number of an axis with keys of its own, in a few characters, in a unit. */
    public String briefNumber(double number, int part, Unit unit, Size picture, Size frame) {
        return Figures.fixed(unit.shown(number, part, picture, frame), 1) + unit.brief();
    }

    /** Alike are those of one owner with one name. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Property<?> property && property.owner.equals(owner) && property.id.equals(id);
    }

    @Override
    public int hashCode() {
        return 31 * owner.hashCode() + id.hashCode();
    }

    @Override
    public int compareTo(Property<?> other) {
        return ORDER.compare(this, other);
    }

    @Override
    public String toString() {
        return owner.equals(Owner.CAMERA) ? id : owner.id() + "/" + id;
    }
}
