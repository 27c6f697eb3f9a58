package amberlens.desktop.time.score;

import amberlens.core.motion.property.Property;
import amberlens.desktop.desk.menu.Menus;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.work.services.Services;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.layout.BorderPane;

/** The Score with its controls. */
public final class ScorePane extends BorderPane implements Subscription {
    private final Desk desk;
    private final ScoreSurface surface;
    private final ScoreBar bar;
    private final Subscription subscription;
    private final Subscription ready;

    public ScorePane(Desk desk, Services services, Menus menus) {
        this.desk = desk;
        surface = new ScoreSurface(desk, services);
        surface.setId("score-surface");
        var hands = new ScoreHands(desk, surface);
        surface.setOnContextMenuRequested(
                event -> hands.pointAt(event.getX(), event.getY()).ifPresent(spot -> menus.show(spot, surface, event)));
        bar = new ScoreBar(desk, surface);
        setTop(bar);
        setCenter(surface);
        getStyleClass().add("score-pane");

        subscription = desk.subscribe(changes -> {
            if (changes.concern(desk.cursor().selection().shotId())) {
                surface.redraw();
                bar.refresh();
            }
        });
        ready = services.made().whenChanged(surface::redraw);
        surface.whenViewChanges(bar::refresh);
        bar.refresh();
    }

    /** Pulls all lanes tall, or closes them; tall lanes show the curves. */
    public void toggleCurves() {
        surface.view()
                .setAllTall(
                        surface.view().anyTall()
                                ? List.of()
                                : ScoreLayout.lanesOf(desk.cursor().selectedShot()));
    }

    /** Pulls the lanes of the selected keys tall, or makes them small again; all lanes when no key is selected. */
    public void toggleTall() {
        Set<Property<?>> chosen = desk.cursor().selectedKeys().stream()
                .map(key -> key.lane().property())
                .collect(Collectors.toSet());
        if (chosen.isEmpty()) {
            toggleCurves();
        } else {
            boolean tall = !chosen.stream().allMatch(surface.view()::isTall);
            chosen.forEach(property -> surface.view().setTall(property, tall));
        }
    }

    /** Shows more time with a factor above 1, less with one below, about the playhead. */
    public void zoomTime(double factor) {
        ScoreLayout plan = surface.plan();
        surface.view().zoomTime(surface.playheadTime(), factor, plan.from(), plan.shown());
    }

    @Override
    public void close() {
        subscription.close();
        ready.close();
    }
}
