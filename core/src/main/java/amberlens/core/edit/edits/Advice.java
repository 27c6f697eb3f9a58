package amberlens.core.edit.edits;

import amberlens.core.base.time.FrameSpan;
import java.util.Optional;

/**
 * Something about a shot's motion that is to be looked at.
 *
 * @param shotId whose
 * @param kind what it is
 * @param span where, in frames of the shot
 * @param words one plain sentence, without a full stop
 * @param mend what mends it; empty where that would open an edge
 */
public record Advice(String shotId, Kind kind, FrameSpan span, String words, Optional<Mend> mend) {
    /** The kinds of advice. */
    public enum Kind {
        JUDDER("judder"),
        UNEVEN_FOOTAGE("uneven footage"),
        STEP("a step in speed"),
        START_ON_CUT("moves on the cut"),
        END_ON_CUT("moves into the cut"),
        TOO_WEAK("too weak to be felt");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One action.
     *
     * @param words what it does, for a button
     */
    public record Mend(String words, Edit edit) {}
}
