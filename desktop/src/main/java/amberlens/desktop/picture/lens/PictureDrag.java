package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.commands.KeptInside;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.picture.handling.PoseSnap;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.MouseEvent;

/** The picture dragged in the Lens; shift keeps it to one axis. */
final class PictureDrag extends EditDrag {
    /** How near something has to be to snap, in screen pixels. */
    private static final double SNAP = 6;

    private final LensSurface surface;
    private final Pose start;
    private final FramePoint grabbed;
    private Optional<Pose> wanted = Optional.empty();

    PictureDrag(Desk desk, LensSurface surface, MouseEvent press) {
        super(desk);
        this.surface = surface;
        start = desk.cursor().pose().orElseThrow();
        grabbed = surface.toFrame(press.getX(), press.getY());
    }

    @Override
    public void drag(MouseEvent event) {
        desk.cursor().enterShot();
        FramePoint moved = surface.toFrame(event.getX(), event.getY()).minus(grabbed);
        if (event.isShiftDown()) {
            boolean across = Math.abs(moved.x()) >= Math.abs(moved.y());
            moved = across ? new FramePoint(moved.x(), 0) : new FramePoint(0, moved.y());
        }
        Pose wanted = start.withPosition(start.position().plus(moved));
        boolean snaps = desk.preferences().snapping() && !event.isShortcutDown();
        PoseSnap.Snapped snapped = snaps ? snapped(wanted) : new PoseSnap.Snapped(wanted, List.of());
        desk.tools().setSnapLines(snapped.lines());
        Pose pose = snapped.pose();
        this.wanted = Optional.of(pose);
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .show(desk.setFraming("move picture", shot.id(), desk.cursor().shotFrame(), pose)));
    }

    private PoseSnap.Snapped snapped(Pose wanted) {
        Shot shot = desk.cursor().selectedShot().orElseThrow();
        Size frame = desk.document().project().frameSize();
        List<PicturePoint> others = Framings.of(shot.camera()).stream()
                .filter(at -> at != desk.cursor().shotFrame())
                .map(at -> desk.document().project().pose(shot, at).gateCentre(frame))
                .toList();
        double reach = SNAP / surface.zoom() / wanted.scale().factorX();
        return new PoseSnap(desk.document().project().judged(shot), others, reach).moved(start, wanted);
    }

    @Override
    public void drop(MouseEvent event) {
        desk.tools().setSnapLines(List.of());
        super.drop(event);
        wanted.ifPresent(pose -> KeptInside.tellWhenStopped(desk, pose, "the picture"));
    }

    @Override
    public void cancel() {
        desk.tools().setSnapLines(List.of());
        super.cancel();
    }
}
