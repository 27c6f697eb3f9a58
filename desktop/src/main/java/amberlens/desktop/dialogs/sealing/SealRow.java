package amberlens.desktop.dialogs.sealing;

import amberlens.core.judge.seal.SealCost;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealWay;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.TextSizes;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;

/** One way of sealing with its cost, or why it cannot be. */
final class SealRow extends FlowPane {
    private final RadioButton choice;
    private final Label cost = new Label();

    SealRow(SealWay way, ToggleGroup group, Runnable chosen) {
        choice = new RadioButton(way.words());
        choice.setId("seal-" + way.name().toLowerCase(Locale.ROOT));
        choice.setToggleGroup(group);
        Hint.of(choice, way.words() + ": " + way.explained());
        TextSizes.minWidth(choice, 104);
        choice.setOnAction(_ -> chosen.run());
        cost.getStyleClass().add("seal-cost");
        cost.setId("seal-cost-" + way.name().toLowerCase(Locale.ROOT));
        cost.setMinWidth(0);
        cost.setWrapText(true);
        cost.maxWidthProperty().bind(widthProperty().subtract(4));
        getChildren().addAll(choice, cost);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("seal-row");
    }

    void waiting() {
        choice.setDisable(true);
        cost.setText("…");
        Hint.of(cost, "");
    }

    void show(SealResult result) {
        choice.setDisable(!(result instanceof SealResult.Sealed));
        String words =
                switch (result) {
                    case SealResult.AlreadySealed _ -> "nothing to close";
                    case SealResult.Sealed sealed -> words(sealed);
                    case SealResult.Refused refused -> "no: " + refused.reason();
                };
        cost.setText(words);
        Hint.of(cost, words);
    }

    private static String words(SealResult.Sealed sealed) {
        SealCost price = sealed.cost();
        String scale = Math.abs(price.scalePercent()) < 0.005
                ? "no zoom"
                : String.format(Locale.ROOT, "scale %+.1f %%", price.scalePercent());
        String shift = price.shiftPx() < 0.05
                ? "no shift"
                : String.format(Locale.ROOT, "shift %.0f px", Math.max(1, price.shiftPx()));
        String key = sealed.addedKey().isPresent() ? " · one key more" : "";
        return String.format(Locale.ROOT, "%s · %s · enlarged to %.0f %%%s", scale, shift, price.enlargement(), key);
    }

    void choose() {
        choice.setSelected(true);
    }
}
