package amberlens.desktop.dialogs.check;

import amberlens.core.base.time.Timecode;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.judge.sharpness.OutputSize;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.services.Services;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;

/** How sharp a shot is: its worst frame, the limit, and the sizes of output for which the picture would do. */
final class SharpnessPanel extends DialogPanel {
    private final Desk desk;
    private final Services services;
    private final Shot shot;
    private final GridPane sizes = new GridPane();
    private final Label worst = new Label();

    SharpnessPanel(Desk desk, Services services, Overlay overlay, Shot shot) {
        super("Sharpness of " + shot.name());
        this.desk = desk;
        this.services = services;
        this.shot = shot;
        worst.setId("sharpness-worst");
        sizes.getStyleClass().add("form");
        sizes.setId("output-sizes");
        NumberField limit = new NumberField(1, "Greatest enlargement, in per cent", value -> {
                    desk.prefer(to -> to.setLimitPercent(value));
                    fill();
                })
                .refusing(value ->
                        value > 0 && value <= 1_000_000 ? Optional.empty() : Optional.of("enter a limit above 0 %"));
        limit.setId("sharpness-limit");
        limit.show(desk.preferences().limitPercent());
        HBox limits = new HBox(
                8,
                DialogParts.quiet("Counts as sharp up to"),
                limit,
                DialogParts.quiet("% (enlargement up to 110 % is seldom noticed)"));
        limits.setAlignment(Pos.CENTER_LEFT);
        body(worst, limits, sizes);
        foot(
                other("Go to the worst frame", () -> {
                    overlay.close();
                    desk.cursor().seekInShot(greatest().frame());
                }),
                main("Close", overlay::close));
        fill();
    }

    private Enlargement greatest() {
        return services.facts().enlargement(desk.document().project(), shot);
    }

    private void fill() {
        double limit = desk.preferences().limitPercent();
        Enlargement greatest = greatest();
        worst.setText(String.format(
                Locale.ROOT,
                "Enlarged to %.1f %% at most, at %s: %s.",
                greatest.percent(),
                Timecode.brief(
                        greatest.frame(), desk.document().project().frame().rate()),
                greatest.percent() <= limit ? "sharp at this frame size" : "soft at this frame size"));
        sizes.getChildren().clear();
        int row = 0;
        sizes.addRow(
                row++, DialogParts.quiet("Output"), DialogParts.quiet("Enlarged to"), DialogParts.quiet("The picture"));
        for (OutputSize size : OutputSize.of(greatest, desk.document().project().frameSize())) {
            Label verdict = new Label(size.does(limit) ? "✓ sharp" : "✗ soft");
            verdict.getStyleClass().add(size.does(limit) ? "would-do" : "would-not");
            sizes.addRow(
                    row++,
                    new Label(size.size().toString()),
                    new Label(String.format(Locale.ROOT, "%.0f %%", size.enlargement())),
                    verdict);
        }
    }
}
