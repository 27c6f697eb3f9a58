package amberlens.desktop.shelf.panes;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Media;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/**
 * The cards of the Shelf in as many columns as there is room for. They are selected by a click, with Shift up to one, with Ctrl one
 * more, by a lasso around them, or all; arrow keys go from card to card.
 */
final class ShelfGrid extends StackPane {
    static final Size SMALL = new Size(132, 58);
    static final Size LARGE = new Size(200, 112);
    private static final double AROUND = 20;
    private static final double BAR = 26;
    private static final PseudoClass EMPTY = PseudoClass.getPseudoClass("empty");

    /** What cards do. */
    interface Cards {
        /** Fills a card with what is known of its picture. */
        void show(MediaCard card, boolean chosen);

        /** A double-click or Enter. */
        void use(Media media);

        /** Makes a card that can be dragged and has a menu. */
        void prepare(MediaCard card);
    }

    private final ListView<List<Media>> rows = new ListView<>();
    private final List<Row> shown = new ArrayList<>();
    private final ShelfSelection selection = new ShelfSelection();
    private final Region lasso = new Region();
    private final Cards cards;
    private final Consumer<Integer> selected;
    private List<Media> media = List.of();
    private Size thumbnail = SMALL;
    private boolean sheet;
    private int columns = 1;
    private Point2D pressed = Point2D.ZERO;
    private Set<String> kept = Set.of();

