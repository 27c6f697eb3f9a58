package amberlens.desktop.picture.handling;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.edit.edits.FramingEdits;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import java.util.List;
import java.util.function.Function;
import javafx.scene.input.MouseEvent;

/** Several framings moved together over the picture, one of them held by the pointer; shift keeps to one axis. */
public final class FramingsDrag extends EditDrag {
    private final List<Integer> frames;
    private final int held;
    private final PicturePoint grabbed;
    private final Function<MouseEvent, PicturePoint> pointer;

    public FramingsDrag(
            Desk desk,
            List<Integer> frames,
            int held,
            PicturePoint grabbed,
            Function<MouseEvent, PicturePoint> pointer) {
        super(desk);
        this.frames = List.copyOf(frames);
        this.held = held;
        this.grabbed = grabbed;
        this.pointer = pointer;
    }

    @Override
    public void drag(MouseEvent event) {
        PicturePoint now = pointer.apply(event);
        double dx = now.x() - grabbed.x();
        double dy = now.y() - grabbed.y();
        if (event.isShiftDown()) {
            boolean across = Math.abs(dx) >= Math.abs(dy);
            dx = across ? dx : 0;
            dy = across ? 0 : dy;
        }
        double x = dx;
        double y = dy;
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .show(FramingEdits.moveOver(shot.id(), frames, x, y)));
    }

    @Override
    public void click(MouseEvent event) {
        if (!event.isShiftDown()) {
            desk.cursor().select(new Selection.Framing(held));
            desk.cursor().seekInShot(held);
        }
    }
}
