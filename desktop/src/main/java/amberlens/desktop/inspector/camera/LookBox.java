package amberlens.desktop.inspector.camera;

import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.material.look.Choice;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSpace;
import amberlens.core.material.look.Mask;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Property;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.Icons;
import amberlens.desktop.kit.style.Overlay;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** One look of the selected shot: its name with a bead that puts it aside, what was chosen about it, and a row for each amount. */
final class LookBox extends VBox {
    private static final PseudoClass ASIDE = PseudoClass.getPseudoClass("aside");
    private static final double BEAD = 4.5;

    private final Desk desk;
    private final Label summary = new Label();
    private Look look;
    private final List<PropertyRow<?>> rows = new ArrayList<>();
    private final List<ChoiceRow<?>> choices = new ArrayList<>();
    private final Button bead = new Button();

    LookBox(Desk desk, Overlay overlay, Look look) {
        this.desk = desk;
        this.look = look;
        getChildren().add(heading());
        for (Property<?> amount : look.amounts()) {
            boolean ofSpotlight = amount.equals(look.own(LookKinds.OUTSIDE));
            if (!ofSpotlight || look.get(LookKinds.MODE) == Mask.Mode.SPOTLIGHT) {
                addRow(overlay, amount);
            }
        }
        for (Choice<?> choice : look.kind().choices()) {
            if (!(choice instanceof Choice.OfPoints)) {
                addChoice(choice);
            }
        }
        getStyleClass().add("look-box");
        setId("look-" + look.owner().id());
        pseudoClassStateChanged(ASIDE, !look.on());
    }

    /** Shows a look from now on if it needs no other rows than this one has; whatever has the focus keeps it. */
    boolean takes(Look now) {
        boolean alike = now.owner().equals(look.owner())
                && now.on() == look.on()
                && now.get(LookKinds.MODE) == look.get(LookKinds.MODE)
                && now.get(LookKinds.MASK_SPACE) == look.get(LookKinds.MASK_SPACE);
        if (alike) {
            look = now;
            summary.setText(summary());
        }
        return alike;
    }

    private <V> void addRow(Overlay overlay, Property<V> amount) {
        PropertyRow<V> row =
                new PropertyRow<>(desk, overlay, amount, look.owner().id() + "-" + amount.id()).inOneLine();
        rows.add(row);
        getChildren().add(row);
    }

    private <V> void addChoice(Choice<V> choice) {
        ChoiceRow<V> row = new ChoiceRow<>(desk, look, choice, answer -> choose(choice, answer));
        choices.add(row);
        getChildren().add(row);
    }

    private <V> void choose(Choice<V> choice, V answer) {
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .apply(LookEdits.choose(
                        shot.id(), look, choice, answer, desk.cursor().shotFrame())));
    }

    private HBox heading() {
        var circle = new Circle(BEAD);
        circle.getStyleClass().add("look-bead");
        bead.setGraphic(circle);
        bead.getStyleClass().add("bead-button");
        bead.setId("switch-" + look.owner().id());
        Icons.name(bead, (look.on() ? "Disable " : "Enable ") + lower());
        bead.setOnAction(_ -> onShot(shot -> LookEdits.switchOn(shot.id(), look, !look.on())));
        Label name = new Label(look.words());
        name.getStyleClass().add("look-name");
        name.setMinWidth(USE_PREF_SIZE);
        summary.setText(summary());
        summary.getStyleClass().add("quiet");
        summary.setMinWidth(0);
        HBox heading = new HBox(6, bead, name, DialogParts.gap(), summary, menu());
        heading.setAlignment(Pos.CENTER_LEFT);
        heading.getStyleClass().add("look-heading");
        return heading;
    }

    private String lower() {
        return look.words().toLowerCase(Locale.ROOT);
    }

    private String summary() {
        if (!look.kind().isKnown()) {
            return look.kind().purpose();
        }
        if (!look.on()) {
            return "off";
        }
        if (look.kind().equals(LookKinds.MASK)) {
            return look.get(LookKinds.SHAPE).name().toLowerCase(Locale.ROOT)
                    + (look.get(LookKinds.MASK_SPACE) == LookSpace.PICTURE ? ", in the picture" : ", in the frame");
        }
        return look.kind().purpose();
    }

    private MenuButton menu() {
        MenuButton menu = new MenuButton();
        menu.setGraphic(new FontIcon(Feather.MORE_VERTICAL));
        menu.getStyleClass().add("more-button");
        menu.setId("more-" + look.owner().id());
        Hint.of(menu, "More for " + lower() + ": order, remove");
        menu.setAccessibleText("More for " + lower());
        menu.getItems()
                .addAll(
                        item("Move up", "up", shot -> LookEdits.move(shot.id(), look, -1)),
                        item("Move down", "down", shot -> LookEdits.move(shot.id(), look, 1)),
                        new SeparatorMenuItem(),
                        item("Remove", "away", shot -> LookEdits.remove(shot.id(), look)));
        return menu;
    }

    private MenuItem item(String words, String tag, OfShot edit) {
        MenuItem item = new MenuItem(words);
        item.setId(tag + "-" + look.owner().id());
        item.setOnAction(_ -> onShot(edit));
        return item;
    }

    /** An edit of the selected shot. */
    @FunctionalInterface
    private interface OfShot {
        Edit of(Shot shot);
    }

    private void onShot(OfShot edit) {
        desk.cursor().selectedShot().ifPresent(shot -> desk.document().apply(edit.of(shot)));
    }

    /** Shows the amounts at a frame. */
    void show(Shot shot, int frame) {
        rows.forEach(row -> row.show(shot, frame, ""));
        shot.looks().stream()
                .filter(found -> found.owner().equals(look.owner()))
                .findFirst()
                .ifPresent(found -> choices.forEach(row -> row.show(found)));
    }
}
