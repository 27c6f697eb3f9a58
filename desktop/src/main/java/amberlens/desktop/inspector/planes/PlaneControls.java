package amberlens.desktop.inspector.planes;

import amberlens.core.material.planes.Plane;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.NumberField;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** A plane among the others: its name, which selects it, and how far it lies. */
final class PlaneControls extends HBox {
    private static final PseudoClass AT_HAND = PseudoClass.getPseudoClass("selected");
    private static final double WHOLE = 100;

    private final Desk desk;
    private final String id;
    private final ToggleButton name = new ToggleButton();
    private final Slider far = new Slider(WHOLE * Plane.NEAREST, WHOLE * Plane.FURTHEST, WHOLE);
    private final NumberField number;
    private boolean showing;

    PlaneControls(Desk desk, Plane plane) {
        this.desk = desk;
        id = plane.id();
        name.setId("plane-" + id);
        name.getStyleClass().add("plane-name");
        name.setMaxWidth(Double.MAX_VALUE);
        name.setMinWidth(0);
        name.setAlignment(Pos.CENTER_LEFT);
        name.setOnAction(_ -> take());
        HBox.setHgrow(name, Priority.ALWAYS);
        far.setId("plane-far-" + id);
        far.setAccessibleText("Distance of the plane, in % of the ground's");
        far.setBlockIncrement(1);
        far.setMinWidth(84);
        far.setMaxWidth(84);
        far.valueProperty().subscribe((_, value) -> slide(value.doubleValue()));
        far.valueChangingProperty().subscribe((_, changing) -> {
            if (!changing && !showing) {
                desk.document().commit();
            }
        });
        far.focusedProperty().subscribe((_, focused) -> {
            if (!focused && !showing) {
                desk.document().commit();
            }
        });
        number = new NumberField(1, "Distance, in % of the ground's", typed -> {
                    take();
                    PlaneCuts.change(desk, "distance", now -> now.withDistance(typed / WHOLE));
                })
                .refusing(typed -> typed < WHOLE * Plane.NEAREST || typed > WHOLE * Plane.FURTHEST
                        ? Optional.of(String.format(
                                Locale.ROOT,
                                "a plane is at %.0f to %.0f %% of the background's distance",
                                WHOLE * Plane.NEAREST,
                                WHOLE * Plane.FURTHEST))
                        : Optional.empty());
        number.setId("plane-distance-" + id);
        number.setPrefColumnCount(3);
        Label sign = DialogParts.quiet("%");
        sign.setMinWidth(USE_PREF_SIZE);

        getChildren().addAll(name, far, number, sign);
        setSpacing(6);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("plane-row");
    }

    private void take() {
        desk.tools().planes().select(Optional.of(id));
        name.setSelected(true);
    }

    private void slide(double percent) {
        if (!showing) {
            take();
            PlaneCuts.showChange(desk, "distance", now -> now.withDistance(percent / WHOLE));
        }
    }

    boolean isOf(Plane plane) {
        return plane.id().equals(id);
    }

    void show(Plane plane) {
        showing = true;
        name.setText(plane.name());
        boolean atHand = desk.tools().planes().selected().filter(id::equals).isPresent();
        name.setSelected(atHand);
        pseudoClassStateChanged(AT_HAND, atHand);
        far.setValue(WHOLE * plane.distance());
        number.show(WHOLE * plane.distance());
        showing = false;
    }
}
