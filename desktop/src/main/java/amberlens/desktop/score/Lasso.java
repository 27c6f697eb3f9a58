package amberlens.desktop.score;

import amberlens.core.keys.KeyRef;
import amberlens.core.keys.KeySet;
import amberlens.core.model.Shot;
import amberlens.core.motion.Lane;
import amberlens.desktop.look.Gesture;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.input.MouseEvent;

/** A rectangle drawn over the lanes selects the keys in it; with shift it adds to those selected. A click selects nothing. */
final class Lasso implements Gesture {
    private final Store store;
    private final ScoreSurface surface;
    private final Shot shot;
    private final KeySet before;
    private final Selection.Part partBefore;
    private final double pressX;
    private final double pressY;

    Lasso(Store store, ScoreSurface surface, MouseEvent press) {
        this.store = store;
        this.surface = surface;
        shot = store.selectedShot().orElseThrow();
        before = press.isShiftDown() ? store.selectedKeys() : KeySet.NONE;
        partBefore = store.selection().part();
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
        store.select(keys.isEmpty() ? new Selection.Nothing() : new Selection.Keys(keys));
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
            store.select(new Selection.Nothing());
            store.transport().setPlaying(false);
            store.seekInShot(surface.plan().frame(event.getX()));
        }
    }

    @Override
    public void cancel() {
        surface.view().setLasso(Optional.empty());
        store.select(partBefore);
    }
}
