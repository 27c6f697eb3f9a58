package amberlens.desktop.shelf.panes;

import amberlens.core.base.geometry.Size;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Media;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.OwnKeys;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;

/** One picture, film or sound on the shelf: thumbnail or wave, name, true size or length. */
final class MediaCard extends VBox implements OwnKeys {
    private static final PseudoClass SHOWN = PseudoClass.getPseudoClass("shown");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final Set<KeyCode> KEYS = EnumSet.of(KeyCode.UP, KeyCode.DOWN, KeyCode.LEFT, KeyCode.RIGHT);

    private final Media media;
    private final Size thumbnail;
    private final ImageView picture = new ImageView();
    private final Label size = new Label();
    private final Pane marks = new Pane();
    private final Label number = new Label();
    private final boolean sheet;

    /**
     * @param thumbnail how large the picture is shown
     * @param sheet whether it stands on a contact sheet: the picture is whole there, with its number and its marks
     */
    MediaCard(Media media, Size thumbnail, boolean sheet) {
        this.media = media;
        this.thumbnail = thumbnail;
        this.sheet = sheet;
        StackPane frame = new StackPane(picture);
        frame.getStyleClass().add("thumbnail");
        frame.setMinHeight(thumbnail.height() + 2.0);
        if (sheet) {
            frame.setMinWidth(thumbnail.width() + 2.0);
            marks.setMouseTransparent(true);
            marks.setVisible(false);
            number.getStyleClass().add("card-number");
            number.setVisible(false);
            StackPane.setAlignment(number, Pos.TOP_LEFT);
            frame.getChildren().addAll(marks, number);
            setOnMouseEntered(_ -> marks.setVisible(true));
            setOnMouseExited(_ -> marks.setVisible(false));
            getStyleClass().add("sheet-card");
        }
        Label name = new Label(media.name());
        name.getStyleClass().add("card-name");
        size.getStyleClass().add("card-size");
        getChildren().addAll(frame, name, size);
        setSpacing(1);
        getStyleClass().add("media-card");
        setId("media-" + media.id());
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_ITEM);
        setAccessibleText(media.name() + (media.isSeen() ? ", " + size(media) : ", sound"));
        Hint.of(
                this,
                (media.hasFile() ? media.fileName() : media.name())
                        + (media.isSeen()
                                ? ", " + media.size() + " px. Double-click or Enter: new shot."
                                : ". Double-click or Enter: add to the Line-up at the playhead."));
    }

    @Override
    public boolean uses(KeyEvent event) {
        boolean all = event.isShortcutDown() && event.getCode() == KeyCode.A && !event.isShiftDown();
        boolean plain = !event.isShortcutDown() && !event.isAltDown();
        return all || plain && (KEYS.contains(event.getCode()) || event.getCode() == KeyCode.ENTER);
    }

    /** Its true size, and how long it is. */
    static String size(Media media) {
        return media.size()
                + media.footage()
                        .map(footage -> "\n" + footage.frames() + " frames, " + footage.rate() + " fps")
                        .orElse("");
    }

    Media media() {
        return media;
    }

    Size thumbnail() {
        return thumbnail;
    }

    boolean isSheet() {
        return sheet;
    }

    /** The size of the picture here: all of it on a sheet, else as much as fills the card. */
    Size pictureSize() {
        return sheet && media.hasPixels() ? media.size().fittedInto(thumbnail.width(), thumbnail.height()) : thumbnail;
    }

    /** Its number among those that are selected; 0 for none. */
    void number(int one) {
        number.setVisible(sheet && one > 0);
        number.setText(String.valueOf(one));
    }

    /** Where what matters is, shown while it is pointed at. */
    void showMarks(List<Mark> found) {
        if (!sheet) {
            return;
        }
        Size here = pictureSize();
        double times = (double) here.width() / media.size().width();
        double left = (thumbnail.width() + 2.0 - here.width()) / 2;
        double top = (thumbnail.height() + 2.0 - here.height()) / 2;
        marks.getChildren()
                .setAll(found.stream()
                        .filter(mark -> !mark.isRefused())
                        .map(mark -> {
                            var box = new Rectangle(
                                    left + mark.box().left() * times,
                                    top + mark.box().top() * times,
                                    mark.box().width() * times,
                                    mark.box().height() * times);
                            box.getStyleClass().add("card-mark");
                            return box;
                        })
                        .toList());
    }

    /** The picture as it is shown; empty until it is there. */
    Optional<Image> image() {
        return Optional.ofNullable(picture.getImage());
    }

    /**
     * Shows what is known of it now.
     *
     * @param facts its size, or how long it is, or that it is missing
     */
    void show(Optional<Image> image, String facts, boolean inSelectedShot, boolean chosen) {
        picture.setFitWidth(pictureSize().width());
        picture.setFitHeight(pictureSize().height());
        image.ifPresent(picture::setImage);
        size.setText(facts);
        pseudoClassStateChanged(SHOWN, inSelectedShot);
        pseudoClassStateChanged(CHOSEN, chosen);
    }
}
