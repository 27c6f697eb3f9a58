package amberlens.desktop.time.score;

import amberlens.core.edit.edits.Inside;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.KeyOrder;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.KeyValues;
import amberlens.core.motion.keys.Retiming;
import amberlens.core.motion.property.Lane;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.commands.KeyWords;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.input.MouseEvent;

/**
 * Keys dragged together with their spacing kept: the one under the pointer leads. With alt copies are dragged. In a tall lane
 * the values of that lane's keys follow the pointer too; shift keeps to time or to value.
 */
final class KeysDrag extends EditDrag {
    private final ScoreSurface surface;
    private final Shot shot;
    private final KeySet keys;
    private final int lead;
    private final Optional<Bead> tall;
    private final boolean framing;
    private final double pressX;
    private final double pressY;
    private final Snap snap;
    private int target;

    /**
     * @param lead the frame of the key under the pointer
     * @param tall the bead under the pointer when its value follows
     * @param framing whether a card is dragged, which stays selected as one
     */
    KeysDrag(
            Desk desk,
            ScoreSurface surface,
            MouseEvent press,
            KeySet keys,
            int lead,
            Optional<Bead> tall,
            boolean framing) {
        super(desk);
        this.surface = surface;
        this.shot = desk.cursor().selectedShot().orElseThrow();
        this.keys = keys;
        this.lead = lead;
        this.tall = tall;
        this.framing = framing;
        pressX = press.getX();
        pressY = press.getY();
        snap = new Snap(desk, shot, shot.camera(), keys, surface.beats());
        target = lead;
    }

    @Override
    public void drag(MouseEvent event) {
        ScoreLayout plan = surface.plan();
        double across = event.getX() - pressX;
        double up = event.getY() - pressY;
        boolean both = tall.isPresent() && !event.isShiftDown();
        boolean alongTime = tall.isEmpty() || both || Math.abs(across) >= Math.abs(up);
        boolean alongValue = both || !alongTime;
        Retiming.Moved moved = inTime(alongTime ? across : 0, plan, event.isAltDown());
        CameraTrack camera = moved.camera();
        if (tall.isPresent() && alongValue) {
            camera = Inside.kept(desk.document().settled(), shot, valued(camera, moved.keys(), plan, up));
        }
        target = moved.keys().isEmpty() ? lead : lead + moved.keys().first() - keys.first();
        String deed = event.isAltDown() ? "copy" : alongTime ? "move" : "change";
        desk.cursor()
                .show(
                        ShotEdits.setCamera(framing ? deed + " framing" : KeyWords.of(deed, keys), shot.id(), camera),
                        framing ? new Selection.Framing(target) : new Selection.Keys(moved.keys()));
    }

    private Retiming.Moved inTime(double across, ScoreLayout plan, boolean copies) {
        double wanted = lead + across / plan.perFrame();
        OptionalInt caught = across == 0 ? OptionalInt.empty() : snap.near(wanted, plan.perFrame());
        int by = caught.orElse((int) Math.round(wanted)) - lead;
        Retiming.Moved moved = copies
                ? KeyOrder.copied(shot.camera(), keys, by, shot.lastFrame())
                : new Retiming(
                                shot.camera(),
                                keys,
                                shot.lastFrame(),
                                desk.preferences().neighbours())
                        .shifted(by);
        surface.view().setSnapLine(caught);
        return moved;
    }

    private CameraTrack valued(CameraTrack camera, KeySet moved, ScoreLayout plan, double up) {
        Lane lane = tall.orElseThrow().key().lane();
        LaneScale scale = LaneScale.of(surface.view(), plan, lane, LaneValues.of(shot, lane));
        double by = scale.value(pressY + up) - scale.value(pressY);
        return KeyValues.shifted(camera, moved, lane, tall.orElseThrow().part(), by);
    }

    @Override
    public void drop(MouseEvent event) {
        surface.view().setSnapLine(OptionalInt.empty());
        super.drop(event);
        desk.cursor().seekInShot(target);
    }

    @Override
    public void click(MouseEvent event) {
        if (!event.isShiftDown()) {
            desk.cursor().seekInShot(lead);
        }
    }

    @Override
    public void cancel() {
        surface.view().setSnapLine(OptionalInt.empty());
        super.cancel();
    }
}
