package amberlens.desktop.picture.path;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.edit.edits.PathEdits;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import java.util.function.Function;
import javafx.scene.input.MouseEvent;

/** A path handle pulled; the other side turns with it, with alt it stays and the key becomes a corner. */
public final class PathGripDrag extends EditDrag {
    private final Shot shot;
    private final PathGrip grip;
    private final Function<MouseEvent, FramePoint> offset;

    /**
     * @param offset from the key to the pointer, in frame pixels
     */
    public PathGripDrag(Desk desk, Shot shot, PathGrip grip, Function<MouseEvent, FramePoint> offset) {
        super(desk);
        this.shot = shot;
        this.grip = grip;
        this.offset = offset;
    }

    @Override
    public void drag(MouseEvent event) {
        FramePoint pulled = offset.apply(event);
        if (event.isShiftDown()) {
            boolean across = Math.abs(pulled.x()) >= Math.abs(pulled.y());
            pulled = across ? new FramePoint(pulled.x(), 0) : new FramePoint(0, pulled.y());
        }
        desk.document().show(PathEdits.pull(shot.id(), grip.frame(), grip.end(), pulled, !event.isAltDown()));
    }

    @Override
    public void click(MouseEvent event) {
        if (event.getClickCount() == 2) {
            desk.document().apply(PathEdits.corner(shot.id(), grip.frame()));
        }
    }
}
