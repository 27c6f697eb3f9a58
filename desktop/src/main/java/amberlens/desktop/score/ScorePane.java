package amberlens.desktop.score;

import amberlens.desktop.services.Services;
import amberlens.desktop.store.Store;
import amberlens.desktop.store.Subscription;
import javafx.scene.layout.StackPane;

/** The Score. */
public final class ScorePane extends StackPane implements Subscription {
    private final Subscription subscription;

    public ScorePane(Store store, Services services) {
        ScoreSurface surface = new ScoreSurface(store, services);
        surface.setId("score-surface");
        new ScoreDragging(store, surface);
        getChildren().add(surface);
        getStyleClass().add("score-pane");
        setMinHeight(120);
        subscription = store.subscribe(_ -> surface.redraw());
    }

    @Override
    public void close() {
        subscription.close();
    }
}
