package amberlens.core.edit.traced;

import amberlens.core.material.shake.ShakeLayer;

/**
 * What of a film's move a shot is to have.
 *
 * @param part of the film's camera
 * @param strength per cent of it, above 0 and at most {@value ShakeLayer#MOST}; without meaning for its pace
 * @param mirrored to the other side
 * @param reversed backwards in time
 * @param stretched over all that is left of the shot; else it takes as long as in the film
 * @param begins the frame of the shot at which it begins, with the framing that is there; a pace always takes the whole shot
 * @param noRoom what happens where the picture ends
 */
public record TracedWish(
        Part part, double strength, boolean mirrored, boolean reversed, boolean stretched, int begins, NoRoom noRoom) {
    /** All of the move, over all of the shot. */
    public static final TracedWish USUAL = new TracedWish(Part.MOVE, 100, false, false, true, 0, NoRoom.SEALED);

    /** What of the camera. */
    public enum Part {
        MOVE("The move", "The smooth move as keys."),
        BOTH("Move and shake", "The smooth move as keys, and the shake under it."),
        SHAKE("The shake", "The shake alone, under the move that is there."),
        PACE("The pace", "When it leaves and how long it rests, on the framings that are there.");

        private final String words;
        private final String use;

        Part(String words, String use) {
            this.words = words;
            this.use = use;
        }

        public String words() {
            return words;
        }

        /** In a sentence. */
        public String use() {
            return use;
        }

        boolean moves() {
            return this == MOVE || this == BOTH;
        }

        boolean shakes() {
            return this == SHAKE || this == BOTH;
        }
    }

    /** What is done where the picture has no room for it. */
    public enum NoRoom {
        SMALLER("Make it smaller"),
        SEALED("Seal it"),
        KEPT("Keep its size");

        private final String words;

        NoRoom(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public TracedWish {
        if (!(strength > 0 && strength <= ShakeLayer.MOST)) {
            throw new IllegalArgumentException("a strength is above 0 and at most 300 %, not " + strength);
        }
        if (begins < 0) {
            throw new IllegalArgumentException("a move begins at a frame of its shot, not at " + begins);
        }
    }

    public TracedWish withPart(Part other) {
        return new TracedWish(other, strength, mirrored, reversed, stretched, begins, noRoom);
    }

    public TracedWish withStrength(double percent) {
        return new TracedWish(part, percent, mirrored, reversed, stretched, begins, noRoom);
    }

    public TracedWish withMirrored(boolean is) {
        return new TracedWish(part, strength, is, reversed, stretched, begins, noRoom);
    }

    public TracedWish withReversed(boolean is) {
        return new TracedWish(part, strength, mirrored, is, stretched, begins, noRoom);
    }

    public TracedWish withStretched(boolean is) {
        return new TracedWish(part, strength, mirrored, reversed, is, begins, noRoom);
    }

    public TracedWish withBegins(int frame) {
        return new TracedWish(part, strength, mirrored, reversed, stretched, frame, noRoom);
    }

    public TracedWish withNoRoom(NoRoom other) {
        return new TracedWish(part, strength, mirrored, reversed, stretched, begins, other);
    }
}
