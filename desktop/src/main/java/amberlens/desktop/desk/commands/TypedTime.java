package amberlens.desktop.desk.commands;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Timecode;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Times as people type them: a frame, a timecode, a part of the whole, or a way from where they are. */
public final class TypedTime {
    private static final Pattern FRACTION = Pattern.compile("(\\d{1,6})\\s*/\\s*(\\d{1,6})");
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3}(?:[.,]\\d{1,6})?)\\s*%");

    private TypedTime() {}

    /**
     * The frame that is meant.
     *
     * @param typed for example {@code 56}, {@code 2:06}, {@code +12}, {@code -1:00}, {@code 3/4} or {@code 75 %}
     * @param from where signed times count from
     * @param whole what fractions and per cent are parts of: 0 is its first frame, 1 its last
     * @throws IllegalArgumentException when it is no time
     */
    public static int read(String typed, int from, FrameSpan whole, FrameRate rate) {
        String text = typed.strip();
        Matcher fraction = FRACTION.matcher(text);
        if (fraction.matches()) {
            return part(Double.parseDouble(fraction.group(1)) / Double.parseDouble(fraction.group(2)), whole, text);
        }
        Matcher percent = PERCENT.matcher(text);
        if (percent.matches()) {
            return part(Double.parseDouble(percent.group(1).replace(',', '.')) / 100, whole, text);
        }
        if (text.startsWith("+")) {
            return from + Timecode.parse(text.substring(1), rate);
        }
        if (text.startsWith("-") || text.startsWith("−")) {
            return from - Timecode.parse(text.substring(1), rate);
        }
        return Timecode.parse(text, rate);
    }

    private static int part(double part, FrameSpan whole, String text) {
        if (!(part >= 0 && part <= 1)) {
            throw new IllegalArgumentException("a part of the shot is between 0 and 1, or 0 and 100 %, not " + text);
        }
        return whole.from() + (int) Math.round(part * (whole.to() - whole.from()));
    }
}
