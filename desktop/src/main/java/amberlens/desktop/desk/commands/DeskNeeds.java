package amberlens.desktop.desk.commands;

import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.state.Desk;

/** What many actions need of the desk. */
public final class DeskNeeds {
    private DeskNeeds() {}

    public static Needs shot(Desk desk) {
        return Needs.of("a selected shot", () -> desk.cursor().selectedShot().isPresent());
    }

    /** A shot, or a clip of sound. */
    public static Needs something(Desk desk) {
        return Needs.of("a selected shot or sound", () -> desk.cursor().keyed().isPresent());
    }

    public static Needs sound(Desk desk) {
        return Needs.of(
                "a selected sound", () -> !desk.cursor().selection().sounds().isEmpty());
    }

    public static Needs sounds(Desk desk) {
        return Needs.of(
                "a sound in the Line-up",
                () -> !desk.document().project().sounds().isEmpty());
    }

    public static Needs shots(Desk desk) {
        return Needs.of(
                "a shot in the Line-up",
                () -> !desk.document().project().shots().isEmpty());
    }

    public static Needs severalShots(Desk desk) {
        return Needs.of(
                "more than one selected shot",
                () -> desk.cursor().selection().shots().size() > 1);
    }

    public static Needs keys(Desk desk) {
        return Needs.of("selected keys or a selected framing", () -> desk.cursor()
                .keyed()
                .filter(keyed -> !keyed.keys().isEmpty())
                .isPresent());
    }

    public static Needs footage(Desk desk) {
        return Needs.of("a selected shot of footage", () -> desk.cursor()
                .selectedShot()
                .filter(shot -> desk.document().project().mediaOf(shot).moves())
                .isPresent());
    }

    /** The playhead within the selected shot. */
    public static Needs inside(Desk desk) {
        return Needs.of("the playhead inside the selected shot", desk.cursor()::insideShot);
    }
}
