package amberlens.exchange.move;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The name of one of several numbered pictures.
 *
 * @param before what stands before its number; of a path the folders too
 * @param digits of the number, zeros before it included
 * @param after its ending
 */
public record NumberedName(String before, int number, int digits, String after) {
    private static final Pattern WRITTEN = Pattern.compile("(.*?)(\\d{1,9})(\\.[^./\\\\]+)", Pattern.DOTALL);

    /** Empty where no number stands before the ending of a name or path. */
    public static Optional<NumberedName> of(String path) {
        Matcher name = WRITTEN.matcher(path);
        return name.matches()
                ? Optional.of(new NumberedName(
                        name.group(1),
                        Integer.parseInt(name.group(2)),
                        name.group(2).length(),
                        name.group(3)))
                : Optional.empty();
    }

    /** The number with the zeros before it. */
    public String padded() {
        String plain = String.valueOf(number);
        return "0".repeat(Math.max(0, digits - plain.length())) + plain;
    }

    /** The name of the picture. */
    public String written() {
        return before + padded() + after;
    }
}
