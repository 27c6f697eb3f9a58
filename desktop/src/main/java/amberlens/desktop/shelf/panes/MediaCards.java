package amberlens.desktop.shelf.panes;

import amberlens.core.base.words.Counted;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.InsetEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.model.project.Media;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.DragFormats;
import amberlens.desktop.shelf.intake.PictureLaying;
import amberlens.desktop.work.services.Services;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;

/** What the cards of the Shelf show and do. */
final class MediaCards implements ShelfGrid.Cards {
    private final Desk desk;
    private final Services services;
    private final PictureLaying laying;
    private final BiConsumer<Set<String>, String> replacing;
    private final Function<Media, List<Media>> chosenWith;

    /**
     * @param laying makes shots
     * @param replacing shows other media, by their id, in some shots
     * @param chosenWith all that are selected with a medium, or it alone
     */
    MediaCards(
            Desk desk,
            Services services,
            PictureLaying laying,
            BiConsumer<Set<String>, String> replacing,
            Function<Media, List<Media>> chosenWith) {
        this.desk = desk;
        this.services = services;
        this.laying = laying;
        this.replacing = replacing;
        this.chosenWith = chosenWith;
    }

    @Override
    public void show(MediaCard card, boolean chosen) {
        Media media = card.media();
        card.show(
                media.isSeen()
                        ? services.thumbnails().whole(media, card.pictureSize())
                        : services.waves().of(media, card.thumbnail()),
                facts(media),
                desk.cursor()
                        .selectedShot()
                        .filter(shot -> shot.media().equals(media.id()))
                        .isPresent(),
                chosen);
        if (card.isSheet() && media.isSeen()) {
            card.showMarks(services.marks().of(media));
        }
    }

    private String facts(Media media) {
        if (!media.isSeen()) {
            return services.waves().words(media);
        }
        if (services.ready().problem(media).isPresent()) {
            return "missing";
        }
        boolean used = desk.document().project().shots().stream()
                .anyMatch(shot -> shot.media().equals(media.id()));
        return MediaCard.size(media) + (used ? "  in film" : "");
    }

    @Override
    public void use(Media media) {
        laying.atEnd(List.of(media));
    }

    @Override
    public void prepare(MediaCard card) {
        card.setOnContextMenuRequested(event -> menu(card, event));
        card.setOnDragDetected(event -> {
            List<Media> dragged = chosenWith.apply(card.media());
            var content = new ClipboardContent();
            content.put(DragFormats.MEDIA, dragged.stream().map(Media::id).collect(Collectors.joining("\n")));
            Dragboard board = card.startDragAndDrop(TransferMode.COPY, TransferMode.LINK);
            board.setContent(content);
            card.image().ifPresent(image -> board.setDragView(DragPicture.of(image, dragged.size())));
            event.consume();
        });
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private void menu(MediaCard card, ContextMenuEvent event) {
        List<Media> meant = chosenWith.apply(card.media());
        String them = meant.size() == 1 ? "" : " (" + meant.size() + ")";
        boolean heard = !card.media().isSeen();
        MenuItem shot = new MenuItem(
                heard
                        ? "Add to the Line-up at the playhead"
                        : meant.size() == 1 ? "New shot" : "New shots, in order" + them);
        shot.setId("lay-" + card.media().id());
        shot.setOnAction(_ -> laying.atEnd(meant));
        var insets = new Menu("As insets at the playhead" + them);
        insets.setId("insets-" + card.media().id());
        insets.setDisable(heard);
        for (InsetEdits.Order order : InsetEdits.Order.values()) {
            MenuItem item = new MenuItem(capital(order.words()));
            item.setId("insets-" + order.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            item.setOnAction(_ -> laying.insets(meant, desk.cursor().playhead(), InsetEdits.FIRST_TRACK, order));
            insets.getItems().add(item);
        }
        MenuItem instead = new MenuItem("Show it in the selected shots");
        instead.setId("replace-" + card.media().id());
        instead.setDisable(meant.size() > 1 || heard);
        instead.setOnAction(_ ->
                replacing.accept(desk.cursor().selection().shots(), card.media().id()));
        MenuItem away = new MenuItem(
                meant.size() == 1
                        ? "Remove from the Shelf and the Line-up"
                        : "Remove from the Shelf and the Line-up" + them);
        away.setId("remove-" + card.media().id());
        away.setOnAction(_ -> desk.document()
                .apply(Edit.all(
                        "remove " + Counted.of(meant.size(), "file"),
                        meant.stream().map(gone -> MediaEdits.remove(gone.id())).toList())));
        new ContextMenu(shot, insets, instead, new SeparatorMenuItem(), away)
                .show(card, event.getScreenX(), event.getScreenY());
        event.consume();
    }
}
