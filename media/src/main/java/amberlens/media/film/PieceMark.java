package amberlens.media.film;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a piece of a film says of itself in its comment.
 *
 * @param first its first frame, counted from the film's
 * @param frames of the whole film
 */
record PieceMark(Piece piece, int first, int frames) {
    private static final Pattern WRITTEN =
            Pattern.compile("piece (\\d{1,5})/(\\d{1,5}) from frame (\\d{1,9}) of (\\d{1,9}), made from (\\S+)");

    String written() {
        return "piece " + piece.number() + "/" + piece.of() + " from frame " + first + " of " + frames + ", made from "
                + piece.origin();
    }

    static Optional<PieceMark> read(String comment) {
        Matcher match = WRITTEN.matcher(comment);
        if (!match.matches()) {
            return Optional.empty();
        }
        try {
            var piece = new Piece(number(match, 1), number(match, 2), match.group(5));
            return Optional.of(new PieceMark(piece, number(match, 3), number(match, 4)));
        } catch (IllegalArgumentException _) {
            return Optional.empty();
        }
    }

    private static int number(Matcher match, int group) {
        return Integer.parseInt(match.group(group));
    }
}
