package amberlens.desktop.dialogs.export;

import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.work.queue.ExportQueue;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The exports that wait, run and have ended. It can be closed at any time; the exports go on. */
public final class QueuePanel extends DialogPanel implements Subscription {
    private static final double WIDTH = 560;
    private static final double HEIGHT = 300;

    private final ExportQueue queue;
    private final Consumer<Path> showFolder;
    private final VBox rows = new VBox(10);
    private final Button clear = new Button("Clear finished");
    private final Button stopAll = new Button("Stop all");
    private final Subscription subscription;
    private List<ExportQueue.Entry> shown = List.of();
    private final List<Row> parts = new ArrayList<>();

    /**
     * @param showFolder shows where a file is
     * @param close closes the panel
     */
    public QueuePanel(Desk desk, ExportQueue queue, Consumer<Path> showFolder, Runnable close) {
        super("Exports");
        this.queue = queue;
        this.showFolder = showFolder;
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        TextSizes.pref(scroll, WIDTH, HEIGHT);
        scroll.getStyleClass().add("quiet-scroll");
        body(scroll);
        foot(
                other(clear, queue::clear),
                named(other(stopAll, queue::stopAll), "queue-stop-all"),
                DialogParts.gap(),
                named(main("Close and continue", close), "queue-close"));
        setId("queue-panel");
        subscription = desk.subscribe(changes -> {
            if (changes.contains(Change.EXPORTS)) {
                refresh();
            }
        });
        refresh();
    }

    private void refresh() {
        List<ExportQueue.Entry> now = queue.entries();
        if (!now.equals(shown)) {
            shown = now;
            parts.clear();
            now.forEach(entry -> parts.add(new Row(entry)));
            rows.getChildren().setAll(parts);
        }
        parts.forEach(Row::refresh);
        clear.setDisable(now.stream().noneMatch(ExportQueue.Entry::ended));
        stopAll.setDisable(now.stream().allMatch(ExportQueue.Entry::ended));
    }

    /** One export. */
    private final class Row extends VBox {
        private final ExportQueue.Entry entry;
        private final Label state = new Label();
        private final ProgressBar bar = new ProgressBar();
        private final Button stop = new Button("Stop");
        private final Button show = new Button("Show in folder");

        Row(ExportQueue.Entry entry) {
            this.entry = entry;
            Label name = new Label(entry.job().name());
            name.getStyleClass().add("card-name");
            Label file = DialogParts.quiet(
                    entry.job().settings().destination().getFileName().toString());
            state.getStyleClass().add("timecode-quiet");
            state.setWrapText(true);
            stop.getStyleClass().add("quiet-button");
            stop.setOnAction(_ -> queue.stop(entry));
            show.getStyleClass().add("quiet-button");
            show.setOnAction(_ -> showFolder.accept(entry.job().settings().destination()));
            show.managedProperty().bind(show.visibleProperty());
            stop.managedProperty().bind(stop.visibleProperty());
            Region gap = DialogParts.gap();
            HBox head = new HBox(10, name, file, gap, stop, show);
            head.setAlignment(Pos.CENTER_LEFT);
            bar.setMaxWidth(Double.MAX_VALUE);
            setSpacing(4);
            getChildren().addAll(head, bar, state);
        }

        void refresh() {
            bar.setProgress(entry.progress());
            stop.setVisible(!entry.ended());
            show.setVisible(entry.state() == ExportQueue.State.DONE || entry.state() == ExportQueue.State.SKIPPED);
            state.setText(
                    entry.state() == ExportQueue.State.RUNNING
                            ? running()
                            : entry.state().words() + (entry.problem().isEmpty() ? "" : ": " + entry.problem()));
        }

        private String running() {
            String frames = entry.framesDone() + " of " + entry.frames() + " frames";
            return Double.isNaN(entry.secondsLeft())
                    ? frames
                    : frames
                            + String.format(
                                    Locale.ROOT, ", %.1f fps, %.0f s left", entry.perSecond(), entry.secondsLeft());
        }
    }

    @Override
    public void close() {
        subscription.close();
    }
}
