package amberlens.desktop.desk.actions;

import java.util.function.BooleanSupplier;

/**
 * What an action needs to be done.
 *
 * @param met whether it is there now
 * @param otherwise what is missing, in a sentence for people that goes on after "Needs", for example "a selected shot"
 */
public record Needs(BooleanSupplier met, String otherwise) {
    public static final Needs NOTHING = new Needs(() -> true, "");

    public static Needs of(String otherwise, BooleanSupplier met) {
        return new Needs(met, otherwise);
    }

    public boolean areMet() {
        return met.getAsBoolean();
    }
}
