package amberlens.desktop.score;

import amberlens.desktop.look.Gesture;
import amberlens.desktop.store.Store;
import javafx.scene.input.MouseEvent;

/** The playhead follows the pointer. */
final class Scrub implements Gesture {
    private final Store store;
    private final ScoreSurface surface;

    Scrub(Store store, ScoreSurface surface, MouseEvent press) {
        this.store = store;
        this.surface = surface;
        drag(press);
    }

    @Override
    public void drag(MouseEvent event) {
        store.transport().setPlaying(false);
        store.seekInShot(surface.plan().frame(event.getX()));
    }
}
