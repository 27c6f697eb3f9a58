package amberlens.desktop.camera;

import amberlens.core.edit.FramingEdits;
import amberlens.core.model.Shot;
import amberlens.core.motion.Ease;
import amberlens.core.motion.Framings;
import amberlens.core.motion.Leg;
import amberlens.core.time.FrameRate;
import amberlens.core.time.Timecode;
import amberlens.desktop.look.EaseGlyph;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The ease of the selected leg: the stock legs as small drawn curves. */
final class LegPanel extends VBox {
    private final Store store;
    private final Label heading = new Label();
    private final Label duration = new Label();
    private final HBox choices = new HBox(6);
    private int from;

    LegPanel(Store store) {
        this.store = store;
        heading.getStyleClass().add("view-title");
        Hyperlink back = new Hyperlink("Back to the pose");
        back.getStyleClass().add("go-to-key");
        back.setId("leg-back");
        back.setOnAction(_ -> store.select(new Selection.Nothing()));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox title = new HBox(heading, gap, back);
        duration.getStyleClass().add("quiet");
        for (Ease ease : Ease.values()) {
            choices.getChildren().add(choice(ease));
        }
        Label way = new Label("Flat is slow, steep is fast. Equal framings stand dead still.");
        way.getStyleClass().add("quiet");
        way.setWrapText(true);
        setSpacing(7);
        setAlignment(Pos.TOP_LEFT);
        getChildren().addAll(new VBox(2, title, duration), choices, way);
        getStyleClass().add("leg-panel");
    }

    private ToggleButton choice(Ease ease) {
        ToggleButton button = new ToggleButton(ease.words().replaceFirst(" ", "\n"));
        button.setGraphic(new EaseGlyph(ease.leg(), 40, 20));
        button.setContentDisplay(ContentDisplay.TOP);
        button.setAccessibleText(ease.words());
        button.setTooltip(new Tooltip(ease.words() + "  (" + (ease.ordinal() + 1) + ")"));
        button.setId("ease-" + ease.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        button.getStyleClass().add("ease-choice");
        button.setUserData(ease);
        button.setOnAction(_ -> choose(ease));
        return button;
    }

    private void choose(Ease ease) {
        store.selectedShot().ifPresent(shot -> store.apply(FramingEdits.setLeg(shot.id(), from, ease.leg())));
    }

    void show(Shot shot, int fromFrame, FrameRate rate) {
        from = fromFrame;
        List<Integer> framings = Framings.of(shot.camera());
        int index = framings.indexOf(fromFrame);
        int to = index >= 0 && index + 1 < framings.size() ? framings.get(index + 1) : shot.lastFrame();
        heading.setText("Leg " + (index + 1) + " → " + (index + 2));
        duration.setText(String.format(
                Locale.ROOT,
                "%s to %s, %d frames, %.1f s",
                Timecode.brief(fromFrame, rate),
                Timecode.brief(to, rate),
                to - fromFrame,
                rate.seconds(to - fromFrame)));
        Leg leg = Framings.legAt(shot.camera(), fromFrame).orElse(Leg.LINEAR);
        choices.getChildren().forEach(node -> {
            ToggleButton button = (ToggleButton) node;
            button.setSelected(((Ease) button.getUserData()).leg().equals(leg));
        });
    }
}
