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
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import amberlens.files.FileStamp;
import amberlens.media.export.FrameSource;
import amberlens.media.proof.Proof;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import org.jspecify.annotations.Nullable;

/** The writing of a proof, shot by shot, and what it came to. */
final class ProofPanel extends DialogPanel {
    private static final double BAR_WIDTH = 360;

    private final Services services;
    private final Overlay overlay;
    private final Path file;
    private final Project project;
    private final Proof.Origin origin;
    private final ProgressBar bar = new ProgressBar(0);
    private final Label words = new Label("Checking every frame …");
    private @Nullable Work<?> writing;

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

    /** Writes the page in the background. */
    void write() {
        writing = services.background()
                .start(Work.watched(
                                this::written, this::end, why -> overlay.tell("The proof could not be written", why))
                        .forEveryProject()
                        .takesLong());
    }

    private Optional<List<ShotCheck>> written(Work<?> work) throws FileProblem {
        var frames = new FrameSource(project, services.cache(), services.rows());
        return new Proof(project, origin).write(file, frames, (done, of) -> {
            work.tell(() -> {
                bar.setProgress((double) done / of);
                words.setText(done + " of " + Counted.of(of, "shot"));
            });
            return work.isWanted();
        });
    }

    private void end(Optional<List<ShotCheck>> checks) {
        checks.ifPresent(found -> overlay.tell(
                "Proof",
                CheckWords.verdict(found) + " Saved to " + file + "; open it in a browser to read or print it."));
    }

    /** Closes the dialog; what is not finished leaves nothing behind. */
    void escape() {
        Work<?> now = writing;
        if (now != null) {
            now.cancel();
        }
        overlay.close();
    }
}
