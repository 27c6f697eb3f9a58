package amberlens.core.material.mark;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PictureBox;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A place of a picture that matters.
 *
 * @param id unique among the marks of its picture
 * @param box where
 * @param sure how sure it is that there is one, 0 … 1
 * @param keep what is asked of it
 * @param by who has put it there
 */
public record Mark(String id, Kind kind, PictureBox box, double sure, Keep keep, By by, Extras extras) {
    /** What is there, in the order of what is aimed at first. */
    public enum Kind {
        /** A place that somebody has drawn. */
        AREA,
        FACE,
        PERSON,
        SUBJECT;

        /** As in files. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        public static Optional<Kind> of(String word) {
            return Stream.of(values()).filter(kind -> kind.word().equals(word)).findFirst();
        }

        /** What is asked of a new mark: nobody wants a face cut while the camera rests. */
        public Keep usualKeep() {
            return this == FACE || this == AREA ? Keep.RESTS : Keep.OFF;
        }
    }

    /** What is asked of a mark. */
    public enum Keep {
        /** It is never cut while the camera rests, nor at the first and the last frame. */
        RESTS("never cut at rests"),
        /** It is always whole in the frame. */
        ALWAYS("always whole"),
        OFF("nothing");

        private final String words;

        Keep(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** As in files. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        public static Optional<Keep> of(String word) {
            return Stream.of(values()).filter(keep -> keep.word().equals(word)).findFirst();
        }
    }

    /** Who has put a mark there. */
    public enum By {
        FOUND,
        HAND;

        /** As in files. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public Mark {
        if (id.isBlank()) {
            throw new IllegalArgumentException("a mark has an id");
        }
        if (!(sure >= 0 && sure <= 1)) {
            throw new IllegalArgumentException("how sure a mark is must be in 0 … 1, not " + sure);
        }
    }

    /** One that somebody draws. */
    public static Mark drawn(String id, PictureBox box) {
        return new Mark(id, Kind.AREA, box, 1, Kind.AREA.usualKeep(), By.HAND, Extras.NONE);
    }

    public Mark withKeep(Keep asked) {
        return new Mark(id, kind, box, sure, asked, by, extras);
    }

    /** Whether something is asked of it. */
    public boolean isKept() {
        return keep != Keep.OFF;
    }

    /** Whether somebody has said that it does not matter: found, but put off by hand. */
    public boolean isRefused() {
        return keep == Keep.OFF && by == By.HAND;
    }

    /** One that does not matter. */
    public Mark refused() {
        return new Mark(id, kind, box, sure, Keep.OFF, By.HAND, extras);
    }

    /** One that matters, as somebody says. */
    public Mark taken() {
        return new Mark(id, kind, box, sure, isKept() ? keep : Keep.RESTS, By.HAND, extras);
    }

    /** The same at another place, for a picture that is seen mirrored. */
    public Mark seenAt(PictureBox place) {
        return new Mark(id, kind, place, sure, keep, by, extras);
    }

    /** Moved or resized by a hand. */
    public Mark withBox(PictureBox moved) {
        return taken().seenAt(moved);
    }
}
