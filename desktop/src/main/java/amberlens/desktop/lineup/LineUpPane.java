package amberlens.desktop.lineup;

import amberlens.core.edges.Conform;
import amberlens.core.edit.ShotEdits;
import amberlens.core.model.Shot;
import amberlens.desktop.commands.ShotLength;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Subscription;
import amberlens.desktop.services.Services;
import amberlens.desktop.style.DragFormats;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.StackPane;

/** The Line-up band. */
public final class LineUpPane extends StackPane implements Subscription {
    private final Desk desk;
    private final LineUpSurface surface;
    private final Supplier<Conform> conform;
    private final BiConsumer<Set<String>, String> replacing;
    private final Subscription subscription;

    /**
     * @param conform how a dropped picture is laid into the frame
     * @param lengths changes the length of a shot
     * @param replacing shows other media, by their id, in some shots
     */
    public LineUpPane(
            Desk desk,
            Services services,
            Supplier<Conform> conform,
            ShotLength lengths,
            BiConsumer<Set<String>, String> replacing) {
        this.replacing = replacing;
        this.desk = desk;
        this.conform = conform;
        surface = new LineUpSurface(desk, services);
        surface.setId("lineup-surface");
        new LineUpHands(desk, surface, lengths);
        getChildren().add(surface);
        getStyleClass().add("lineup-pane");
        setOnDragOver(this::over);
        setOnDragExited(_ -> leave());
        setOnDragDropped(this::dropped);
        subscription = desk.subscribe(_ -> {
            fitHeight();
            surface.redraw();
        });
        fitHeight();
    }

    /** The band grows with its tracks. */
    private void fitHeight() {
        double height = LineUpLayout.bandHeight(desk.document().project());
        setMinHeight(height);
        setMaxHeight(height);
    }

    /** Shows the whole line-up. */
    public void showAll() {
        surface.view().showAll();
        surface.redraw();
    }

    private void over(DragEvent event) {
        if (event.getDragboard().hasContent(DragFormats.MEDIA)) {
            event.acceptTransferModes(TransferMode.COPY);
            Optional<Shot> onto = surface.plan().replacedBy(event.getX(), event.getY());
            surface.showDrop(onto.isPresent() ? OptionalDouble.empty() : OptionalDouble.of(event.getX()));
            surface.showReplaced(onto.map(Shot::id));
            event.consume();
        }
    }

    private void leave() {
        surface.showDrop(OptionalDouble.empty());
        surface.showReplaced(Optional.empty());
    }

    /** A picture dropped on the middle of a shot takes the place of its picture; dropped between shots it becomes a new one. */
    private void dropped(DragEvent event) {
        leave();
        if (!(event.getDragboard().getContent(DragFormats.MEDIA) instanceof String id)) {
            return;
        }
        Optional<Shot> onto = surface.plan().replacedBy(event.getX(), event.getY());
        if (onto.isPresent()) {
            Set<String> shots = desk.cursor().selection().includes(onto.get().id())
                    ? desk.cursor().selection().shots()
                    : Set.of(onto.get().id());
            replacing.accept(shots, id);
        } else {
            int place = surface.plan().place(event.getX(), 1, Optional.empty());
            desk.document().project().media(id).ifPresent(media -> desk.document()
                    .apply(ShotEdits.add(media, conform.get(), place)));
        }
        event.setDropCompleted(true);
        event.consume();
    }

    @Override
    public void close() {
        subscription.close();
    }
}
