package amberlens.desktop.dialogs.export;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Timecode;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.material.sound.EvenLoudness;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportJob;
import amberlens.media.export.ExportSettings;
import amberlens.media.film.Quality;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** The questions of the export dialog: which frames, how large and fast, in which format and quality, where to. */
final class ExportForm extends GridPane {
    /** Which frames, and into how many files. */
    private enum Range {
        LINE_UP("The whole line-up"),
        SHOT("The selected shot"),
        FRAMES("From … to"),
        PER_SHOT("One file for each shot"),
        PER_SELECTED("One file for each selected shot");

        private final String words;

        Range(String words) {
            this.words = words;
        }

        boolean several() {
            return this == PER_SHOT || this == PER_SELECTED;
        }
    }

    /** Parts of the frame's size that are offered. */
    private static final int[] PER_CENT = {100, 50, 25, 200};

    private final Desk desk;
    private final Optional<Shot> selected;
    private final Set<String> chosen;
    private final ComboBox<Range> range;
    private final TextField from = new TextField();
    private final TextField to = new TextField();
    private final ComboBox<Size> size;
    private final ComboBox<FrameRate> rate;
    private final ComboBox<ExportFormat> format;
    private final ComboBox<Quality> quality;
    private final ComboBox<Optional<Double>> loudness;
    private final Label use = new Label();
    private final CheckBox transparent = new CheckBox("Transparent background");
    private final CheckBox onlyChanged = new CheckBox("Only what changed since the last export");
    private final TextField destination = new TextField();
    private final ShapeChoice shapes;

    ExportForm(Desk desk, Path proposed, Function<ExportFormat, Optional<Path>> browse) {
        this.desk = desk;
        selected = desk.cursor().selectedShot();
        chosen = desk.cursor().selection().shots();
        getStyleClass().add("form");
        range = Choices.of(List.of(Range.values()), choice -> choice.words, Range.LINE_UP, "export-range");
        range.setOnAction(_ -> showRange());
        from.setId("export-from");
        to.setId("export-to");
        from.setPrefColumnCount(9);
        to.setPrefColumnCount(9);
        size = Choices.of(
                sizes(project().frameSize()), Size::toString, project().frameSize(), "export-size");
        rate = Choices.of(
                rates(),
                each -> each + (each.equals(project().frame().rate()) ? " fps, the project's" : " fps"),
                project().frame().rate(),
                "export-rate");
        format =
                Choices.of(List.of(ExportFormat.values()), ExportFormat::words, ExportFormat.MP4_H264, "export-format");
        format.setOnAction(_ -> showFormat());
        quality = Choices.of(List.of(Quality.values()), Quality::words, Quality.GOOD, "export-quality");
        loudness = Choices.of(
                List.of(Optional.empty(), Optional.of(EvenLoudness.STREAMING), Optional.of(EvenLoudness.BROADCAST)),
                ExportForm::loudnessWords,
                Optional.empty(),
                "export-loudness");
        use.getStyleClass().add("quiet");
        transparent.setId("export-transparent");
        onlyChanged.setId("export-only-changed");
        destination.setText(proposed.toString());
        destination.setPrefColumnCount(30);
        destination.setId("export-destination");
        Button browser = new Button("Browse…");
        browser.getStyleClass().add("quiet-button");
        browser.setOnAction(
                _ -> browse.apply(format.getValue()).ifPresent(path -> destination.setText(path.toString())));
        HBox.setHgrow(destination, Priority.ALWAYS);
        shapes = new ShapeChoice(desk.document());
        row(0, "Frames", new HBox(8, range, from, new Label("–"), to));
        if (shapes.isNeeded()) {
            row(1, "Deliveries", shapes);
        }
        row(2, "Size", new HBox(8, size, rate));
        row(3, "Format", new HBox(8, format, use));
        row(4, "Quality", quality);
        row(5, "Sound", loudness);
        row(6, "", transparent);
        row(7, "", onlyChanged);
        row(8, "Save as", new HBox(8, destination, browser));
        showRange();
        showFormat();
    }

    private static String loudnessWords(Optional<Double> target) {
        return target.map(lufs -> String.format(
                        Locale.ROOT,
                        "normalised to %.0f LUFS, %s",
                        lufs,
                        lufs == EvenLoudness.BROADCAST ? "broadcast" : "streaming"))
                .orElse("unchanged");
    }

    /** As it is now: a seal may have changed it since the dialog opened. */
    private Project project() {
        return desk.document().project();
    }

    private static List<Size> sizes(Size frame) {
        List<Size> sizes = new ArrayList<>();
        sizes.add(frame);
        for (int i = 1; i < PER_CENT.length; i++) {
            sizes.add(new Size(even(frame.width() * PER_CENT[i] / 100), even(frame.height() * PER_CENT[i] / 100)));
        }
        return sizes;
    }

    private List<FrameRate> rates() {
        List<FrameRate> rates = new ArrayList<>(FrameRate.COMMON);
        if (!rates.contains(project().frame().rate())) {
            rates.addFirst(project().frame().rate());
        }
        return rates;
    }

