package amberlens.core.motion.property;

import amberlens.core.motion.curve.ValueKind;
import java.util.ArrayList;
import java.util.List;

/** Collects what a property is; what is left out is what most properties have. */
public final class PropertyBuilder<V> {
    final String id;
    final String word;
    final Group group;
    final int place;
    final ValueKind<V> kind;
    final boolean placed;
    final List<Unit> units = new ArrayList<>();
    int usual;
    Property.Neutral<V> neutral;
    NumberRange range = NumberRange.ANY;
    boolean proportional;
    double step = 1;
    int decimals;
    Property.Carry<V> carry = (value, _) -> value;

    private PropertyBuilder(
            String id,
            String word,
            Group group,
            int place,
            ValueKind<V> kind,
            boolean placed,
            Property.Neutral<V> neutral) {
        this.placed = placed;
        this.id = id;
        this.word = word;
        this.group = group;
        this.place = place;
        this.kind = kind;
        this.neutral = neutral;
    }

    /**
     * A property of a number of its own that is the same everywhere where nothing was set.
     *
     * @param id the name of its member in files
     * @param place among those of its group, as people read them
     */
    public static <V> PropertyBuilder<V> property(
            String id, String word, Group group, int place, ValueKind<V> kind, V neutral) {
        return new PropertyBuilder<>(id, word, group, place, kind, false, (_, _) -> neutral);
    }

    /** Likewise, where the neutral value depends on the sizes of picture and frame, so that it is always told. */
    public static <V> PropertyBuilder<V> placed(
            String id, String word, Group group, int place, ValueKind<V> kind, Property.Neutral<V> neutral) {
        return new PropertyBuilder<>(id, word, group, place, kind, true, neutral);
    }

    /** The project's own unit. */
    public PropertyBuilder<V> unit(String sign, String words, String brief) {
        units.addFirst(Unit.own(id, sign, words, brief));
        return this;
    }

    /** Another unit that people may choose. */
    public PropertyBuilder<V> orIn(String unitId, String sign, String words, Unit.Factor factor) {
        units.add(Unit.of(unitId, sign, words, "", factor));
        return this;
    }

    /** Likewise, one in which it is shown as long as nobody chooses. */
    public PropertyBuilder<V> usuallyIn(String unitId, String sign, String words, String brief, Unit.Factor factor) {
        usual = units.size();
        units.add(Unit.of(unitId, sign, words, brief, factor));
        return this;
    }

    /** The numbers a hand may give it, and if strict, files too. */
    public PropertyBuilder<V> range(double least, double most, boolean strict) {
        range = new NumberRange(least, most, strict);
        return this;
    }

    /** Its numbers count by ratio. */
    public PropertyBuilder<V> proportional() {
        proportional = true;
        return this;
    }

    /** How much a number changes for each pixel its name is dragged, and the places that are shown where there is little room. */
    public PropertyBuilder<V> steps(double each, int places) {
        step = each;
        decimals = places;
        return this;
    }

    /** How a value looks the same elsewhere; left out, it stays as it is. */
    public PropertyBuilder<V> carried(Property.Carry<V> how) {
        carry = how;
        return this;
    }

    public Property<V> build() {
        return new Property<>(this);
    }

    /** A property that is part of a depth. */
    DepthProperty<V> inDepth(DepthProperty.Value<V> value, DepthProperty.Change<V> change) {
        return new DepthProperty<>(this, value, change);
    }

    /** A property that is part of a pose. */
    PoseProperty<V> inPose(PoseProperty.Getter<V> getter, PoseProperty.Setter<V> setter) {
        return new PoseProperty<>(this, getter, setter, setter);
    }

    /** Likewise, where a hand sets it in another way than it is simply put. */
    PoseProperty<V> inPose(PoseProperty.Getter<V> getter, PoseProperty.Setter<V> plain, PoseProperty.Setter<V> hand) {
        return new PoseProperty<>(this, getter, plain, hand);
    }
}
