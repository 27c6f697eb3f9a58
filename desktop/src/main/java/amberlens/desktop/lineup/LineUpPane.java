package amberlens.desktop.lineup;

import amberlens.core.model.Media;
import amberlens.core.model.Shot;
import amberlens.desktop.commands.ShotLength;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Subscription;
import amberlens.desktop.intake.DropPlace;
import amberlens.desktop.intake.Drops;
import amberlens.desktop.intake.PictureLaying;
import amberlens.desktop.menu.Menus;
import amberlens.desktop.menu.Spot;
import amberlens.desktop.services.Services;
import amberlens.desktop.style.DropSign;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.scene.input.DragEvent;
import javafx.scene.layout.StackPane;

/** The Line-up band. */
public final class LineUpPane extends StackPane implements Subscription {
    private final Desk desk;
    private final LineUpSurface surface;
    private final HeightGrip grip;
    private final PictureLaying laying;
    private final DropSign sign = new DropSign();
    private final BiConsumer<Set<String>, String> replacing;
    private final Subscription subscription;

    /**
     * @param drops brings what is dropped
     * @param laying makes shots of it
     * @param lengths changes the length of a shot
     * @param replacing shows other media, by their id, in some shots
     */
    public LineUpPane(
            Desk desk,
            Services services,
            Menus menus,
            Drops drops,
            PictureLaying laying,
            ShotLength lengths,
            BiConsumer<Set<String>, String> replacing) {
        this.replacing = replacing;
        this.desk = desk;
        this.laying = laying;
        surface = new LineUpSurface(desk, services);
        surface.setId("lineup-surface");
        var hands = new LineUpHands(desk, surface, lengths);
        surface.setOnContextMenuRequested(event -> {
            if (hands.pointAt(event.getX(), event.getY())) {
                menus.show(Spot.SHOT, surface, event);
            }
        });
        grip = new HeightGrip(desk.preferences(), this::fitHeight);
        getChildren().addAll(surface, grip, sign);
        getStyleClass().add("lineup-pane");
        sign.getStyleClass().add("clear");
        drops.serve(this, new Place());
        subscription = desk.subscribe(_ -> {
            fitHeight();
            surface.redraw();
        });
        surface.scaleProperty().subscribe(this::fitHeight);
        fitHeight();
    }

    /** The band grows with its tracks, the text size and what its border was dragged to. */
    private void fitHeight() {
        double height = LineUpLayout.bandHeight(desk.document().project())
                * surface.scaleProperty().get()
                * grip.times();
        setMinHeight(height);
        setMaxHeight(height);
    }

    /** Shows the whole line-up. */
    public void showAll() {
        surface.view().showAll();
        surface.redraw();
    }

    /** A picture dropped on the middle of a shot takes the place of its picture; between shots pictures become new ones. */
    private final class Place implements DropPlace {
        @Override
        public void over(DragEvent event) {
            boolean single = Drops.isSingle(event);
            Optional<Shot> onto = replaced(single, event.getX(), event.getY());
            sign.show(Drops.words(event, onto, replaced(true, event.getX(), event.getY())));
            surface.showDrop(onto.isPresent() ? OptionalDouble.empty() : OptionalDouble.of(surface.own(event.getX())));
            surface.showReplaced(onto.map(Shot::id));
        }

        @Override
        public void gone() {
            sign.hide();
            surface.showDrop(OptionalDouble.empty());
            surface.showReplaced(Optional.empty());
        }

        @Override
        public void take(List<Media> media, double x, double y) {
            Optional<Shot> onto = replaced(media.size() == 1, x, y);
            if (onto.isPresent()) {
                Set<String> shots =
                        desk.cursor().selection().includes(onto.get().id())
                                ? desk.cursor().selection().shots()
                                : Set.of(onto.get().id());
                replacing.accept(shots, media.getFirst().id());
            } else {
                laying.at(media, surface.plan().place(surface.own(x), 1, Optional.empty()));
            }
        }

        private Optional<Shot> replaced(boolean single, double x, double y) {
            return single ? surface.plan().replacedBy(surface.own(x), surface.own(y)) : Optional.empty();
        }
    }

    @Override
    public void close() {
        subscription.close();
    }
}
