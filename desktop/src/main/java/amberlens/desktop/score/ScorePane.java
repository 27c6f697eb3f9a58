package amberlens.desktop.score;

import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Subscription;
import amberlens.desktop.services.Services;
import javafx.scene.layout.BorderPane;

/** The Score with its controls. */
public final class ScorePane extends BorderPane implements Subscription {
    private final ScoreSurface surface;
    private final ScoreBar bar;
    private final Subscription subscription;

    public ScorePane(Desk desk, Services services) {
        surface = new ScoreSurface(desk, services);
        surface.setId("score-surface");
        new ScoreHands(desk, surface);
        bar = new ScoreBar(desk, surface);
        setTop(bar);
        setCenter(surface);
        getStyleClass().add("score-pane");
        setMinHeight(120);
        subscription = desk.subscribe(changes -> {
            if (changes.concern(desk.cursor().selection().shotId())) {
                surface.redraw();
                bar.refresh();
            }
        });
        surface.whenViewChanges(bar::refresh);
        bar.refresh();
    }

    /** Pulls all lanes tall, or closes them; tall lanes show the curves. */
    public void toggleCurves() {
        surface.view().setAllTall(!surface.view().anyTall());
    }

    /** Shows more time with a factor above 1, less with one below, about the playhead. */
    public void zoomTime(double factor) {
        ScoreLayout plan = surface.plan();
        surface.view().zoomTime(surface.playheadTime(), factor, plan.from(), plan.shown());
    }

    @Override
    public void close() {
        subscription.close();
    }
}
