package amberlens.core.base.time;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Frame numbers as hours, minutes, seconds and frames.
 *
 * <p>Drop-frame counting skips the first frame numbers (2 at 29.97, 4 at 59.94) of every minute but each tenth, so that
 * the clock stays with real time; no frame of the film is dropped. Source: SMPTE ST 12-1.
 */
public final class Timecode {
    private static final Pattern FULL = Pattern.compile("(\\d{1,2}):([0-5]?\\d):([0-5]?\\d)[:;.](\\d{1,3})");
    private static final Pattern SECONDS = Pattern.compile("(?:(\\d{1,4}):)?(\\d{1,5})[:;.](\\d{1,3})");

    private Timecode() {}

    /**
     * The timecode of a frame, {@code hh:mm:ss:ff}, with {@code ;} before the frames when the rate drops frame numbers.
     *
     * @throws IllegalArgumentException for a negative frame
     */
    public static String of(int frame, FrameRate rate) {
        if (frame < 0) {
            throw new IllegalArgumentException("a timecode needs a frame of at least 0, not " + frame);
        }
        long label = rate.dropsFrames() ? withDropped(frame, rate) : frame;
        int perSecond = rate.nominal();
        long seconds = label / perSecond;
        return String.format(
                Locale.ROOT,
                "%02d:%02d:%02d%s%02d",
                seconds / 3600,
                seconds / 60 % 60,
                seconds % 60,
                rate.dropsFrames() ? ";" : ":",
                label % perSecond);
    }

    /** The short form for rulers, {@code 2:06} or {@code 1:02:06}: (minutes,) seconds and frames; drop-frame where the rate drops. */
    public static String brief(int frame, FrameRate rate) {
        int perSecond = rate.nominal();
        long label = rate.dropsFrames() ? withDropped(frame, rate) : frame;
        long seconds = label / perSecond;
        String tail = String.format(Locale.ROOT, "%02d", label % perSecond);
        return seconds < 60
                ? seconds + ":" + tail
                : String.format(Locale.ROOT, "%d:%02d:%s", seconds / 60, seconds % 60, tail);
    }

    /**
     * Reads a frame number ({@code 56}), a full timecode ({@code 00:00:02:06}) or a short one ({@code 2:06}).
     *
     * @throws IllegalArgumentException when the text is none of these, or names a dropped frame number
     */
    public static int parse(String text, FrameRate rate) {
        String trimmed = text.strip();
        if (trimmed.matches("\\d{1,9}")) {
            return Integer.parseInt(trimmed);
        }
        var full = FULL.matcher(trimmed);
        if (full.matches()) {
            return frame(number(full.group(1)), number(full.group(2)), number(full.group(3)), full.group(4), rate);
        }
        var brief = SECONDS.matcher(trimmed);
        if (brief.matches()) {
            int minutes = brief.group(1) == null ? 0 : number(brief.group(1));
            int seconds = minutes * 60 + number(brief.group(2));
            return frame(0, seconds / 60, seconds % 60, brief.group(3), rate);
        }
        throw new IllegalArgumentException(
                "a time is a frame number such as 56 or a timecode such as 00:00:02:06, not \"" + text + "\"");
    }

    private static int frame(int hours, int minutes, int seconds, String framesText, FrameRate rate) {
        int perSecond = rate.nominal();
        int frames = framesWithin(framesText, rate);
        int allMinutes = hours * 60 + minutes;
        int label = (allMinutes * 60 + seconds) * perSecond + frames;
        if (!rate.dropsFrames()) {
            return label;
        }
        int dropped = perSecond / 15;
        if (frames < dropped && seconds == 0 && minutes % 10 != 0) {
            throw new IllegalArgumentException("drop-frame timecode has no frame " + frames + " in minute " + minutes);
        }
        return label - dropped * (allMinutes - allMinutes / 10);
    }

    private static int framesWithin(String text, FrameRate rate) {
        int frames = number(text);
        if (frames >= rate.nominal()) {
            throw new IllegalArgumentException("at " + rate + " frames per second the frames of a timecode end at "
                    + (rate.nominal() - 1) + ", not " + frames);
        }
        return frames;
    }

    private static long withDropped(int frame, FrameRate rate) {
        int perSecond = rate.nominal();
        int dropped = perSecond / 15;
        int perMinute = perSecond * 60 - dropped;
        int perTenMinutes = perMinute * 10 + dropped;
        long tens = frame / perTenMinutes;
        long rest = frame % perTenMinutes;
        long minutes = rest < dropped ? 0 : (rest - dropped) / perMinute;
        return frame + dropped * (9 * tens + minutes);
    }

    private static int number(String digits) {
        return Integer.parseInt(digits);
    }
}
