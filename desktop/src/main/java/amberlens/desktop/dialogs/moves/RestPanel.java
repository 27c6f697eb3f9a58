package amberlens.desktop.dialogs.moves;

import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.RestEdits;
import amberlens.core.edit.edits.RestEdits.Following;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.Rest;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.kit.style.Overlay;
import java.util.Locale;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;

/** Asks how long the camera shall rest at the playhead, and what becomes of what follows. */
final class RestPanel extends FormPanel {
    private static final double USUAL_SECONDS = 0.5;

    private final Desk desk;
    private final Overlay overlay;
    private final Shot shot;
    private final int frame;
    private final RadioButton squeezed = new RadioButton("Squeeze it into the rest of the shot");
    private double seconds;

    RestPanel(Desk desk, Overlay overlay, Shot shot, int frame) {
        super("Rest here", "Rest", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        this.shot = shot;
        this.frame = frame;
        int was = Rest.at(shot.camera(), frame).was();
        seconds = was > 0 ? rate().seconds(was) : USUAL_SECONDS;
        NumberField field = new NumberField(2, "How long the camera rests, in seconds", value -> seconds = value);
        field.setId("rest-seconds");
        field.show(seconds);
        row("Seconds", field);
        explain("In whole frames. 0 takes the rest away.");
        var choice = new ToggleGroup();
        var pushed = new RadioButton("Push it on; the shot lasts longer where it would be cut off");
        pushed.setId("rest-push");
        squeezed.setId("rest-squeeze");
        pushed.setToggleGroup(choice);
        squeezed.setToggleGroup(choice);
        pushed.setSelected(true);
        row("What follows", pushed);
        row("", squeezed);
    }

    private FrameRate rate() {
        return desk.document().project().frame().rate();
    }

    @Override
    protected void take() {
        int frames = rate().frames(seconds);
        int most = squeezed.isSelected()
                ? Rest.at(shot.camera(), frame).mostSqueezed(shot.lastFrame())
                : Shot.LONGEST - shot.length();
        if (!(seconds >= 0) || frames > most) {
            throw new IllegalArgumentException(
                    String.format(Locale.ROOT, "A rest here has 0 to %.2f seconds.", rate().seconds(most)));
        }
        Following following = squeezed.isSelected() ? Following.SQUEEZED : Following.PUSHED;
        desk.document().apply(RestEdits.rest(shot.id(), frame, frames, following));
        overlay.close();
    }
}
