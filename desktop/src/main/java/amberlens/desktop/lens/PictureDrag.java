package amberlens.desktop.lens;

import amberlens.core.edit.CameraEdits;
import amberlens.core.geometry.FramePoint;
import amberlens.core.motion.Pose;
import amberlens.desktop.commands.EditDrag;
import amberlens.desktop.store.Store;
import javafx.scene.input.MouseEvent;

/** The picture dragged in the Lens; shift keeps it to one axis. */
final class PictureDrag extends EditDrag {
    private final LensSurface surface;
    private final Pose start;
    private final FramePoint grabbed;

    PictureDrag(Store store, LensSurface surface, MouseEvent press) {
        super(store);
        this.surface = surface;
        start = store.pose().orElseThrow();
        grabbed = surface.toFrame(press.getX(), press.getY());
    }

    @Override
    public void drag(MouseEvent event) {
        store.enterShot();
        FramePoint moved = surface.toFrame(event.getX(), event.getY()).minus(grabbed);
        if (event.isShiftDown()) {
            boolean across = Math.abs(moved.x()) >= Math.abs(moved.y());
            moved = across ? new FramePoint(moved.x(), 0) : new FramePoint(0, moved.y());
        }
        Pose pose = start.withPosition(start.position().plus(moved));
        store.selectedShot()
                .ifPresent(shot ->
                        store.show(CameraEdits.setFraming("move of the picture", shot.id(), store.shotFrame(), pose)));
    }
}
