package amberlens.core.material.look;

import amberlens.core.motion.property.Property;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/** A kind of look, defined once: whatever reads, writes, shows or renders looks asks it here. Those that ship are in {@link LookKinds}. */
public final class LookKind {
    private final String id;
    private final String word;
    private final String purpose;
    private final List<Choice<?>> choices;
    private final Function<LookChoices, List<Property<?>>> amounts;
    private final Wearer wearer;
    private final boolean known;
    private final LookMaker maker;
    private final LookHandles handles;

    /** What a kind of look can be seen on. */
    public enum Wearer {
        ANY,
        TITLE,
        /** A backdrop of colours, as a shot can have it behind its picture. */
        BACKDROP
    }

    LookKind(
            String id,
            String word,
            String purpose,
            List<Choice<?>> choices,
            Function<LookChoices, List<Property<?>>> amounts,
            LookMaker maker) {
        this(id, word, purpose, choices, amounts, Wearer.ANY, true, maker, LookHandles.NONE);
    }

    private LookKind(
            String id,
            String word,
            String purpose,
            List<Choice<?>> choices,
            Function<LookChoices, List<Property<?>>> amounts,
            Wearer wearer,
            boolean known,
            LookMaker maker,
            LookHandles handles) {
        this.id = id;
        this.word = word;
        this.purpose = purpose;
        this.choices = List.copyOf(choices);
        this.amounts = amounts;
        this.wearer = wearer;
        this.known = known;
        this.maker = maker;
        this.handles = handles;
    }

    /** A kind that a newer file brings: it is kept and changes nothing. */
    public static LookKind unknown(String id) {
        return new LookKind(
                id,
                id,
                "of a newer version; kept, and not shown",
                List.of(),
                _ -> List.of(),
                Wearer.ANY,
                false,
                (_, _, _, _) -> {},
                LookHandles.NONE);
    }

    /** The same, seen only on some things. */
    LookKind only(Wearer on) {
        return new LookKind(id, word, purpose, choices, amounts, on, known, maker, handles);
    }

    /** The same, with places in the frame by which it is taken hold of. */
    LookKind with(LookHandles newHandles) {
        return new LookKind(id, word, purpose, choices, amounts, wearer, known, maker, newHandles);
    }

    /** What it does. */
    LookMaker maker() {
        return maker;
    }

    /** By what it is taken hold of in the frame. */
    public LookHandles handles() {
        return handles;
    }

    public Wearer wearer() {
        return wearer;
    }

    /** Its name in files. */
    public String id() {
        return id;
    }

    /** For example "Tone". */
    public String word() {
        return word;
    }

    /** Its word within a sentence. */
    public String lowerWord() {
        return word.toLowerCase(Locale.ROOT);
    }

    /** What it is for, in a few words. */
    public String purpose() {
        return purpose;
    }

    public boolean isKnown() {
        return known;
    }

    /** What is chosen about it. */
    public List<Choice<?>> choices() {
        return choices;
    }

    /** What can be keyed of it, as people read it; where places are counted from depends on what was chosen. */
    public List<Property<?>> amounts(LookChoices chosen) {
        return amounts.apply(chosen);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof LookKind kind && kind.id.equals(id) && kind.known == known;
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return id;
    }
}
