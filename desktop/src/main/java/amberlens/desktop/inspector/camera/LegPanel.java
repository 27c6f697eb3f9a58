package amberlens.desktop.inspector.camera;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Timecode;
import amberlens.core.edit.edits.PathEdits;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.FlightPath;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.keys.KeyEases;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.property.Lane;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.commands.KeyChanges;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.EaseGlyph;
import amberlens.desktop.kit.style.Hint;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The selected leg: its ease from small drawn curves or set apart per end, even zoom, and the bend of its path. */
final class LegPanel extends VBox {
    private static final Leg FLIGHT = Leg.Flight.in(FrameFormat.USUAL.size(), FlightPath.USUAL_RHO, TimingCurve.STEADY);

    private final Desk desk;
    private final KeyChanges changes;
    private final Label heading = new Label();
    private final Label ease = new Label();
    private final FlowPane choices = new FlowPane(5, 5);
    private final StrengthSlider leave;
    private final StrengthSlider arrive;
    private final HeightSlider height;
    private final CheckBox even = new CheckBox("Even zoom");
    private final CheckBox curved = new CheckBox("Curved path");
    private final ToggleButton fly = new ToggleButton();
    private final Button same = new Button("Same for all");
    private Selection.LegFrom from = new Selection.LegFrom(0);

    LegPanel(Desk desk, Actions actions) {
        this.desk = desk;
        changes = new KeyChanges(desk);
        leave = new StrengthSlider(
                "Leave", "leave", desk, (camera, strength) -> KeyEases.leaving(camera, keys(), strength));
        arrive = new StrengthSlider(
                "Arrive", "arrive", desk, (camera, strength) -> KeyEases.arriving(camera, keys(), strength));
        height = new HeightSlider(desk);
        heading.getStyleClass().add("view-title");
        Hyperlink back = new Hyperlink("Back to the numbers");
        back.getStyleClass().add("go-to-key");
        back.setId("leg-back");
        back.setOnAction(_ -> desk.cursor().select(new Selection.Nothing()));
        Region gap = DialogParts.gap();
        ease.setMinWidth(0);
        HBox title = new HBox(8, heading, ease, gap, back);
        title.setAlignment(Pos.BASELINE_LEFT);
        for (Ease ease : Ease.values()) {
            choices.getChildren().add(choice(ease, actions));
        }
        choices.getChildren().add(fly);
        dress(fly, FLIGHT, "flight", actions.get("leg.fly").nameWithKeys());
        fly.setOnAction(_ -> changes.fly());
        setSpacing(5);
        setAlignment(Pos.TOP_LEFT);
        ease.getStyleClass().add("will-do");
        getChildren().addAll(title, choices, new FlowPane(4, 4, leave, arrive, height), switches());
        getStyleClass().add("leg-panel");
    }

    private FlowPane switches() {
        even.setId("even-zoom");
        Hint.of(
                even,
                "The scale grows by equal ratios in equal times, so the zoom feels even; the position follows on the same way");
        even.setOnAction(_ -> changes.setEven(even.isSelected()));
        curved.setId("curved-path");
        Hint.of(curved, "The position runs along a curve; pull its handles on the Table or in the Lens");
        curved.setOnAction(_ -> changes.setCurved(from.frame(), curved.isSelected()));
        same.setId("same-ease");
        Hint.of(same, "Give this ease to all properties that have a key there");
        same.getStyleClass().add("quiet-button");
        same.setOnAction(_ -> sameForAll());
        FlowPane switches = new FlowPane(10, 4, even, curved, same);
        switches.setAlignment(Pos.CENTER_LEFT);
        return switches;
    }

    private ToggleButton choice(Ease ease, Actions actions) {
        ToggleButton button = new ToggleButton();
        String name = ease.name().toLowerCase(Locale.ROOT);
        dress(button, ease.leg(), name, actions.get("ease." + name).nameWithKeys());
        button.setAccessibleText(ease.words());
        button.setUserData(ease);
        button.setOnAction(_ -> changes.setLeg(ease.leg()));
        return button;
    }

    private static void dress(ToggleButton button, Leg leg, String name, String hint) {
        button.setGraphic(new EaseGlyph(leg, 30, 18));
        button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        button.setAccessibleText(name);
        Hint.of(button, hint);
        button.setId("ease-" + name.replace('_', '-'));
        button.getStyleClass().add("ease-choice");
    }

    private KeySet keys() {
        return desk.cursor().selectedKeys();
    }

    private void sameForAll() {
        desk.cursor().selectedShot().ifPresent(shot -> {
            Leg leg = leg(shot);
            desk.cursor().select(new Selection.LegFrom(from.frame()));
            changes.setLeg(leg);
        });
    }

    private Leg leg(Shot shot) {
        return from.lane()
                .flatMap(lane -> keyAt(shot.camera().channel(lane)))
                .or(() -> Framings.legAt(shot.camera(), from.frame()))
                .orElse(Leg.LINEAR);
    }

    private <V> Optional<Leg> keyAt(Channel<V> channel) {
        return channel.keyAt(from.frame()).map(Key::leg);
    }

    void show(Shot shot, Selection.LegFrom selected, FrameRate rate) {
        from = selected;
        List<Integer> stations = selected.lane()
                .map(lane ->
                        shot.camera().channel(lane).keys().stream().map(Key::at).toList())
                .orElse(Framings.of(shot.camera()));
        int index = stations.indexOf(selected.frame());
        int to = index >= 0 && index + 1 < stations.size() ? stations.get(index + 1) : shot.lastFrame();
        heading.setText(selected.lane().map(Lane::words).orElse("Leg") + " " + (index + 1) + " → " + (index + 2));
        Leg leg = leg(shot);
        ease.setText(Ease.wordsFor(leg) + " · " + Timecode.brief(to - selected.frame(), rate));
        Hint.of(
                ease,
                Timecode.brief(Math.max(0, selected.frame()), rate) + " to " + Timecode.brief(Math.max(0, to), rate));
        choices.getChildren().forEach(node -> {
            ToggleButton button = (ToggleButton) node;
            button.setSelected(
                    button.getUserData() instanceof Ease stock && stock.leg().equals(leg));
        });
        fly.setSelected(leg instanceof Leg.Flight);
        fly.setDisable(selected.lane().isPresent());
        height.show(leg, selected.frame());
        OptionalDouble left = KeyEases.departure(leg);
        OptionalDouble right = KeyEases.arrival(leg);
        leave.show(left);
        arrive.show(right);
        boolean scaled = shot.camera().scale().keyAt(selected.frame()).isPresent();
        even.setDisable(!scaled);
        even.setSelected(
                shot.camera().scale().keyAt(selected.frame()).map(Key::even).orElse(false));
        var position = shot.camera().position();
        curved.setDisable(
                position.axes().isPresent() || position.keyAt(selected.frame()).isEmpty());
        curved.setSelected(PathEdits.curved(position, selected.frame()));
        same.setDisable(selected.lane().isEmpty() && oneEase(shot, leg));
    }

    /** Whether all properties with a key there have this ease already. */
    private boolean oneEase(Shot shot, Leg leg) {
        return shot.camera().lanes().stream()
                .map(lane -> keyAt(shot.camera().channel(lane)))
                .flatMap(Optional::stream)
                .allMatch(leg::equals);
    }
}
