package amberlens.desktop.inspector.planes;

import amberlens.core.base.time.Timecode;
import amberlens.core.material.planes.Cutouts;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.material.planes.PlaneReport;
import amberlens.core.model.project.Shot;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.FormRows;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.work.services.Services;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The planes of the selected shot's picture, and what the selected one is like. */
public final class PlanesForm extends VBox {
    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");

    private final Desk desk;
    private final Services services;
    private final VBox rows = new VBox();
    private final VBox atHand = new VBox();
    private final Label nothing = new Label(
            "This picture is one plane. Outline what is nearer: moves then show depth, and the gap behind is filled.");
    private final Label found = DialogParts.sentence("");
    private final Button mend = new Button("Mend");
    private final CheckBox snapping = new CheckBox("Snap to contours");
    private final TextField name = new TextField();
    private final NumberField soft;
    private final ComboBox<Fill.Kind> fill =
            Choices.of(List.of(Fill.Kind.values()), Fill.Kind::words, Fill.Kind.CONTINUE, "plane-fill");
    private final CheckBox whole = new CheckBox("all of it");
    private final NumberField reach;
    private final NumberField across;
    private final NumberField down;
    private final Node reaching;
    private final Node beside;
    private boolean showing;

    public PlanesForm(Desk desk, Services services, Actions actions) {
        this.desk = desk;
        this.services = services;
        soft = number(
                "plane-soft",
                "Softness of its edge, in source pixels",
                Plane.SOFTEST,
                (plane, px) -> plane.withSoft(px));
        reach = number(
                "plane-reach",
                "How far the fill reaches behind its edge, in source pixels",
                Fill.DEEPEST,
                (plane, px) -> plane.withFill(plane.fill().withReach(px)));
        across = free(
                "plane-across",
                "Horizontal offset of the copied area, in source pixels",
                (fill, px) -> fill.from(px, fill.byY()));
        down = free(
                "plane-down",
                "Vertical offset of the copied area, in source pixels",
                (fill, px) -> fill.from(fill.byX(), px));
        Label deep = FormRows.unit("px deep");
        deep.visibleProperty().bind(reach.visibleProperty());
        reaching = FormRows.row("Reach", whole, reach, deep);
        beside = FormRows.row("From", across, FormRows.unit("×"), down, FormRows.unit("px away"));
        Button draw = actions.bind(new Button("Outline…"), "planes.draw");
        Button cut = actions.bind(new Button("Cut out…"), "planes.cut");
        Button away = actions.bind(new Button("Remove"), "planes.away");
        actions.bind(mend, "planes.seal");
        fill(draw, cut, away);
        listen();
        getStyleClass().add("planes-form");
        managedProperty().bind(visibleProperty());
    }

    private void fill(Button draw, Button cut, Button away) {
        nothing.setWrapText(true);
        nothing.getStyleClass().addAll("quiet", "camera-empty");
        found.setId("planes-found");
        found.getStyleClass().add("planes-found");
        mend.setText("Mend");
        for (Button button : List.of(draw, cut, away, mend)) {
            button.getStyleClass().add("quiet-button");
            button.setMinWidth(USE_PREF_SIZE);
        }
        name.setMinWidth(0);
        HBox.setHgrow(name, Priority.ALWAYS);
        for (Node node : List.of(nothing, found, mend, atHand)) {
            node.managedProperty().bind(node.visibleProperty());
        }
        snapping.setId("planes-snapping");
        name.setId("plane-rename");
        name.setAccessibleText("Name of the plane");
        whole.setId("plane-whole");
        HBox.setHgrow(found, Priority.ALWAYS);
        found.setMaxWidth(Double.MAX_VALUE);
        HBox told = new HBox(8, found, mend);
        told.setAlignment(Pos.CENTER_LEFT);
        told.getStyleClass().add("planes-told");
        HBox foot = new HBox(8, cut, draw, snapping);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.getStyleClass().add("look-foot");
        atHand.getChildren()
                .addAll(
                        FormRows.row("Name", name, away),
                        FormRows.row("Edge", soft, FormRows.unit("px soft")),
                        FormRows.row("Behind", fill),
                        reaching,
                        beside);
        getChildren().addAll(foot, nothing, rows, told, atHand);
    }

    /** What becomes of something by a number. */
    @FunctionalInterface
    private interface ByNumber<T> {
        T of(T from, double number);
    }

    private NumberField number(String id, String hint, double most, ByNumber<Plane> change) {
        var field = new NumberField(1, hint, typed -> PlaneCuts.change(desk, "plane", plane -> change.of(plane, typed)))
                .refusing(typed -> typed < 0 || typed > most
                        ? Optional.of(String.format(Locale.ROOT, "it is between 0 and %.0f px", most))
                        : Optional.empty());
        field.setId(id);
        field.setPrefColumnCount(5);
        return field;
    }

    private NumberField free(String id, String hint, ByNumber<Fill> change) {
        var field = new NumberField(
                0,
                hint,
                typed -> PlaneCuts.change(desk, "plane", plane -> plane.withFill(change.of(plane.fill(), typed))));
        field.setId(id);
        field.setPrefColumnCount(4);
        return field;
    }

