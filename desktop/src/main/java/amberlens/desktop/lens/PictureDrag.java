package amberlens.desktop.lens;

import amberlens.core.edit.CameraEdits;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;
import amberlens.core.model.Shot;
import amberlens.core.motion.Framings;
import amberlens.core.motion.Pose;
import amberlens.desktop.commands.EditDrag;
import amberlens.desktop.handling.PoseSnap;
import amberlens.desktop.store.Store;
import java.util.List;
import javafx.scene.input.MouseEvent;

/** The picture dragged in the Lens; shift keeps it to one axis. */
final class PictureDrag extends EditDrag {
    /** How near something has to be to snap, in screen pixels. */
    private static final double SNAP = 6;

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
        Pose wanted = start.withPosition(start.position().plus(moved));
        boolean snaps = store.preferences().snapping() && !event.isShortcutDown();
        PoseSnap.Snapped snapped = snaps ? snapped(wanted) : new PoseSnap.Snapped(wanted, List.of());
        store.viewing().setSnapLines(snapped.lines());
        Pose pose = snapped.pose();
        store.selectedShot()
                .ifPresent(shot ->
                        store.show(CameraEdits.setFraming("move of the picture", shot.id(), store.shotFrame(), pose)));
    }

    private PoseSnap.Snapped snapped(Pose wanted) {
        Shot shot = store.selectedShot().orElseThrow();
        Size frame = store.project().frameSize();
        List<PicturePoint> others = Framings.of(shot.camera()).stream()
                .filter(at -> at != store.shotFrame())
                .map(at -> shot.camera().at(at).gateCentre(frame))
                .toList();
        double reach = SNAP / surface.zoom() / wanted.scale().factorX();
        return new PoseSnap(store.project().judged(shot), others, reach).moved(start, wanted);
    }

    @Override
    public void drop(MouseEvent event) {
        store.viewing().setSnapLines(List.of());
        super.drop(event);
    }

    @Override
    public void cancel() {
        store.viewing().setSnapLines(List.of());
        super.cancel();
    }
}
