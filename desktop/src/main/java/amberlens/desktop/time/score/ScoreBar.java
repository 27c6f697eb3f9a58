package amberlens.desktop.time.score;

import amberlens.core.base.time.Timecode;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.Neighbours;
import amberlens.core.motion.property.Lane;
import amberlens.desktop.desk.commands.KeyTiming;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.FittingBar;
import amberlens.desktop.kit.style.Hint;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.Region;

/** The controls of the Score: how keys move, and how lanes are looked at. */
final class ScoreBar extends FittingBar {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Desk desk;
    private final ScoreSurface surface;
    private final KeyTiming timing;
    private final Label subject = new Label();
    private final Label chosen = new Label();
    private final TextField time = new TextField();
    private final ToggleButton push =
            toggle("Push", "neighbours-push", "Moved keys push the keys in their way; when off, they stop at them");
    private final ToggleButton snap =
            toggle("Snap", "snapping", "Keys snap to other keys, markers, the playhead, first and last frame");
    private final ToggleButton curves = toggle("Curves", "curves", "Expand all lanes to shape values and eases");
    private final ToggleButton speed = toggle("Speed", "curve-speed", "Show speed instead of value in expanded lanes");

    ScoreBar(Desk desk, ScoreSurface surface) {
        super(6);
        this.desk = desk;
        this.surface = surface;
        timing = new KeyTiming(desk);
        Label title = new Label("Score");
        title.getStyleClass().add("view-title");
        subject.getStyleClass().add("quiet");
        subject.setMinWidth(0);
        chosen.getStyleClass().add("quiet");
        time.setId("key-time");
        time.getStyleClass().add("number-field");
        time.setPromptText("time");
        time.setAccessibleText("Time of the first selected key");
        Hint.of(time, "The time of the first selected key: a frame, 2:06, +12 or -12, 3/4 or 75 % of the shot");
        time.setOnAction(_ -> setTime());
        Region gap = DialogParts.gap();
        push.setOnAction(
                _ -> desk.prefer(to -> to.setNeighbours(push.isSelected() ? Neighbours.PUSH : Neighbours.STOP)));
        snap.setOnAction(_ -> desk.prefer(to -> to.setSnapping(snap.isSelected())));
        curves.setOnAction(_ -> surface.view()
                .setAllTall(
                        curves.isSelected() ? ScoreLayout.lanesOf(desk.cursor().selectedShot()) : List.of()));
        speed.setOnAction(_ -> surface.view().setSpeed(speed.isSelected()));
        Button fit = button("Fit", "fit-visible", "Fit expanded lanes to what is visible", () -> fit(false));
        Button fitKeys =
                button("Fit keys", "fit-keys", "Fit time and expanded lanes to the selected keys", () -> fit(true));
        Button all = button("All", "show-all", "Show the whole shot and all values", surface.view()::showAll);
        Label keys = group("Keys");
        Label lanes = group("Lanes");
        Label zoom = group("Zoom");
        getChildren()
                .addAll(
                        title, subject, gap, chosen, time, keys, push, snap, lanes, curves, speed, zoom, fit, fitKeys,
                        all);
        spare(keys, lanes, zoom, speed, fit, fitKeys, push, all);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("score-bar");
    }

    private static ToggleButton toggle(String words, String id, String hint) {
        ToggleButton button = new ToggleButton(words);
        button.setId(id);
        Hint.of(button, hint);
        button.getStyleClass().add("small-toggle");
        return button;
    }

    private static Button button(String words, String id, String hint, Runnable run) {
        Button button = new Button(words);
        button.setId(id);
        Hint.of(button, hint);
        button.getStyleClass().add("small-toggle");
        button.setOnAction(_ -> run.run());
        return button;
    }

    /** What the buttons after it are about. */
    private static Label group(String words) {
        Label label = new Label(words);
        label.getStyleClass().addAll("quiet", "bar-group");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    void refresh() {
        Optional<Shot> shot = desk.cursor().selectedShot();
        subject.setText(shot.map(Shot::name).orElse(""));
        push.setSelected(desk.preferences().neighbours() == Neighbours.PUSH);
        snap.setSelected(desk.preferences().snapping());
        curves.setSelected(surface.view().anyTall());
        speed.setDisable(!surface.view().anyTall());
        KeySet keys = desk.cursor().selectedKeys();
        boolean any = !keys.isEmpty();
        chosen.setText(
                any ? String.format(Locale.ROOT, "%d %s at", keys.size(), keys.size() == 1 ? "key" : "keys") : "");
        want(chosen, any);
        want(time, any);
        if (any && !time.isFocused()) {
            time.pseudoClassStateChanged(WRONG, false);
            time.setText(Timecode.brief(
                    Math.max(0, keys.first()), desk.document().project().frame().rate()));
        }
    }

    private void setTime() {
        Optional<String> refused = timing.setTime(time.getText());
        time.pseudoClassStateChanged(WRONG, refused.isPresent());
        if (refused.isPresent()) {
            desk.say("Not moved: " + refused.get() + ".");
            Hint.of(time, "Not moved: " + refused.get());
        } else {
            desk.say("");
            surface.requestFocus();
            refresh();
        }
    }

    private void fit(boolean toKeys) {
        desk.cursor().selectedShot().ifPresent(shot -> {
            ScoreLayout plan = surface.plan();
            KeySet keys = desk.cursor().selectedKeys();
            boolean some = toKeys && !keys.isEmpty();
            double from = some ? keys.first() : Math.max(0, plan.from());
            double to = some ? keys.last() : Math.min(shot.lastFrame(), plan.from() + plan.shown());
            if (some && to > from) {
                double air = (to - from) * 0.1 + 1;
                surface.view().showTime(from - air, to - from + 2 * air);
            }
            for (Lane lane : plan.lanes().keySet()) {
                if (plan.band(lane).tall() && (!some || keys.frames(lane).length > 0)) {
                    surface.view()
                            .setRange(
                                    lane,
                                    LaneValues.of(shot, lane)
                                            .range(from, to, surface.view().speed())
                                            .padded());
                }
            }
        });
    }
}
