package amberlens.desktop.score;

import amberlens.core.keys.KeySet;
import amberlens.core.model.Shot;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Store;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;

/** What the painters of the Score share while it is painted once. */
record Painting(
        GraphicsContext pen,
        ScoreLayout plan,
        Shot shot,
        KeySet selected,
        Set<Integer> selectedFrames,
        Store store,
        Services services,
        ScoreView view) {}
