package amberlens.exchange.web;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.stream.Collectors;

/** Numbers and words as pages have them. */
final class Markup {
    /** A ten-thousandth of the finest step that can be seen on a picture of 16384 px, as a factor of it. */
    private static final int PLACES = 9;

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

    static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
