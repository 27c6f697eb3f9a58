package amberlens.desktop.desk.commands;

import amberlens.core.motion.keys.KeySet;

/** Names of steps that act on some keys. */
public final class KeyWords {
    private KeyWords() {}

    /** For example "move of a key" or "move of 3 keys". */
    public static String of(String deed, KeySet keys) {
        return deed + " of " + (keys.size() == 1 ? "a key" : keys.size() + " keys");
    }
}
