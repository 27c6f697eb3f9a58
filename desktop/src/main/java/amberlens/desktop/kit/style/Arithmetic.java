package amberlens.desktop.kit.style;

/**
 * Small sums as people type them into number fields: {@code 960+40}, {@code 1920/2}, {@code (12-2)*3}, with a decimal
 * point or comma and a trailing unit.
 */
public final class Arithmetic {
    private final String text;
    private int at;

    private Arithmetic(String text) {
        this.text = text;
    }

    /**
     * The value of a sum.
     *
     * @throws IllegalArgumentException saying what was not understood
     */
    public static double value(String typed) {
        String text = typed.replace(',', '.').replaceAll("(%|°|px)\\s*$", "").replaceAll("\\s+", "");
        if (text.isEmpty()) {
            throw new IllegalArgumentException("a number is missing");
        }
        var sums = new Arithmetic(text);
        double value = sums.sum();
        if (sums.at < text.length()) {
            throw new IllegalArgumentException("\"" + text.substring(sums.at) + "\" is not part of a number or sum");
        }
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("the sum has no finite value");
        }
        return value;
    }

    private double sum() {
        double value = product();
        while (at < text.length()) {
            if (take('+')) {
                value += product();
            } else if (take('-') || take('−')) {
                value -= product();
            } else {
                break;
            }
        }
        return value;
    }

    private double product() {
        double value = factor();
        while (at < text.length()) {
            if (take('*') || take('×')) {
                value *= factor();
            } else if (take('/')) {
                value /= factor();
            } else {
                break;
            }
        }
        return value;
    }

    private double factor() {
        if (take('-') || take('−')) {
            return -factor();
        }
        if (take('+')) {
            return factor();
        }
        if (take('(')) {
            double value = sum();
            if (!take(')')) {
                throw new IllegalArgumentException("a closing bracket is missing");
            }
            return value;
        }
        int start = at;
        while (at < text.length() && (Character.isDigit(text.charAt(at)) || text.charAt(at) == '.')) {
            at++;
        }
        try {
            return Double.parseDouble(text.substring(start, at));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("\"" + text + "\" is not a number or sum", e);
        }
    }

    private boolean take(char expected) {
        if (at < text.length() && text.charAt(at) == expected) {
            at++;
            return true;
        }
        return false;
    }
}
