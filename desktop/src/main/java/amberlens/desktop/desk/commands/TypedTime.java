package amberlens.desktop.desk.commands;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Timecode;

/** Times as people type them: a frame, a timecode, or a way from where they are. */
public final class TypedTime {
    private TypedTime() {}

    /**
     * The frame that is meant.
     *
     * @param typed for example {@code 56}, {@code 2:06}, {@code +12} or {@code -1:00}
     * @param from where signed times count from
     * @throws IllegalArgumentException when it is no time
     */
    public static int read(String typed, int from, FrameRate rate) {
        String text = typed.strip();
        if (text.startsWith("+")) {
            return from + Timecode.parse(text.substring(1), rate);
        }
        if (text.startsWith("-") || text.startsWith("−")) {
            return from - Timecode.parse(text.substring(1), rate);
        }
        return Timecode.parse(text, rate);
    }
}