    private void listen() {
        snapping.setOnAction(_ -> desk.tools().planes().setSnapping(snapping.isSelected()));
        fill.valueProperty().subscribe((_, kind) -> {
            if (!showing) {
                PlaneCuts.change(
                        desk, "filling", plane -> plane.withFill(plane.fill().withKind(kind, Fill.DEEPEST)));
            }
        });
        whole.setOnAction(_ -> PlaneCuts.change(
                desk,
                "filling",
                plane -> plane.withFill(plane.fill().withReach(whole.isSelected() ? Fill.DEEPEST : seen(plane)))));
        name.setOnAction(_ -> rename());
        name.focusedProperty().subscribe((_, focused) -> {
            if (!focused) {
                rename();
            }
        });
    }

    private void rename() {
        String typed = name.getText().strip();
        if (!showing
                && !typed.isEmpty()
                && PlaneCuts.selected(desk)
                        .filter(plane -> !plane.name().equals(typed))
                        .isPresent()) {
            PlaneCuts.change(desk, "rename plane", plane -> plane.withName(typed));
        }
    }

    private Optional<PlaneReport> report() {
        return PlaneCuts.shot(desk)
                .flatMap(shot -> services.facts().planes(desk.document().project(), shot));
    }

    /** How deep is seen behind a plane now, in whole pixels. */
    private double seen(Plane plane) {
        return report().map(report -> report.depths().get(plane.id()))
                .map(depth -> Math.ceil(depth.px()))
                .orElse(0.0);
    }

    /** Shows the planes of a shot. */
    public void show(Shot shot) {
        showing = true;
        List<Plane> planes = Cutouts.inOrder(PlaneCuts.all(desk)).reversed();
        if (desk.tools().planes().selected().isEmpty() && !planes.isEmpty()) {
            desk.tools().planes().select(Optional.of(planes.getFirst().id()));
        }
        fillRows(planes);
        Optional<Plane> selected = PlaneCuts.selected(desk);
        nothing.setVisible(planes.isEmpty());
        atHand.setVisible(selected.isPresent());
        snapping.setSelected(desk.tools().planes().snapping());
        selected.ifPresent(this::show);
        tell(shot, planes);
        showing = false;
    }

    /** Rows stay where they are under a hand as long as the same planes lie in the same order. */
    private void fillRows(List<Plane> planes) {
        boolean dragging = desk.document().showing() && rows.getChildren().size() == planes.size();
        List<Node> made = new ArrayList<>();
        for (Plane plane : planes) {
            made.add(rows.getChildren().stream()
                    .filter(row -> ((PlaneControls) row).isOf(plane))
                    .findFirst()
                    .orElseGet(() -> new PlaneControls(desk, plane)));
        }
        if (!dragging && !rows.getChildren().equals(made)) {
            rows.getChildren().setAll(made);
        }
        for (Node row : rows.getChildren()) {
            planes.stream().filter(((PlaneControls) row)::isOf).findFirst().ifPresent(((PlaneControls) row)::show);
        }
    }

    private void show(Plane plane) {
        if (!name.isFocused()) {
            name.setText(plane.name());
        }
        soft.show(plane.soft());
        fill.setValue(plane.fill().kind());
        boolean filled = plane.fill().kind() != Fill.Kind.NONE;
        boolean deepest = plane.fill().reach() >= Fill.DEEPEST;
        reaching.setVisible(filled);
        whole.setSelected(deepest);
        reach.setVisible(!deepest);
        reach.show(plane.fill().reach());
        beside.setVisible(plane.fill().kind() == Fill.Kind.BESIDE);
        across.show(plane.fill().byX());
        down.show(plane.fill().byY());
    }

    private void tell(Shot shot, List<Plane> planes) {
        Optional<PlaneReport> report = report();
        boolean open = report.filter(known -> !known.isSealed()).isPresent();
        found.setVisible(!planes.isEmpty());
        found.setText(problem(shot)
                .or(() -> report.map(known -> words(known, planes, shot)))
                .orElse("Checking what the move reveals …"));
        found.pseudoClassStateChanged(OPEN, open);
        mend.setVisible(open);
    }

    /** Why the picture cannot be cut here, if it cannot. */
    private Optional<String> problem(Shot shot) {
        return PictureRef.cutOuts(PlaneCuts.media(desk, shot)).stream()
                .findFirst()
                .flatMap(services.cache()::problem)
                .map(why -> "Shown as one plane: " + why.getMessage());
    }

    private String words(PlaneReport report, List<Plane> planes, Shot shot) {
        if (!desk.document().project().judges(shot)) {
            return "Not checked: the shot need not fill the frame.";
        }
        var rate = desk.document().project().frame().rate();
        return report.worst()
                .map(worst -> "Open: " + worst.words() + " at " + Timecode.brief(worst.frame(), rate) + ".")
                .or(() -> planes.stream()
                        .filter(plane -> report.depths().containsKey(plane.id()))
                        .findFirst()
                        .map(plane -> String.format(
                                Locale.ROOT,
                                "Sealed: the move reveals %.0f px behind \"%s\" at %s.",
                                report.depths().get(plane.id()).px(),
                                plane.name(),
                                Timecode.brief(report.depths().get(plane.id()).frame(), rate))))
                .orElse("Sealed: the move reveals nothing behind them.");
    }
}
