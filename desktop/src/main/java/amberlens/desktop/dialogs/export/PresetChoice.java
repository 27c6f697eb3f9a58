package amberlens.desktop.dialogs.export;

import amberlens.desktop.desk.state.Preferences;
import amberlens.desktop.kit.style.Choices;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import org.jspecify.annotations.Nullable;

/** The uses that answer all questions of the export dialog at once: the usual ones, and those a person has kept by name. */
final class PresetChoice extends HBox {
    private final Preferences preferences;
    private final Function<String, ExportPreset> answers;
    private final ComboBox<@Nullable ExportPreset> presets;
    private final TextField name = new TextField();
    private final Button keep = new Button("Keep these answers…");
    private final Button forget = new Button("Forget");
    private boolean filling;

    /**
     * @param chosen is told what was chosen
     * @param answers gives the answers as they are now, by a name
     */
    PresetChoice(Preferences preferences, Consumer<ExportPreset> chosen, Function<String, ExportPreset> answers) {
        super(8);
        setAlignment(Pos.CENTER_LEFT);
        this.preferences = preferences;
        this.answers = answers;
        presets = Choices.of(all(), ExportPreset::name, null, "export-preset");
        presets.setPromptText("choose a use");
        presets.valueProperty().subscribe(preset -> {
            forget.setVisible(preset != null && !ExportPreset.isUsual(preset.name()));
            if (preset != null && !filling) {
                chosen.accept(preset);
            }
        });
        name.setId("export-preset-name");
        name.setPromptText("name");
        name.setPrefColumnCount(12);
        name.setVisible(false);
        name.managedProperty().bind(name.visibleProperty());
        name.setOnAction(_ -> keep());
        keep.setId("export-preset-keep");
        keep.getStyleClass().add("quiet-button");
        keep.setOnAction(_ -> keep());
        forget.setId("export-preset-forget");
        forget.getStyleClass().add("quiet-button");
        forget.setVisible(false);
        forget.managedProperty().bind(forget.visibleProperty());
        forget.setOnAction(_ -> forget());
        getChildren().addAll(presets, name, keep, forget);
    }

    private List<ExportPreset> all() {
        List<ExportPreset> all = new ArrayList<>(ExportPreset.usual());
        preferences.exportPresets().forEach(kept -> preferences
                .exportPreset(kept)
                .flatMap(written -> ExportPreset.read(kept, written))
                .ifPresent(all::add));
        return all;
    }

    /** Asks for a name first. */
    private void keep() {
        if (!name.isVisible()) {
            name.setVisible(true);
            name.requestFocus();
            keep.setText("Keep");
            return;
        }
        String called = name.getText().strip();
        if (called.isEmpty() || ExportPreset.isUsual(called)) {
            name.requestFocus();
            name.selectAll();
            return;
        }
        ExportPreset kept = answers.apply(called);
        preferences.setExportPreset(called, kept.written());
        name.clear();
        name.setVisible(false);
        keep.setText("Keep these answers…");
        fill(called);
    }

    private void forget() {
        ExportPreset preset = presets.getValue();
        if (preset != null) {
            preferences.forgetExportPreset(preset.name());
            fill("");
        }
    }

    /** Shows those that there are; choosing one here answers nothing anew. */
    private void fill(String chosen) {
        filling = true;
        presets.getItems().setAll(all());
        presets.setValue(presets.getItems().stream()
                .filter(preset -> preset != null && preset.name().equals(chosen))
                .findFirst()
                .orElse(null));
        filling = false;
    }
}
