package amberlens.desktop.dialogs.moves;

import amberlens.core.base.words.Figures;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.traced.ShakeEdits;
import amberlens.core.edit.traced.TracedWish.NoRoom;
import amberlens.core.material.shake.Shake;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.material.shake.StockShake;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.model.project.ShotSettings;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.work.background.Round;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.KeptShakes;
import amberlens.desktop.work.services.Services;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** Which shake lies under the moves of the selected shots, seen on the bench behind while the answers change. */
final class ShakePanel extends FormPanel {
    private static final double USUAL = 100;
    private static final double STEP = 10;
    private static final double OTHER_MOMENT = 2.3;
    private static final double FOUND_WIDTH = 400;
    private static final double FOUND_HEIGHT = 56;

    private final Desk desk;
    private final Overlay overlay;
    private final Project project;
    private final Set<String> shots;
    private final ComboBox<Optional<Shake>> which;
    private final Slider amount = new Slider(0, ShakeLayer.MOST, USUAL);
    private final Label percent = new Label();
    private final ComboBox<NoRoom> noRoom =
            Choices.of(List.of(NoRoom.values()), NoRoom::words, NoRoom.SEALED, "shake-room");
    private final Label found = DialogParts.sentence("");
    private final Round asked;
    private double from;
    private Optional<Edit> edit = Optional.empty();

    ShakePanel(Desk desk, Services services, Overlay overlay, KeptShakes kept) {
        super("Shake", "Shake", () -> end(desk, overlay));
        this.desk = desk;
        this.overlay = overlay;
        asked = new Round(services.background());
        project = desk.document().settled();
        shots = desk.cursor().selection().shots();
        Optional<ShakeLayer> now =
                desk.cursor().selectedShot().map(Shot::settings).flatMap(ShotSettings::shake);
        List<Optional<Shake>> all = new ArrayList<>(List.of(Optional.empty()));
        for (StockShake stock : StockShake.values()) {
            all.add(Optional.of(stock.shake()));
        }
        kept.all().forEach(one -> all.add(Optional.of(one.what())));
        now.map(ShakeLayer::shake)
                .map(Optional::of)
                .filter(one -> !all.contains(one))
                .ifPresent(all::add);
        which = Choices.of(
                all,
                shake -> shake.map(Shake::name).orElse("None"),
                now.map(ShakeLayer::shake).or(() -> Optional.of(StockShake.STEADY_HANDS.shake())),
                "shake-which");
        now.ifPresent(layer -> {
            amount.setValue(layer.amount());
            from = layer.from();
        });
        build();
    }

    private void build() {
        setId("shake-panel");
        amount.setId("shake-amount");
        amount.setAccessibleText("Amount of the shake, in per cent");
        amount.setBlockIncrement(STEP);
        found.setId("shake-found");
        found.setMinHeight(FOUND_HEIGHT);
        found.setAlignment(Pos.TOP_LEFT);
        TextSizes.prefWidth(found, FOUND_WIDTH);
        TextSizes.maxWidth(found, FOUND_WIDTH);
        HBox much = new HBox(8, amount, percent);
        HBox.setHgrow(amount, Priority.ALWAYS);
        much.setAlignment(Pos.CENTER_LEFT);
        TextSizes.minWidth(percent, 44);
        Button other = other("Another moment", () -> {
            from += OTHER_MOMENT;
            look();
        });
        other.setId("shake-other");
        row("Shake", which);
        row("Amount", much);
        row("Begins at", other);
        row("No room", noRoom);
        explain("It is under the move: the keys stay as they are.");
        body(found);
        which.valueProperty().subscribe((_, _) -> look());
        noRoom.valueProperty().subscribe((_, _) -> look());
        amount.valueProperty().subscribe(_ -> look());
    }

    private static void end(Desk desk, Overlay overlay) {
        desk.document().cancel();
        overlay.close();
    }

    void open() {
        overlay.showAside(this, () -> end(desk, overlay));
    }

    /** Works out what would come of the answers; the last question counts. */
    private void look() {
        edit = Optional.empty();
        percent.setText(Figures.fixed(amount.getValue(), 0) + " %");
        Optional<Shake> shake = which.getValue();
        double much = amount.getValue();
        double begins = from;
        NoRoom room = noRoom.getValue();
        double limit = desk.preferences().limitPercent();
        asked.startOnly(Work.of(() -> ShakeEdits.plan(project, shots, shake, much, begins, room, limit), plan -> {
            if (overlay.getChildren().contains(this)) {
                show(plan);
            }
        }));
    }

    private void show(ShakeEdits.Plan plan) {
        edit = plan.edit();
        found.setText(String.join(" ", plan.remarks()));
        edit.ifPresentOrElse(desk.document()::show, desk.document()::cancel);
    }

    @Override
    protected void take() {
        Edit made = edit.orElseThrow(() -> new IllegalArgumentException(
                found.getText().isEmpty() ? "Still computing. Wait a moment." : found.getText()));
        desk.document().cancel();
        desk.document().apply(made);
        overlay.close();
        desk.say("");
    }
}
