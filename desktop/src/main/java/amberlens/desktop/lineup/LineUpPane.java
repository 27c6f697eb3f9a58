package amberlens.desktop.lineup;

import amberlens.core.edges.Conform;
import amberlens.core.edit.ShotEdits;
import amberlens.desktop.commands.ShotLength;
import amberlens.desktop.look.DragFormats;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Store;
import amberlens.desktop.store.Subscription;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.StackPane;

/** The Line-up band. */
public final class LineUpPane extends StackPane implements Subscription {
    private final Store store;
    private final LineUpSurface surface;
    private final Supplier<Conform> conform;
    private final Subscription subscription;

    /**
     * @param conform how a dropped picture is laid into the frame
     * @param lengths changes the length of a shot
     */
    public LineUpPane(Store store, Services services, Supplier<Conform> conform, ShotLength lengths) {
        this.store = store;
        this.conform = conform;
        surface = new LineUpSurface(store, services);
        surface.setId("lineup-surface");
        new LineUpHands(store, surface, lengths);
        getChildren().add(surface);
        getStyleClass().add("lineup-pane");
        setOnDragOver(this::over);
        setOnDragExited(_ -> surface.showDrop(OptionalDouble.empty()));
        setOnDragDropped(this::dropped);
        subscription = store.subscribe(_ -> surface.redraw());
    }

    private void over(DragEvent event) {
        if (event.getDragboard().hasContent(DragFormats.MEDIA)) {
            event.acceptTransferModes(TransferMode.COPY);
            surface.showDrop(OptionalDouble.of(event.getX()));
            event.consume();
        }
    }

    private void dropped(DragEvent event) {
        if (event.getDragboard().getContent(DragFormats.MEDIA) instanceof String id) {
            int place = surface.plan().place(event.getX(), 1, Optional.empty());
            store.project().media(id).ifPresent(media -> store.apply(ShotEdits.add(media, conform.get(), place)));
            event.setDropCompleted(true);
            event.consume();
        }
        surface.showDrop(OptionalDouble.empty());
    }

    @Override
    public void close() {
        subscription.close();
    }
}
