package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import java.util.Locale;
import javafx.scene.input.MouseEvent;

/** The footage moved under its shot: dragged to the right, the shot begins earlier in it. */
final class SlipDrag extends EditDrag {
    private final Shot shot;
    private final double pressX;
    private final double perFrame;

    SlipDrag(Desk desk, Shot shot, double pressX, double perFrame) {
        super(desk);
        this.shot = shot;
        this.pressX = pressX;
        this.perFrame = perFrame;
    }

    @Override
    public void drag(MouseEvent event) {
        desk.document().show(LineUpEdits.slip(shot.id(), Math.rint((pressX - event.getX()) / perFrame)));
        desk.document()
                .project()
                .shot(shot.id())
                .ifPresent(now -> desk.say(String.format(
                        Locale.ROOT,
                        "The shot begins at frame %.0f of its footage.",
                        now.source().in())));
    }

    @Override
    public void cancel() {
        desk.say("");
        super.cancel();
    }
}
