package amberlens.desktop.app;

import amberlens.core.edit.ShotEdits;
import amberlens.core.model.Shot;
import amberlens.core.time.FrameRate;
import amberlens.core.time.Timecode;
import amberlens.desktop.look.Overlay;
import amberlens.desktop.store.Store;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The dialog for the length of a shot, in frames or as a timecode. Keys keep their timing. */
final class LengthPanel extends VBox {
    private final Store store;
    private final Overlay overlay;
    private final Shot shot;
    private final TextField length = new TextField();
    private final Label note = new Label();

    LengthPanel(Store store, Overlay overlay, Shot shot) {
        this.store = store;
        this.overlay = overlay;
        this.shot = shot;
        FrameRate rate = store.project().frame().rate();
        Label title = new Label("Length of \"" + shot.name() + "\"");
        title.getStyleClass().add("dialog-title");
        Label explanation = new Label("In frames, or as seconds and frames such as "
                + Timecode.brief(shot.length(), rate) + ". The keys keep their timing.");
        explanation.getStyleClass().add("quiet");
        length.setText(Timecode.brief(shot.length(), rate));
        length.setId("shot-length");
        length.setPrefColumnCount(10);
        length.setMaxWidth(USE_PREF_SIZE);
        note.getStyleClass().add("problem");
        Button set = new Button("Set the length");
        set.getStyleClass().add("main-button");
        set.setDefaultButton(true);
        set.setOnAction(_ -> take());
        Button cancel = new Button("Cancel");
        cancel.getStyleClass().add("quiet-button");
        cancel.setOnAction(_ -> overlay.close());
        HBox buttons = new HBox(8, cancel, set);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        setSpacing(12);
        getChildren().addAll(title, explanation, length, note, buttons);
    }

    private void take() {
        try {
            int frames =
                    Timecode.parse(length.getText(), store.project().frame().rate());
            if (frames < 1 || frames > Shot.LONGEST) {
                note.setText("A shot has 1 to " + Shot.LONGEST + " frames.");
                return;
            }
            store.apply(ShotEdits.setLength(shot.id(), frames));
            overlay.close();
        } catch (IllegalArgumentException e) {
            note.setText(e.getMessage());
        }
    }
}
