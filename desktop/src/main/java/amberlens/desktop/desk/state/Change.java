package amberlens.desktop.desk.state;

/** What a listener of the desk is told has changed. */
public enum Change {
    /** The project, or how it looks during a gesture. */
    PROJECT,
    SELECTION,
    PLAYHEAD,
    /** Which file the project belongs to, or whether it is saved. */
    FILE,
    /** A picture has been read, or could not be. */
    PICTURES,
    /** Something was found in a picture. */
    MARKS,
    /** A sound has been read, more is known of it, or it cannot be read. */
    SOUNDS,
    /** Playing, stopped, or looping. */
    PLAYING,
    /** The message of the status line. */
    MESSAGE,
    /** How the project is looked at: guides, delivery guides, tools, what the Lens shows. */
    VIEW,
    /** Exports that wait, run or have ended. */
    EXPORTS,
    /** A preference. */
    PREFERENCES
}
