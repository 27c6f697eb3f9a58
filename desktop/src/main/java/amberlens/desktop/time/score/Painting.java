package amberlens.desktop.time.score;

import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.KeySet;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.work.services.Services;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;

/** What the painters of the Score share while it is painted once. */
record Painting(
        GraphicsContext pen,
        ScoreLayout plan,
        Shot shot,
        KeySet selected,
        Set<Integer> selectedFrames,
        Desk desk,
        Services services,
        ScoreView view) {}