    private static int even(int length) {
        return Math.max(2, length - length % 2);
    }

    private void row(int index, String words, Node field) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        label.setLabelFor(field instanceof HBox box ? box.getChildren().getFirst() : field);
        addRow(index, label, field);
    }

    private void showRange() {
        boolean free = range.getValue() == Range.FRAMES;
        from.setDisable(!free);
        to.setDisable(!free);
        if (!free) {
            FrameSpan span = chosenSpan();
            from.setText(Timecode.of(span.from(), project().frame().rate()));
            to.setText(Timecode.of(span.to(), project().frame().rate()));
        }
    }

    private FrameSpan chosenSpan() {
        var whole = new FrameSpan(0, Math.max(0, LineUp.length(project()) - 1));
        return range.getValue() == Range.SHOT ? selected.map(Shot::onLineUp).orElse(whole) : whole;
    }

    private void showFormat() {
        String text = destination.getText();
        int dot = text.lastIndexOf('.');
        String stem = dot > Math.max(text.lastIndexOf('/'), text.lastIndexOf('\\')) ? text.substring(0, dot) : text;
        destination.setText(stem + format.getValue().ending());
        use.setText(format.getValue().use());
        boolean alone = format.getValue().soundAlone().isPresent();
        boolean heard = !Hearing.wanted(project()).isEmpty();
        size.setDisable(alone);
        rate.setDisable(alone);
        quality.setDisable(alone);
        loudness.setDisable(!heard || !format.getValue().holdsSound());
        transparent.setDisable(!format.getValue().alpha());
        if (!format.getValue().alpha()) {
            transparent.setSelected(false);
        }
        transparent.setText(
                format.getValue().alpha() || alone
                        ? "Transparent background"
                        : "No transparency: this format cannot keep it");
    }

    /** Runs something whenever an answer changes that makes another film. */
    void whenChanged(Runnable changed) {
        Stream.of(range, size, rate, format, quality)
                .forEach(choice -> choice.valueProperty().subscribe(changed));
        Stream.of(from, to).forEach(time -> time.textProperty().subscribe(changed));
    }

    /** Whether files that are as they would become are passed over. */
    boolean onlyChanged() {
        return onlyChanged.isSelected();
    }

    /**
     * What was answered.
     *
     * @throws FileProblem for a time or a file name that cannot be understood
     */
    List<ExportJob> jobs(boolean overwrite) throws FileProblem {
        List<DeliveryFilm.Named> films = shapes.chosen();
        if (films.isEmpty()) {
            throw new FileProblem("Choose at least one of the deliveries, or the film.");
        }
        List<ExportJob> jobs = new ArrayList<>();
        for (DeliveryFilm.Named film : films) {
            ExportSettings settings = settings(film.film(), overwrite || onlyChanged.isSelected());
            Path named = films.size() == 1
                    ? settings.destination()
                    : ExportJob.destination(
                            settings.destination(), desk.document().whole(), film.delivery());
            for (ExportJob job : jobs(film.film(), settings.withDestination(named))) {
                jobs.add(film.delivery().map(job::in).orElse(job));
            }
        }
        return jobs;
    }

    private List<ExportJob> jobs(Project film, ExportSettings settings) {
        if (range.getValue().several()) {
            List<Shot> shots = LineUp.inTime(film).stream()
                    .filter(shot -> range.getValue() == Range.PER_SHOT || chosen.contains(shot.id()))
                    .toList();
            return ExportJob.perShot(film, shots, settings);
        }
        String name = range.getValue() == Range.SHOT ? selected.map(Shot::name).orElse(film.name()) : film.name();
        return List.of(new ExportJob(name, film, settings));
    }

    /** The chosen size, for another frame its part of that. */
    private Size size(Size frame) {
        if (frame.equals(project().frameSize())) {
            return size.getValue();
        }
        return sizes(frame).get(size.getSelectionModel().getSelectedIndex());
    }

    private ExportSettings settings(Project film, boolean overwrite) throws FileProblem {
        try {
            FrameSpan span = range.getValue() == Range.FRAMES
                    ? new FrameSpan(
                            Timecode.parse(from.getText(), project().frame().rate()),
                            Timecode.parse(to.getText(), project().frame().rate()))
                    : chosenSpan();
            if (destination.getText().isBlank()) {
                throw new FileProblem("Choose where to save the film.");
            }
            Path path = Path.of(destination.getText().strip());
            FrameRate other = rate.getValue();
            return new ExportSettings(
                            span,
                            size(film.frameSize()),
                            other.equals(project().frame().rate()) ? Optional.empty() : Optional.of(other),
                            format.getValue(),
                            quality.getValue(),
                            transparent.isSelected(),
                            path,
                            overwrite)
                    .withLoudness(loudness.isDisabled() ? Optional.empty() : loudness.getValue());
        } catch (InvalidPathException e) {
            throw new FileProblem("\"" + destination.getText() + "\" cannot be the name of a file.", e);
        } catch (IllegalArgumentException e) {
            throw new FileProblem("Frames: " + e.getMessage() + ".", e);
        }
    }
}
