package amberlens.exchange.web;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.stream.Collectors;

/** Numbers and words as pages have them. */
final class Markup {
    /** A ten-thousandth of the finest step that can be seen on a picture of 16384 px, as a factor of it. */
    private static final int PLACES = 9;

    private static final int REPLACEMENT = 0xFFFD;

    private Markup() {}

    /** Without an exponent and with as few digits as say it to nine places. */
    static String number(double value) {
        BigDecimal rounded = BigDecimal.valueOf(value)
                .setScale(PLACES, RoundingMode.HALF_EVEN)
                .stripTrailingZeros();
        return rounded.signum() == 0 ? "0" : rounded.toPlainString();
    }

    static String numbers(List<Double> values, String between) {
        return values.stream().map(Markup::number).collect(Collectors.joining(between));
    }

    /** Text without what no XML document can hold (XML 1.0, section 2.2): each such character is replaced. */
    private static String allowed(String text) {
        return text.codePoints()
                .map(code -> isAllowed(code) ? code : REPLACEMENT)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    private static boolean isAllowed(int code) {
        boolean control = code < ' ' && code != '\t' && code != '\n' && code != '\r';
        boolean surrogate = code >= Character.MIN_SURROGATE && code <= Character.MAX_SURROGATE;
        return !control && !surrogate && code != 0xFFFE && code != 0xFFFF;
    }

    static String escaped(String text) {
        return allowed(text)
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
