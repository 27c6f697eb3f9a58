package amberlens.desktop.desk.menu;

/** What may be pointed at to ask what can be done with it. */
public enum MenuTarget {
    SHOT,
    /** A clip of sound. */
    SOUND,
    KEYS,
    LEG,
    FRAMING,
    /** A moment of the shot with nothing of the above. */
    TIME,
    GATE,
    OUTPUT
}
