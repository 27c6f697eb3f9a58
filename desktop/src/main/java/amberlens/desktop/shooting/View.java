package amberlens.desktop.shooting;

/** The main views, and some of their states. */
public enum View {
    BENCH,
    EXPORT,
    LEG,
    FLIGHT,
    CURVES,
    KEYS,
    PATH,
    SEAL,
    ROOM,
    ENDS,
    DELIVERY,
    DELIVERIES,
    LAYERS,
    READY,
    CHECK,
    ADVICE,
    EVEN,
    QUEUE,
    DEPTH,
    LOOK,
    TITLE,
    SOUND,
    BEATS,
    DUCKING,
    SETTINGS,
    GUIDE,
    SHELF,
    FIRST_MOVE,
    EMPTY
}
