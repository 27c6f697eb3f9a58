package amberlens.desktop.shelf;

import amberlens.core.geometry.Size;
import amberlens.core.model.Media;
import amberlens.desktop.style.DragFormats;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One picture on the shelf: thumbnail, name, true size. Double-click, Enter or a drag makes a shot of it. */
final class MediaCard extends VBox {
    static final Size THUMBNAIL = new Size(142, 60);
    private static final PseudoClass SHOWN = PseudoClass.getPseudoClass("shown");

    private final Media media;
    private final ImageView picture = new ImageView();
    private final Label size = new Label();

    /**
     * @param addShot makes a shot of the picture
     * @param replace shows it in the selected shots
     * @param remove takes it off the shelf
     */
    MediaCard(Media media, Consumer<Media> addShot, Consumer<Media> replace, Consumer<Media> remove) {
        this.media = media;
        StackPane frame = new StackPane(picture);
        frame.getStyleClass().add("thumbnail");
        frame.setMinHeight(THUMBNAIL.height() + 2.0);
        Label name = new Label(media.title());
        name.getStyleClass().add("card-name");
        size.getStyleClass().add("card-size");
        getChildren().addAll(frame, name, size);
        setSpacing(1);
        getStyleClass().add("media-card");
        setId("media-" + media.id());
        setFocusTraversable(true);
        setAccessibleText(media.title() + ", " + media.size() + length(media));
        Tooltip.install(
                this, new Tooltip(media.fileName() + ", " + media.size() + " px. Double-click or Enter: new shot."));
        setOnMouseClicked(event -> {
            requestFocus();
            if (event.getClickCount() == 2) {
                addShot.accept(media);
            }
        });
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                addShot.accept(media);
                event.consume();
            }
        });
        MenuItem shot = new MenuItem("New shot");
        shot.setOnAction(_ -> addShot.accept(media));
        MenuItem instead = new MenuItem("Show it in the selected shots");
        instead.setId("replace-" + media.id());
        instead.setOnAction(_ -> replace.accept(media));
        MenuItem away = new MenuItem("Remove from the shelf, with its shots");
        away.setId("remove-" + media.id());
        away.setOnAction(_ -> remove.accept(media));
        ContextMenu menu = new ContextMenu(shot, instead, away);
        setOnContextMenuRequested(event -> menu.show(this, event.getScreenX(), event.getScreenY()));
        setOnDragDetected(event -> {
            var content = new ClipboardContent();
            content.put(DragFormats.MEDIA, media.id());
            startDragAndDrop(TransferMode.COPY).setContent(content);
            event.consume();
        });
    }

    private static String length(Media media) {
        return media.footage()
                .map(footage -> "\n" + footage.frames() + " frames, " + footage.rate() + " fps")
                .orElse("");
    }

    Media media() {
        return media;
    }

    /** Shows what is known of the picture now. */
    void show(Optional<Image> thumbnail, boolean missing, boolean inSelectedShot) {
        picture.setFitWidth(THUMBNAIL.width());
        picture.setFitHeight(THUMBNAIL.height());
        thumbnail.ifPresent(picture::setImage);
        size.setText(missing ? "missing" : media.size() + length(media));
        pseudoClassStateChanged(SHOWN, inSelectedShot);
    }
}
