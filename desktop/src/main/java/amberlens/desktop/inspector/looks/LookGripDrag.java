package amberlens.desktop.inspector.looks;

import amberlens.core.base.geometry.FramePoint;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import java.util.function.Function;
import javafx.scene.input.MouseEvent;

/** Changes an amount of a look by its place in the picture. */
public final class LookGripDrag extends EditDrag {
    private final LookGrip grip;
    private final Function<MouseEvent, FramePoint> inFrame;
    private final FramePoint off;

    /** @param inFrame where in the frame the pointer is */
    public LookGripDrag(Desk desk, LookGrip grip, Function<MouseEvent, FramePoint> inFrame, MouseEvent press) {
        super(desk);
        this.grip = grip;
        this.inFrame = inFrame;
        off = grip.at().minus(inFrame.apply(press));
    }

    @Override
    public void drag(MouseEvent event) {
        desk.cursor().enterShot();
        desk.document().show(grip.dragged().apply(inFrame.apply(event).plus(off)));
    }
}
