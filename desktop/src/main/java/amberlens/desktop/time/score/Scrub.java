package amberlens.desktop.time.score;

import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Gesture;
import javafx.scene.input.MouseEvent;

/** The playhead follows the pointer. */
final class Scrub implements Gesture {
    private final Desk desk;
    private final ScoreSurface surface;

    Scrub(Desk desk, ScoreSurface surface, MouseEvent press) {
        this.desk = desk;
        this.surface = surface;
        drag(press);
    }

    @Override
    public void drag(MouseEvent event) {
        desk.cursor().transport().setPlaying(false);
        desk.cursor().seekInShot(surface.plan().frame(event.getX()));
    }
}
