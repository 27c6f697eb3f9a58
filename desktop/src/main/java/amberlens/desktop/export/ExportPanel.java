package amberlens.desktop.export;

import amberlens.core.model.FileProblem;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.look.DialogParts;
import amberlens.media.export.Export;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportJob;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The export dialog: its questions, what stands against the answers, and the way into the queue. */
public final class ExportPanel extends VBox {
    private final ExportQueue queue;
    private final Runnable showQueue;
    private final ExportForm form;
    private final Label note = new Label();
    private final Button start = new Button("Export");

    /**
     * @param cancel closes the dialog
     * @param showQueue shows the queue in its place
     */
    public ExportPanel(
            Desk desk,
            ExportQueue queue,
            Path proposed,
            Function<ExportFormat, Optional<Path>> browse,
            Runnable cancel,
            Runnable showQueue) {
        this.queue = queue;
        this.showQueue = showQueue;
        form = new ExportForm(desk, proposed, browse);
        note.setWrapText(true);
        note.setMaxWidth(520);
        note.getStyleClass().add("problem");
        note.setId("export-note");
        note.managedProperty().bind(note.textProperty().isNotEmpty());
        start.getStyleClass().add("main-button");
        start.setDefaultButton(true);
        start.setId("export-start");
        start.setOnAction(_ -> start(false));
        Button away = new Button("Cancel");
        away.getStyleClass().add("quiet-button");
        away.setId("export-cancel");
        away.setOnAction(_ -> cancel.run());
        HBox buttons = new HBox(8, away, start);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        setSpacing(14);
        getChildren().addAll(DialogParts.title("Export"), form, note, buttons);
        setId("export-panel");
    }

    private void start(boolean overwrite) {
        try {
            List<ExportJob> jobs = form.jobs(overwrite);
            for (ExportJob job : jobs) {
                Export.check(job.project(), job.settings().withOverwrite(true));
            }
            if (!overwrite && !form.onlyChanged() && anyExists(jobs)) {
                note.setText(
                        jobs.size() == 1
                                ? "A file of this name exists already."
                                : "Some of these files exist already.");
                start.setText(jobs.size() == 1 ? "Replace it" : "Replace them");
                start.setOnAction(_ -> start(true));
                return;
            }
            jobs.forEach(job -> queue.add(job, form.onlyChanged()));
            showQueue.run();
        } catch (FileProblem e) {
            note.setText(e.getMessage());
        }
    }

    private static boolean anyExists(List<ExportJob> jobs) {
        for (ExportJob job : jobs) {
            try {
                Export.check(job.project(), job.settings());
            } catch (FileProblem e) {
                return true;
            }
        }
        return false;
    }
}
