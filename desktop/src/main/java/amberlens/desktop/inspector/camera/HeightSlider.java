package amberlens.desktop.inspector.camera;

import amberlens.core.edit.edits.FlightEdits;
import amberlens.core.motion.curve.FlightPath;
import amberlens.core.motion.curve.Leg;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.TextSizes;
import java.util.Locale;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;

/** How high a flight flies. */
final class HeightSlider extends HBox {
    private final Desk desk;
    private final Slider slider = new Slider(FlightPath.LEAST_RHO, 2.5, FlightPath.USUAL_RHO);
    private final Label number = new Label();
    private int from;
    private boolean showing;

    HeightSlider(Desk desk) {
        this.desk = desk;
        Label label = new Label("Height");
        label.setMinWidth(USE_PREF_SIZE);
        slider.setId("flight-height");
        TextSizes.prefWidth(slider, 48);
        slider.setBlockIncrement(0.1);
        slider.setAccessibleText("Height of the flight");
        Hint.of(
                slider,
                "Height of the flight: low moves straight across, high moves far out first; 1.42 is usual. Keep inside limits it to the picture");
        number.getStyleClass().add("unit");
        TextSizes.minWidth(number, 28);
        slider.valueProperty().addListener((_, _, now) -> moved(now.doubleValue()));
        slider.setOnMouseReleased(_ -> desk.document().commit());
        slider.setOnKeyReleased(_ -> desk.document().commit());
        getChildren().addAll(label, slider, number);
        setSpacing(4);
        setAlignment(Pos.CENTER_LEFT);
        managedProperty().bind(visibleProperty());
    }

    private void moved(double now) {
        if (!showing) {
            double rho = Math.round(now * 100) / 100.0;
            desk.cursor().selection().shotId().ifPresent(shot -> desk.document()
                    .show(FlightEdits.high(shot, Set.of(from), Math.max(FlightPath.LEAST_RHO, rho))));
        }
    }

    /** Shows the height of a leg; nothing where it is no flight. */
    void show(Leg leg, int at) {
        setVisible(leg instanceof Leg.Flight);
        if (leg instanceof Leg.Flight flight) {
            showing = true;
            from = at;
            if (!slider.isValueChanging()) {
                slider.setValue(flight.rho());
            }
            number.setText(String.format(Locale.ROOT, "%.2f", flight.rho()));
            showing = false;
        }
    }
}
