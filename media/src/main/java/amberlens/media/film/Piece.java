package amberlens.media.film;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One of several pieces of a film that are rendered apart, on one machine or many, and then joined.
 *
 * @param number 1 … of
 * @param of how many there are, at most {@value #MOST}
 * @param origin what they are made from: pieces of another origin are not joined with it
 */
public record Piece(int number, int of, String origin) {
    static final int MOST = 10_000;

    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,5})/(\\d{1,5})");

    public Piece {
        if (of < 1 || of > MOST || number < 1 || number > of) {
            throw new IllegalArgumentException(
                    "a piece is written like 2/4, from 1/N to N/N, not " + number + "/" + of);
        }
    }

    /**
     * Reads what people write.
     *
     * @throws IllegalArgumentException when it is not a number, a stroke and a number as large or larger
     */
    public static Piece parse(String text, String origin) {
        Matcher match = WRITTEN.matcher(text.strip());
        if (!match.matches()) {
            throw new IllegalArgumentException("a piece is written like 2/4, not \"" + text + "\"");
        }
        return new Piece(Integer.parseInt(match.group(1)), Integer.parseInt(match.group(2)), origin);
    }

    /** How many frames of a film are coded without regard to others: pieces begin with such a stretch. 0 for formats that cannot be joined. */
    public static int stretch(FilmCodec codec, FrameRate rate) {
        return PictureCoding.stretch(codec, rate);
    }

    /**
     * Its frames, counted from the film's first; empty when there are more pieces than stretches.
     *
     * @param frames of the whole film
     * @param stretch how many frames are coded without regard to others
     */
    public Optional<FrameSpan> within(int frames, int stretch) {
        int stretches = (frames + stretch - 1) / stretch;
        long first = (long) stretches * (number - 1) / of;
        long next = (long) stretches * number / of;
        return first == next
                ? Optional.empty()
                : Optional.of(new FrameSpan((int) first * stretch, (int) Math.min(frames, next * stretch) - 1));
    }
}
