package amberlens.desktop.dialogs.proof;

import amberlens.core.base.words.Counted;
import amberlens.core.edit.check.CheckWords;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Document;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.work.services.Services;
import amberlens.files.FileStamp;
import amberlens.media.export.FrameSource;
import amberlens.media.proof.Proof;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;

/** The writing of a proof, shot by shot, and what it came to. */
final class ProofPanel extends DialogPanel {
    private static final double BAR_WIDTH = 360;

    private final Services services;
    private final Overlay overlay;
    private final Path file;
    private final Project project;
    private final Proof.Origin origin;
    private final ProgressBar bar = new ProgressBar(0);
    private final Label words = new Label("Looking at every frame …");
    private final AtomicBoolean cancelled = new AtomicBoolean();

    ProofPanel(Desk desk, Services services, Overlay overlay, Path file) {
        super("Proof");
        this.services = services;
        this.overlay = overlay;
        this.file = file;
        Document document = desk.document();
        Project shown = document.project();
        project = document.delivery()
                .map(delivery -> shown.withName(shown.name() + " " + delivery.name()))
                .orElse(shown);
        origin = new Proof.Origin(
                document.file().map(Path::getFileName).map(Path::toString),
                document.unsaved() ? Optional.empty() : document.stamp().map(FileStamp::hash),
                ZonedDateTime.now());
        words.setId("proof-words");
        words.setWrapText(true);
        TextSizes.maxWidth(words, 440);
        bar.setPrefWidth(BAR_WIDTH);
        body(words, bar);
        foot(DialogParts.gap(), other("Cancel", this::escape));
    }

    /** Writes the page behind the bench. */
    void write() {
        services.background().execute(() -> {
            try {
                var frames = new FrameSource(project, services.cache(), services.rows());
                Optional<List<ShotCheck>> checks = new Proof(project, origin).write(file, frames, this::goOn);
                Platform.runLater(() -> checks.ifPresent(found -> end(
                        "Proof",
                        CheckWords.verdict(found) + " The page is in " + file + "; a browser shows and prints it.")));
            } catch (FileProblem e) {
                Platform.runLater(() -> end("The proof could not be written", String.valueOf(e.getMessage())));
            }
        });
    }

    private boolean goOn(int done, int of) {
        Platform.runLater(() -> {
            bar.setProgress((double) done / of);
            words.setText(done + " of " + Counted.of(of, "shot"));
        });
        return !cancelled.get();
    }

    private void end(String title, String text) {
        if (!cancelled.get()) {
            overlay.tell(title, text);
        }
    }

    /** Closes the dialog; what is not finished leaves nothing behind. */
    void escape() {
        cancelled.set(true);
        overlay.close();
    }
}
