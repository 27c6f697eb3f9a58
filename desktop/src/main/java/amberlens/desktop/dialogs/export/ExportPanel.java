package amberlens.desktop.dialogs.export;

import amberlens.core.edit.edits.OutputSeal;
import amberlens.core.model.project.FileProblem;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.queue.ExportQueue;
import amberlens.desktop.work.services.Services;
import amberlens.media.export.ExportCheck;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportJob;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;

/** The export dialog: its questions, what stands against the answers, and the way into the queue. */
public final class ExportPanel extends DialogPanel {
    private final Desk desk;
    private final ExportQueue queue;
    private final Background background;
    private final Runnable showQueue;
    private final ExportForm form;
    private final Label note = new Label();
    private final Button start = new Button("Export");
    private final Button seal = new Button("Seal first");

    /** What was asked about, what was agreed to, and what is asked now. */
    private List<ExportJob> asked = List.of();

    private final Set<Question> agreed = EnumSet.noneOf(Question.class);
    private Optional<Question> question = Optional.empty();
    private boolean edgesOpen;

    /**
     * @param cancel closes the dialog
     * @param showQueue shows the queue in its place
     */
    public ExportPanel(
            Desk desk,
            Services services,
            Path proposed,
            Function<ExportFormat, Optional<Path>> browse,
            Runnable cancel,
            Runnable showQueue) {
        super("Export");
        this.desk = desk;
        queue = services.exports();
        background = services.background();
        this.showQueue = showQueue;
        form = new ExportForm(desk, background, services.cards(), proposed, browse);
        var ahead = new ExportAhead(desk, services, form, this::isOpen);
        note.setWrapText(true);
        TextSizes.maxWidth(note, 520);
        note.getStyleClass().add("problem");
        note.setId("export-note");
        note.managedProperty().bind(note.textProperty().isNotEmpty());
        named(main(start, this::start), "export-start");
        named(other(seal, this::sealFirst), "export-seal");
        seal.setVisible(false);
        seal.managedProperty().bind(seal.visibleProperty());
        body(form, ahead, note);
        foot(named(other("Cancel", cancel), "export-cancel"), seal, start);
        setId("export-panel");
    }

    /** What has to be agreed to before something is exported. */
    private enum Question {
        REPLACE,
        OPEN_EDGES
    }

    /** Asks what has to be asked about the answers as they are, and starts when all is agreed to. */
    private void start() {
        try {
            List<ExportJob> jobs = form.jobs(true);
            if (!jobs.equals(asked)) {
                asked = jobs;
                agreed.clear();
            } else {
                question.ifPresent(agreed::add);
            }
            nothingAsked();
            for (ExportJob job : jobs) {
                ExportCheck.check(job.project(), job.settings());
            }
            if (!agreed.contains(Question.REPLACE) && !form.onlyChanged() && anyExists(jobs)) {
                boolean one = jobs.size() == 1;
                ask(
                        Question.REPLACE,
                        one ? "A file of this name exists already." : "Some of these files exist already.",
                        one ? "Replace it" : "Replace them");
            } else if (!agreed.contains(Question.OPEN_EDGES)) {
                lookForEdges(jobs);
            } else {
                add(jobs);
            }
        } catch (FileProblem e) {
            note.setText(e.getMessage());
        }
    }

    private void isOpen(boolean open) {
        edgesOpen = open;
        seal.setVisible(open);
    }

    private void nothingAsked() {
        question = Optional.empty();
        note.setText("");
        start.setText("Export");
        seal.setVisible(edgesOpen);
    }

    private void ask(Question what, String words, String agree) {
        question = Optional.of(what);
        note.setText(words);
        start.setText(agree);
        seal.setVisible(edgesOpen || what == Question.OPEN_EDGES);
    }

    /** Nothing is exported with an open edge unless somebody says so. */
    private void lookForEdges(List<ExportJob> jobs) {
        away(() -> {
            String open = OpenEdges.words(jobs);
            return () -> {
                if (open.isEmpty()) {
                    add(jobs);
                } else {
                    ask(Question.OPEN_EDGES, open, "Export as it is");
                }
            };
        });
    }

    private void sealFirst() {
        try {
            List<ExportJob> jobs = form.jobs(true);
            double limit = desk.preferences().limitPercent();
            away(() -> {
                OutputSeal lifts = OpenEdges.lifted(jobs, limit);
                return () -> sealed(lifts);
            });
        } catch (FileProblem e) {
            note.setText(e.getMessage());
        }
    }

    private void sealed(OutputSeal lifts) {
        if (!lifts.steps().isEmpty()) {
            desk.document().applyToWhole(lifts.edit());
        }
        if (!lifts.refusals().isEmpty()) {
            note.setText(String.join("; ", lifts.refusals()) + ".");
            return;
        }
        try {
            asked = form.jobs(true); // what was agreed to holds for them as they are sealed
            question = Optional.empty();
            start();
        } catch (FileProblem e) {
            note.setText(e.getMessage());
        }
    }

    /** Works it out in the background while the dialog waits. */
    private void away(Supplier<Runnable> work) {
        setDisable(true);
        background.start(Work.of(work::get, this::then, why -> then(() -> note.setText(why)))
                .atEnd(() -> setDisable(false)));
    }

    private void then(Runnable shown) {
        setDisable(false);
        start.requestFocus(); // keys went nowhere while nothing could be used
        shown.run();
    }

    private void add(List<ExportJob> jobs) {
        jobs.forEach(job -> queue.add(job, form.onlyChanged()));
        showQueue.run();
    }

    private static boolean anyExists(List<ExportJob> jobs) {
        for (ExportJob job : jobs) {
            try {
                ExportCheck.check(job.project(), job.settings().withOverwrite(false));
            } catch (FileProblem e) {
                return true;
            }
        }
        return false;
    }
}
