package amberlens.core.base.words;

import java.util.Locale;

/** Measures in words. */
public final class Figures {
    private Figures() {}

    /** A number to so many places; what rounds to nothing has no sign. */
    public static String fixed(double value, int places) {
        String text = String.format(Locale.ROOT, "%." + places + "f", value);
        return text.startsWith("-") && text.matches("-0(\\.0*)?") ? text.substring(1) : text;
    }
}
