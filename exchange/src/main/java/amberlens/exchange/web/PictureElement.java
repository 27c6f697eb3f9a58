package amberlens.exchange.web;

import amberlens.exchange.move.ShotMove;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The picture or the film of a move, as an element of a page. */
public final class PictureElement {
    private PictureElement() {}

    static String html(ShotMove move, Path page) {
        String link = Markup.escaped(PageLinks.from(page, move.media().path()));
        return move.media().moves()
                ? "<video class=\"picture\" src=\"%s#t=%s\" muted autoplay playsinline></video>"
                        .formatted(link, Markup.number(startSeconds(move)))
                : "<img class=\"picture\" src=\"%s\" alt=\"\">".formatted(link);
    }

    /** Where in its footage the shot begins, in seconds. */
    private static double startSeconds(ShotMove move) {
        return move.project()
                .sourceTime(move.shot())
                .map(time -> time.footage().rate().seconds(time.source().in()))
                .orElse(0.0);
    }

    /** What a person should know who opens the page. */
    public static List<String> notes(ShotMove move) {
        List<String> notes = new ArrayList<>();
        String name = move.media().fileName();
        if (!PageLinks.isShown(name)) {
            notes.add(String.format(
                    Locale.ROOT, "%s: browsers do not show such files; convert it to PNG or JPEG.", name));
        }
        if (move.media().moves()) {
            notes.add(name + ": a page plays the film at its own speed; only the move is timed to the frame.");
        }
        return notes;
    }
}
