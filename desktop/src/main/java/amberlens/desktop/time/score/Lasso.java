package amberlens.desktop.time.score;

import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.KeyRef;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.property.Lane;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Gesture;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.input.MouseEvent;

/** A rectangle drawn over the lanes selects the keys in it; with shift it adds to those selected. A click selects nothing. */
final class Lasso implements Gesture {
    private final Desk desk;
    private final ScoreSurface surface;
    private final Shot shot;
    private final KeySet before;
    private final Selection.Part partBefore;
    private final double pressX;
    private final double pressY;

    Lasso(Desk desk, ScoreSurface surface, MouseEvent press) {
        this.desk = desk;
        this.surface = surface;
        shot = desk.cursor().selectedShot().orElseThrow();
        before = press.isShiftDown() ? desk.cursor().selectedKeys() : KeySet.NONE;
        partBefore = desk.cursor().selection().part();
        pressX = press.getX();
        pressY = press.getY();
    }

    @Override
    public void drag(MouseEvent event) {
        var box = new Rectangle2D(
                Math.min(pressX, event.getX()),
                Math.min(pressY, event.getY()),
                Math.abs(event.getX() - pressX),
                Math.abs(event.getY() - pressY));
        surface.view().setLasso(Optional.of(box));
        KeySet keys = before.with(inside(box));
        desk.cursor().select(keys.isEmpty() ? new Selection.Nothing() : new Selection.Keys(keys));
    }

    private KeySet inside(Rectangle2D box) {
        ScoreLayout plan = surface.plan();
        List<KeyRef> found = new ArrayList<>();
        for (Lane lane : plan.lanes().keySet()) {
            Bead.of(shot, lane, plan, surface.view()).stream()
                    .filter(bead -> box.contains(bead.x(), bead.y()))
                    .map(Bead::key)
                    .forEach(found::add);
        }
        return KeySet.of(found);
    }

    @Override
    public void drop(MouseEvent event) {
        surface.view().setLasso(Optional.empty());
    }

    @Override
    public void click(MouseEvent event) {
        if (!event.isShiftDown()) {
            desk.cursor().select(new Selection.Nothing());
            desk.cursor().transport().setPlaying(false);
            desk.cursor().seekInShot(surface.plan().frame(event.getX()));
        }
    }

    @Override
    public void cancel() {
        surface.view().setLasso(Optional.empty());
        desk.cursor().select(partBefore);
    }
}
