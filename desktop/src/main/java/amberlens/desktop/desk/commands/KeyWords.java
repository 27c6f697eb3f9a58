package amberlens.desktop.desk.commands;

import amberlens.core.motion.keys.KeySet;

/** Names of steps that act on some keys. */
public final class KeyWords {
    private KeyWords() {}

    /** For example "move key" or "move 3 keys". */
    public static String of(String deed, KeySet keys) {
        return deed + " " + (keys.size() == 1 ? "key" : keys.size() + " keys");
    }
}
