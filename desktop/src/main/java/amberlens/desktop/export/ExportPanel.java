package amberlens.desktop.export;

import amberlens.core.model.FileProblem;
import amberlens.core.model.Project;
import amberlens.desktop.look.Overlay;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Store;
import amberlens.media.export.Export;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportSettings;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The export dialog: first the questions, then progress with the time left, and a way to stop it. */
public final class ExportPanel extends VBox {
    private final Store store;
    private final Services services;
    private final Overlay overlay;
    private final ExportForm form;
    private final Label note = new Label();
    private final ProgressBar bar = new ProgressBar(0);
    private final Label progressText = new Label();
    private final Button start = new Button("Export");
    private final Button cancel = new Button("Cancel");
    private volatile boolean running;
    private volatile boolean stopped;

    public ExportPanel(
            Store store,
            Services services,
            Overlay overlay,
            Path proposed,
            Function<ExportFormat, Optional<Path>> browse) {
        this.store = store;
        this.services = services;
        this.overlay = overlay;
        form = new ExportForm(store, proposed, browse);
        Label title = new Label("Export");
        title.getStyleClass().add("dialog-title");
        note.setWrapText(true);
        note.setMaxWidth(520);
        note.getStyleClass().add("problem");
        note.setId("export-note");
        show(note, false);
        bar.setMaxWidth(Double.MAX_VALUE);
        bar.setId("export-bar");
        progressText.getStyleClass().add("timecode-quiet");
        progressText.setId("export-progress");
        progress(false);
        start.getStyleClass().add("main-button");
        start.setDefaultButton(true);
        start.setId("export-start");
        start.setOnAction(_ -> start(false));
        cancel.getStyleClass().add("quiet-button");
        cancel.setId("export-cancel");
        cancel.setOnAction(_ -> cancel());
        HBox buttons = new HBox(8, cancel, start);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        setSpacing(14);
        getChildren().addAll(title, form, note, bar, progressText, buttons);
        setId("export-panel");
    }

    /** Closes the dialog, or stops the export that runs. */
    public void cancel() {
        if (running) {
            stopped = true;
        } else {
            overlay.close();
        }
    }

    private void start(boolean overwrite) {
        try {
            ExportSettings settings = form.settings(overwrite);
            Export.check(store.project(), withOverwrite(settings));
            if (!overwrite && exists(settings)) {
                say("A file of this name exists already.");
                start.setText("Replace it");
                start.setOnAction(_ -> start(true));
                return;
            }
            run(settings, store.project());
        } catch (FileProblem e) {
            say(e.getMessage());
        }
    }

    private static ExportSettings withOverwrite(ExportSettings settings) {
        return new ExportSettings(settings.frames(), settings.size(), settings.format(), settings.destination(), true);
    }

    private boolean exists(ExportSettings settings) {
        try {
            Export.check(store.project(), settings);
            return false;
        } catch (FileProblem e) {
            return true;
        }
    }

    private void run(ExportSettings settings, Project project) {
        running = true;
        stopped = false;
        form.setDisable(true);
        start.setDisable(true);
        show(note, false);
        progress(true);
        long began = System.nanoTime();
        services.background().execute(() -> {
            try {
                var export = new Export(project, settings, services.cache(), services.rows());
                boolean whole = export.run((done, of) -> {
                    Platform.runLater(() -> showProgress(done, of, System.nanoTime() - began));
                    return !stopped;
                });
                Platform.runLater(() -> finished(whole, settings.destination()));
            } catch (FileProblem e) {
                Platform.runLater(() -> failed(e.getMessage()));
            } catch (RuntimeException e) {
                Platform.runLater(() -> failed("The export failed: " + e.getMessage() + "."));
            }
        });
    }

    private void showProgress(int done, int of, long nanos) {
        bar.setProgress((double) done / of);
        double left = done == 0 ? 0 : nanos / 1e9 / done * (of - done);
        progressText.setText(String.format(
                Locale.ROOT,
                "%d of %d frames%s",
                done,
                of,
                done < 3 ? "" : String.format(Locale.ROOT, ", %.0f s left", left)));
    }

    private void finished(boolean whole, Path destination) {
        running = false;
        overlay.close();
        store.say(whole ? "Exported " + destination + "." : "The export was stopped; nothing was left behind.");
    }

    private void failed(String message) {
        running = false;
        form.setDisable(false);
        start.setDisable(false);
        progress(false);
        say(message);
    }

    private void say(String message) {
        note.setText(message);
        show(note, true);
    }

    private void progress(boolean shown) {
        List.<Region>of(bar, progressText).forEach(part -> show(part, shown));
        if (shown) {
            bar.setProgress(0);
            progressText.setText("Starting …");
        }
    }

    private static void show(Region part, boolean shown) {
        part.setVisible(shown);
        part.setManaged(shown);
    }
}
