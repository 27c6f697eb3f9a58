package amberlens.desktop.dialogs.export;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.material.sound.EvenLoudness;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.media.export.CardEncoders;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportJob;
import amberlens.media.export.ExportSettings;
import amberlens.media.film.Quality;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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
    /** Parts of the frame's size that are offered. */
    private static final int[] PER_CENT = {100, 50, 25, 200};

    private final Desk desk;
    private final RangeChoice range;
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
    private final CardChoice fast;
    private final CardEncoders cards;

    ExportForm(
            Desk desk,
            Background background,
            CardEncoders cards,
            Path proposed,
            Function<ExportFormat, Optional<Path>> browse) {
        this.desk = desk;
        this.cards = cards;
        fast = new CardChoice(background, cards);
        getStyleClass().add("form");
        range = new RangeChoice(desk);
        size = Choices.of(
                sizes(project().frameSize()), Size::toString, project().frameSize(), "export-size");
        rate = Choices.of(
                rates(),
                each -> each + (each.equals(project().frame().rate()) ? " fps, the project's" : " fps"),
                project().frame().rate(),
                "export-rate");
        format = Choices.of(formats(), ExportFormat::words, ExportFormat.MP4_H264, "export-format");
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
        int row = 0;
        row(row++, "For", new PresetChoice(desk.preferences(), this::answer, this::answers));
        row(row++, "Frames", range);
        if (shapes.isNeeded()) {
            row(row++, "Deliveries", shapes);
        }
        row(row++, "Size", new HBox(8, size, rate));
        row(row++, "Format", new HBox(8, format, use));
        row(row++, "Quality", new HBox(14, quality, fast));
        row(row++, "Sound", loudness);
        row(row++, "", new HBox(18, transparent, onlyChanged));
        row(row, "Save as", new HBox(8, destination, browser));
        showFormat();
        Stream.of(size, rate, format).forEach(choice -> choice.valueProperty().subscribe(this::offerCard));
        offerFormatsOfCards(background);
    }

    private static List<ExportFormat> formats() {
        return Arrays.stream(ExportFormat.values())
                .filter(ExportFormat::isMadeHere)
                .toList();
    }

    /** Formats that graphics cards alone make, where one does. */
    private void offerFormatsOfCards(Background background) {
        Size whole = project().frameSize();
        FrameRate usual = project().frame().rate();
        Arrays.stream(ExportFormat.values())
                .filter(only -> !only.isMadeHere())
                .forEach(only -> background.start(
                        Work.of(() -> cards.choose(only.film().orElseThrow(), whole, usual), choice -> {
                                    if (choice.encoder().isPresent()) {
                                        format.getItems().add(1, only);
                                    }
                                })
                                .takesLong()));
    }

    private void offerCard() {
        fast.offer(format.getValue().film(), size.getValue(), rate.getValue());
    }

    /** Answers all questions for a use but where to. */
    private void answer(ExportPreset preset) {
        if (preset.frames() == ExportPreset.Frames.AT_PLAYHEAD) {
            range.setFrameAtPlayhead();
        } else {
            range.setWholeLineUp();
        }
        shapes.choose(preset.shape());
        size.getSelectionModel().select(index(preset.percent()));
        if (format.getItems().contains(preset.format())) {
            format.setValue(preset.format());
        }
        quality.setValue(preset.quality());
        loudness.setValue(loudness.getItems().contains(preset.loudness()) ? preset.loudness() : Optional.empty());
        transparent.setSelected(preset.transparent());
        showFormat();
        fast.want(preset.fast());
        if (format.getValue() != preset.format()) {
            use.setText("no " + preset.format().words() + " here");
        }
        if (preset.shape() == ExportPreset.Shape.UPRIGHT && !shapes.hasUpright()) {
            use.setText("no upright delivery yet: add one first");
        }
    }

    private static int index(int percent) {
        for (int i = 0; i < PER_CENT.length; i++) {
            if (PER_CENT[i] == percent) {
                return i;
            }
        }
        return 0;
    }

    /** The answers as they are, by a name. */
    private ExportPreset answers(String name) {
        return new ExportPreset(
                name,
                format.getValue(),
                quality.getValue(),
                PER_CENT[Math.max(0, size.getSelectionModel().getSelectedIndex())],
                loudness.getValue(),
                transparent.isSelected(),
                fast.isFast(),
                range.isOneFrame() ? ExportPreset.Frames.AT_PLAYHEAD : ExportPreset.Frames.LINE_UP,
                shapes.isUprightAlone() ? ExportPreset.Shape.UPRIGHT : ExportPreset.Shape.AS_SEEN);
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
        Stream.of(size, rate, format, quality)
                .forEach(choice -> choice.valueProperty().subscribe(changed));
        fast.selectedProperty().subscribe(changed);
        range.whenChanged(changed);
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
            for (ExportJob job : range.jobs(film.film(), settings.withDestination(named))) {
                jobs.add(film.delivery().map(job::in).orElse(job));
            }
        }
        return jobs;
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
            if (destination.getText().isBlank()) {
                throw new FileProblem("Choose where to save the film.");
            }
            Path path = Path.of(destination.getText().strip());
            FrameRate other = rate.getValue();
            return new ExportSettings(
                            range.span(),
                            size(film.frameSize()),
                            other.equals(project().frame().rate()) ? Optional.empty() : Optional.of(other),
                            format.getValue(),
                            quality.getValue(),
                            transparent.isSelected(),
                            path,
                            overwrite)
                    .withFast(fast.isFast())
                    .withLoudness(loudness.isDisabled() ? Optional.empty() : loudness.getValue());
        } catch (InvalidPathException e) {
            throw new FileProblem("\"" + destination.getText() + "\" cannot be the name of a file.", e);
        }
    }
}
