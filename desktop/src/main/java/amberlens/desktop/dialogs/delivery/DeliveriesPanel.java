package amberlens.desktop.dialogs.delivery;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.words.Counted;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.edit.edits.Edit;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.kit.style.UsualFrames;
import amberlens.desktop.work.background.Round;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;

/** All frame shapes of the film: their names and sizes, what was found of each, and the ways to more and to framings for them. */
final class DeliveriesPanel extends DialogPanel implements DeliveryRow.Ways {
    private static final double WIDTH = 860;

    private final Desk desk;
    private final Services services;
    private final Reframing reframing;
    private final Runnable close;
    private final GridPane rows = new GridPane();
    private final Map<String, DeliveryRow> shown = new LinkedHashMap<>();
    private final Label note = new Label();
    private final ComboBox<String> usual = new ComboBox<>();
    private final TextField width = field("delivery-width", "1080", 5);
    private final TextField height = field("delivery-height", "1920", 5);
    private final Subscription subscription;
    private final Round judged;

    DeliveriesPanel(Desk desk, Services services, Reframing reframing, Runnable close) {
        super("Deliveries");
        this.desk = desk;
        this.services = services;
        judged = new Round(services.background());
        this.reframing = reframing;
        this.close = close;
        setId("deliveries-panel");
        TextSizes.prefWidth(this, WIDTH);
        rows.setHgap(10);
        rows.setVgap(6);
        usual.getItems().setAll(UsualFrames.SIZES.keySet());
        usual.setPromptText("Choose a standard size");
        usual.setId("delivery-usual");
        usual.setOnAction(_ -> {
            Size size = UsualFrames.SIZES.get(usual.getValue());
            width.setText(String.valueOf(size.width()));
            height.setText(String.valueOf(size.height()));
        });
        note.getStyleClass().add("problem");
        note.setWrapText(true);
        note.setId("delivery-note");
        note.managedProperty().bind(note.textProperty().isNotEmpty());
        HBox more = new HBox(
                8, usual, width, new Label("×"), height, named(other("Add a delivery", this::add), "delivery-add"));
        more.setAlignment(Pos.CENTER_LEFT);
        body(
                DialogParts.sentence(
                        "The same film in other frame shapes. A shot keeps its move, cropped to the largest window of the shape. Reframe finds sealed framings around the subject that show more. Framings you make while viewing a delivery belong to that delivery."),
                rows,
                more,
                note);
        foot(named(main("Close", this::escape), "delivery-close"));
        subscription = desk.subscribe(changes -> {
            if (changes.contains(Change.PROJECT) || changes.contains(Change.FILE)) {
                show();
            }
        });
        show();
    }

    void escape() {
        subscription.close();
        close.run();
    }

    private static TextField field(String id, String text, int columns) {
        TextField field = new TextField(text);
        field.setId(id);
        field.setPrefColumnCount(columns);
        return field;
    }

    private void show() {
        Project whole = desk.document().whole();
        List<String> ids = Stream.concat(
                        Stream.of(""), whole.deliveries().stream().map(Delivery::id))
                .toList();
        if (!ids.equals(List.copyOf(shown.keySet()))) {
            rows.getChildren().clear();
            shown.clear();
            for (String id : ids) {
                DeliveryRow row = new DeliveryRow(whole.delivery(id), this);
                rows.addRow(shown.size(), row.nodes().toArray(Node[]::new));
                shown.put(id, row);
            }
        }
        String lookedAt = desk.document().delivery().map(Delivery::id).orElse("");
        shown.forEach((id, row) -> {
            Optional<Delivery> delivery = whole.delivery(id);
            row.show(delivery, delivery.map(Delivery::size).orElse(whole.frameSize()), id.equals(lookedAt));
        });
        judge(whole);
    }

    /** Judges every shape in the background. */
    private void judge(Project whole) {
        judged.begin();
        for (DeliveryFilm.Named film : DeliveryFilm.all(whole)) {
            DeliveryRow row = shown.get(film.delivery().map(Delivery::id).orElse(""));
            if (row != null) {
                judged.start(Work.of(() -> words(whole, film), row::setFound, row::setFound));
            }
        }
    }

    private static String words(Project whole, DeliveryFilm.Named film) {
        long open = film.film().shots().parallelStream()
                .filter(shot -> !ShotCheck.of(film.film(), shot).sealed())
                .count();
        long own = film.delivery().stream()
                .flatMap(delivery -> whole.shots().stream()
                        .filter(shot -> shot.settings().deliveries().containsKey(delivery.id())))
                .count();
        String edges = open == 0 ? "sealed" : "▨ " + Counted.of(open, "shot") + " open";
        return edges + (own == 0 ? "" : " · " + Counted.of(own, "shot") + " framed for it");
    }

    private void add() {
        say(() -> desk.document().applyToWhole(DeliveryEdits.add("", size(width, height))));
    }

    @Override
    public void look(Optional<Delivery> delivery) {
        desk.document().lookAt(delivery.map(Delivery::id));
    }

    @Override
    public void remove(Delivery delivery) {
        desk.document().applyToWhole(DeliveryEdits.remove(delivery.id()));
    }

    @Override
    public void change(Delivery before, TextField name, TextField across, TextField down) {
        say(() -> {
            Size size = size(across, down);
            String called = name.getText().strip();
            Edit change = DeliveryEdits.change(before.id(), called, size);
            boolean known = desk.document().whole().delivery(before.id()).equals(Optional.of(before));
            if (known && !(called.equals(before.name()) && size.equals(before.size()))) {
                desk.document().applyToWhole(change);
            }
        });
    }

    @Override
    public void reframe(Delivery delivery) {
        note.setText("");
        setDisable(true);
        reframing.reframe(delivery, Reframing.following(desk.document().whole(), delivery), () -> {
            setDisable(false);
            note.setText(desk.message());
        });
    }

    /** Does something, or says why it cannot be done. */
    private void say(Runnable action) {
        try {
            note.setText("");
            action.run();
        } catch (IllegalArgumentException e) {
            note.setText("Not possible: " + e.getMessage() + ".");
        }
    }

    private static Size size(TextField across, TextField down) {
        try {
            return new Size(
                    Integer.parseInt(across.getText().strip()),
                    Integer.parseInt(down.getText().strip()));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("width and height are whole numbers of pixels", e);
        }
    }
}
