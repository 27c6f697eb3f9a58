package amberlens.desktop.lineup;

import amberlens.core.edit.ShotEdits;
import amberlens.core.edit.ShotEdits.Timing;
import amberlens.core.model.Shot;
import amberlens.desktop.commands.EditDrag;
import amberlens.desktop.commands.ShotLength;
import amberlens.desktop.store.Store;
import javafx.scene.input.MouseEvent;

/** The end of a shot dragged: it gets longer or shorter. What happens to its move is asked once. */
final class TrimDrag extends EditDrag {
    private final ShotLength lengths;
    private final Shot shot;
    private final double pressX;
    private final double perFrame;
    private int length;

    TrimDrag(Store store, ShotLength lengths, Shot shot, double pressX, double perFrame) {
        super(store);
        this.lengths = lengths;
        this.shot = shot;
        this.pressX = pressX;
        this.perFrame = perFrame;
        length = shot.length();
    }

    @Override
    public void drag(MouseEvent event) {
        int wanted = shot.length() + (int) Math.round((event.getX() - pressX) / perFrame);
        length = Math.clamp(wanted, 1, Shot.LONGEST);
        Timing timing = store.preferences().lengthTiming().orElse(Timing.KEEP);
        store.show(ShotEdits.setLength(shot.id(), length, timing));
    }

    @Override
    public void drop(MouseEvent event) {
        store.cancel();
        lengths.set(shot, length);
    }
}
