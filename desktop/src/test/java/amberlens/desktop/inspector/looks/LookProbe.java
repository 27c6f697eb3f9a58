package amberlens.desktop.inspector.looks;

import amberlens.core.base.geometry.FramePoint;
import amberlens.desktop.desk.state.Desk;

/** Tells tests where the places of looks are. */
public final class LookProbe {
    private LookProbe() {}

    /** The first place of the selected shot's looks that changes something, in frame pixels. */
    public static FramePoint grip(Desk desk, String what) {
        return LookShapes.shown(desk, desk.cursor().selectedShot().orElseThrow()).grips().stream()
                .filter(grip -> grip.what().equals(what))
                .findFirst()
                .orElseThrow()
                .at();
    }
}