    /** @param selected is told how many are selected */
    ShelfGrid(Cards cards, Consumer<Integer> selected) {
        this.cards = cards;
        this.selected = selected;
        rows.getStyleClass().add("shelf-cards");
        rows.setId("shelf-cards");
        rows.setFocusTraversable(false);
        rows.setCellFactory(_ -> new Row());
        lasso.getStyleClass().add("lasso");
        lasso.setManaged(false);
        lasso.setMouseTransparent(true);
        lasso.setVisible(false);
        Pane above = new Pane(lasso);
        above.setMouseTransparent(true);
        getChildren().addAll(rows, above);
        widthProperty().subscribe(this::fit);
        rows.addEventFilter(MouseEvent.MOUSE_PRESSED, this::press);
        rows.addEventFilter(MouseEvent.MOUSE_DRAGGED, this::drag);
        rows.addEventFilter(MouseEvent.MOUSE_RELEASED, event -> lasso.setVisible(false));
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Shows media in their order. */
    void show(List<Media> wanted) {
        boolean same = media.equals(wanted);
        media = wanted;
        selection.keepOnly(ids());
        pseudoClassStateChanged(EMPTY, wanted.isEmpty());
        if (!same) {
            chunk();
        }
        refresh();
    }

    /** As a contact sheet: whole pictures with their numbers and marks. */
    void setSheet(boolean now, Size size) {
        sheet = now;
        thumbnail = size;
        columns = 0;
        shown.forEach(Row::forget);
        fit();
    }

    /** Says whom to tell of the wheel turned with Ctrl held, away from the hand above 0. */
    void onWheel(Consumer<Double> told) {
        rows.addEventFilter(ScrollEvent.SCROLL, event -> {
            if (sheet && event.isShortcutDown() && event.getDeltaY() != 0) {
                told.accept(Math.signum(event.getDeltaY()));
                event.consume();
            }
        });
    }

    /** Small cards, or large ones. */
    void setThumbnail(Size size) {
        thumbnail = size;
        columns = 0;
        fit();
    }

    private void fit() {
        int now = (int) Math.max(1, (getWidth() - BAR) / (thumbnail.width() + AROUND));
        if (now != columns) {
            columns = now;
            chunk();
        }
    }

    private void chunk() {
        List<List<Media>> chunks = new ArrayList<>();
        for (int i = 0; i < media.size(); i += columns) {
            chunks.add(List.copyOf(media.subList(i, Math.min(media.size(), i + columns))));
        }
        shown.forEach(Row::forget);
        rows.getItems().setAll(chunks);
    }

    /** Shows anew what is known of the pictures that are seen. */
    void refresh() {
        shown.forEach(Row::show);
        selected.accept(selection.size());
    }

    private List<String> ids() {
        return media.stream().map(Media::id).toList();
    }

    /** The selected media in the order in which they stand. */
    List<Media> chosen() {
        return media.stream().filter(one -> selection.includes(one.id())).toList();
    }

    /** The selected ones if this is among them, else this alone. */
    List<Media> chosenWith(Media one) {
        return selection.includes(one.id()) ? chosen() : List.of(one);
    }

    /** Selects these, by their ids. */
    void select(List<String> ids) {
        selection.all(ids);
        refresh();
    }

    void selectAll() {
        selection.all(ids());
        refresh();
    }

    private Optional<MediaCard> cardAt(MouseEvent event) {
        for (Node node = (Node) event.getTarget(); node != null; node = node.getParent()) {
            if (node instanceof MediaCard card) {
                return Optional.of(card);
            }
        }
        return Optional.empty();
    }

    private void press(MouseEvent event) {
        Optional<MediaCard> card = cardAt(event);
        pressed = new Point2D(event.getX(), event.getY());
        kept = event.isShiftDown() || event.isShortcutDown() ? selection.now() : Set.of();
        if (card.isEmpty()) {
            if (kept.isEmpty() && onRows(event)) {
                selection.nothing();
                refresh();
            }
            return;
        }
        card.get().requestFocus();
        String id = card.get().media().id();
        if (event.isShiftDown()) {
            selection.upTo(id, ids());
        } else if (event.isShortcutDown()) {
            selection.toggle(id);
        } else if (!selection.includes(id) || event.getButton() == MouseButton.PRIMARY && event.getClickCount() == 2) {
            selection.only(id);
        }
        refresh();
        if (event.getButton() == MouseButton.PRIMARY && event.getClickCount() == 2) {
            cards.use(card.get().media());
        }
    }

    /** Not on the scroll bar. */
    private static boolean onRows(MouseEvent event) {
        for (Node node = (Node) event.getTarget(); node != null; node = node.getParent()) {
            if (node instanceof ScrollBar) {
                return false;
            }
        }
        return true;
    }

    /** A drag that began beside the cards draws a lasso. */
    private void drag(MouseEvent event) {
        boolean begun = lasso.isVisible();
        if (!begun && (cardAt(event).isPresent() || !onRows(event) || !event.isPrimaryButtonDown())) {
            return;
        }
        double left = Math.min(pressed.getX(), event.getX());
        double top = Math.min(pressed.getY(), event.getY());
        var area = new Rectangle2D(
                left, top, Math.abs(event.getX() - pressed.getX()), Math.abs(event.getY() - pressed.getY()));
        lasso.setVisible(true);
        lasso.resizeRelocate(left, top, area.getWidth(), area.getHeight());
        selection.caught(caught(area), kept);
        refresh();
        event.consume();
    }

    private Set<String> caught(Rectangle2D area) {
        Set<String> ids = new HashSet<>();
        for (Row row : shown) {
            for (MediaCard card : row.cards()) {
                Bounds at = rows.sceneToLocal(card.localToScene(card.getBoundsInLocal()));
                if (area.intersects(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight())) {
                    ids.add(card.media().id());
                }
            }
        }
        return ids;
    }

    private void key(KeyEvent event) {
        if (!(event.getTarget() instanceof MediaCard card) || !card.uses(event)) {
            return;
        }
        event.consume();
        int at = media.indexOf(card.media());
        switch (event.getCode()) {
            case ENTER -> cards.use(card.media());
            case A -> selectAll();
            case UP -> goTo(at - columns, event.isShiftDown());
            case DOWN -> goTo(at + columns, event.isShiftDown());
            case LEFT -> goTo(at - 1, event.isShiftDown());
            default -> goTo(at + 1, event.isShiftDown());
        }
    }

    private void goTo(int index, boolean extend) {
        if (index < 0 || index >= media.size()) {
            return;
        }
        String id = media.get(index).id();
        if (extend) {
            selection.upTo(id, ids());
        } else {
            selection.only(id);
        }
        refresh();
        if (!focus(id)) {
            rows.scrollTo(index / columns);
            Platform.runLater(() -> focus(id));
        }
    }

    private boolean focus(String id) {
        Optional<MediaCard> card = shown.stream()
                .flatMap(row -> row.cards().stream())
                .filter(one -> one.media().id().equals(id))
                .findFirst();
        card.ifPresent(Node::requestFocus);
        return card.isPresent();
    }

    /** One row of cards. Cards that stay are kept, so that a click in progress is not lost. */
    private final class Row extends ListCell<List<Media>> {
        private final HBox line = new HBox();

        Row() {
            setPrefWidth(0);
            line.getStyleClass().add("shelf-row");
            shown.add(this);
        }

        List<MediaCard> cards() {
            return line.getChildren().stream().map(MediaCard.class::cast).toList();
        }

        void forget() {
            line.getChildren().clear();
        }

        @Override
        protected void updateItem(List<Media> wanted, boolean none) {
            super.updateItem(wanted, none);
            if (none || wanted == null) {
                forget();
                setGraphic(null);
                return;
            }
            boolean same = cards().stream().map(MediaCard::media).toList().equals(wanted)
                    && cards().stream().allMatch(card -> card.thumbnail().equals(thumbnail) && card.isSheet() == sheet);
            if (!same) {
                line.getChildren().setAll(wanted.stream().map(this::card).toList());
            }
            setGraphic(line);
            show();
        }

        private MediaCard card(Media one) {
            MediaCard card = new MediaCard(one, thumbnail, sheet);
            cards.prepare(card);
            return card;
        }

        void show() {
            List<Media> chosen = sheet && selection.size() > 0 ? chosen() : List.of();
            cards().forEach(card -> {
                cards.show(card, selection.includes(card.media().id()));
                card.number(chosen.indexOf(card.media()) + 1);
            });
        }
    }
}
