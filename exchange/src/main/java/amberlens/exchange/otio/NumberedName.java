package amberlens.exchange.otio;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The name of one of several numbered pictures.
 *
 * @param digits of the number, zeros before it included
 */
record NumberedName(String before, int number, int digits, String after) {
    private static final Pattern WRITTEN = Pattern.compile("(.*?)(\\d{1,9})(\\.[^.]+)");

    /** @throws IllegalArgumentException when there is no number before the ending */
    static NumberedName of(String fileName) {
        Matcher name = WRITTEN.matcher(fileName);
        if (!name.matches()) {
            throw new IllegalArgumentException("\"" + fileName + "\" has no number before its ending");
        }
        return new NumberedName(
                name.group(1), Integer.parseInt(name.group(2)), name.group(2).length(), name.group(3));
    }

    /** The name of the picture. */
    String written() {
        return before + "0".repeat(Math.max(0, digits - String.valueOf(number).length())) + number + after;
    }
}
