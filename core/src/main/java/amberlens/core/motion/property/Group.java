package amberlens.core.motion.property;

/** What a property belongs to, in the order in which people read them. */
public enum Group {
    /** Where the picture stands in the frame; every camera has these. */
    POSE(true),
    /** How the picture leans out of the frame's plane. */
    DEPTH(true),
    /** How a shot lies over what is below it, and how its footage runs. */
    LAYER(false),
    /** How the picture is seen: what a shot's looks change. */
    LOOK(false),
    /** How loud a sound is; no camera has these. */
    SOUND(false);

    private final boolean ofMove;

    Group(boolean ofMove) {
        this.ofMove = ofMove;
    }

    /** Whether it is part of what a camera does, and goes with the move. */
    public boolean ofMove() {
        return ofMove;
    }
}
