package amberlens.desktop.picture.handling;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.commands.KeptInside;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.input.MouseEvent;

/** A drag that changes the pose of one frame: the gate at the playhead, or a stored framing wherever the playhead is. */
public final class PoseDrag extends EditDrag {
    /** How near something has to be to snap, in screen pixels. */
    private static final double SNAP = 7;

    private final GateGesture change;
    private final Optional<Integer> framing;
    private final Function<MouseEvent, PicturePoint> pointer;
    private final double sourcePxPerScreenPx;
    private Optional<Pose> wanted = Optional.empty();

    /**
     * @param framing the frame of a stored framing; empty for the frame at the playhead
     * @param pointer where on the picture the pointer is, as the picture lay when the drag began
     * @param sourcePxPerScreenPx how far a screen pixel reaches on the picture
     */
    public PoseDrag(
            Desk desk,
            GateGesture change,
            Optional<Integer> framing,
            Function<MouseEvent, PicturePoint> pointer,
            double sourcePxPerScreenPx) {
        super(desk);
        this.change = change;
        this.framing = framing;
        this.pointer = pointer;
        this.sourcePxPerScreenPx = sourcePxPerScreenPx;
    }

    @Override
    public void drag(MouseEvent event) {
        if (framing.isEmpty()) {
            desk.cursor().enterShot();
        }
        Shot shot = desk.cursor().selectedShot().orElseThrow();
        Pose wanted = change.at(pointer.apply(event), event.isShiftDown(), event.isAltDown());
        boolean snaps = desk.preferences().snapping() && !event.isShortcutDown();
        PoseSnap.Snapped snapped = snaps ? snapped(shot, wanted) : new PoseSnap.Snapped(wanted, List.of());
        desk.tools().setSnapLines(snapped.lines());
        this.wanted = framing.isEmpty() ? Optional.of(snapped.pose()) : Optional.empty();
        String name = framing.isPresent() ? "move framing" : change.name();
        desk.document()
                .show(desk.setFraming(
                        name, shot.id(), framing.orElse(desk.cursor().shotFrame()), snapped.pose()));
    }

    private PoseSnap.Snapped snapped(Shot shot, Pose wanted) {
        Size frame = desk.document().project().frameSize();
        int own = framing.orElse(desk.cursor().shotFrame());
        List<PicturePoint> others = Framings.of(shot.camera()).stream()
                .filter(at -> at != own)
                .map(at -> desk.document().project().pose(shot, at).gateCentre(frame))
                .toList();
        var snap = new PoseSnap(desk.document().project().judged(shot), others, SNAP * sourcePxPerScreenPx);
        return switch (change) {
            case GateGesture.Move move -> snap.moved(move.start(), wanted);
            case GateGesture.Turn turn -> snap.turned(wanted, turn.start());
            default -> new PoseSnap.Snapped(wanted, List.of());
        };
    }

    @Override
    public void drop(MouseEvent event) {
        desk.tools().setSnapLines(List.of());
        super.drop(event);
        wanted.ifPresent(pose -> KeptInside.tellWhenStopped(desk, pose, "the gate"));
    }

    @Override
    public void cancel() {
        desk.tools().setSnapLines(List.of());
        super.cancel();
    }

    @Override
    public void click(MouseEvent event) {
        framing.ifPresent(frame -> {
            desk.cursor().select(new Selection.Framing(frame));
            desk.cursor().seekInShot(frame);
        });
    }
}
