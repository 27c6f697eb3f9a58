package amberlens.desktop.score;

import amberlens.core.keys.KeySet;
import amberlens.core.model.Shot;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.services.Services;
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
