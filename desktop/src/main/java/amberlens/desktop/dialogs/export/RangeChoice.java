package amberlens.desktop.dialogs.export;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Timecode;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.media.export.ExportJob;
import amberlens.media.export.ExportSettings;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

/** Which frames are exported, and into how many files. */
final class RangeChoice extends HBox {
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
    }

    private final Desk desk;
    private final Optional<Shot> selected;
    private final Set<String> chosen;
    private final ComboBox<Range> range;
    private final TextField from = new TextField();
    private final TextField to = new TextField();

    RangeChoice(Desk desk) {
        super(8);
        setAlignment(Pos.CENTER_LEFT);
        this.desk = desk;
        selected = desk.cursor().selectedShot();
        chosen = desk.cursor().selection().shots();
        range = Choices.of(List.of(Range.values()), choice -> choice.words, Range.LINE_UP, "export-range");
        range.setOnAction(_ -> show());
        from.setId("export-from");
        to.setId("export-to");
        from.setPrefColumnCount(9);
        to.setPrefColumnCount(9);
        getChildren().addAll(range, from, new Label("–"), to);
        show();
    }

    private void show() {
        boolean free = range.getValue() == Range.FRAMES;
        from.setDisable(!free);
        to.setDisable(!free);
        if (!free) {
            write(chosenSpan());
        }
    }

    private void write(FrameSpan span) {
        from.setText(Timecode.of(span.from(), project().frame().rate()));
        to.setText(Timecode.of(span.to(), project().frame().rate()));
    }

    /** As it is now: a seal may have changed it since the dialog opened. */
    private Project project() {
        return desk.document().project();
    }

    private FrameSpan chosenSpan() {
        var whole = new FrameSpan(0, Math.max(0, LineUp.length(project()) - 1));
        return range.getValue() == Range.SHOT ? selected.map(Shot::onLineUp).orElse(whole) : whole;
    }

    /** Runs something whenever other frames are chosen. */
    void whenChanged(Runnable changed) {
        range.valueProperty().subscribe(changed);
        Stream.of(from, to).forEach(time -> time.textProperty().subscribe(changed));
    }

    /** Whether it is one frame alone. */
    boolean isOneFrame() {
        return range.getValue() == Range.FRAMES && from.getText().equals(to.getText());
    }

    void setWholeLineUp() {
        range.setValue(Range.LINE_UP);
        show();
    }

    /** One frame alone: that at the playhead. */
    void setFrameAtPlayhead() {
        range.setValue(Range.FRAMES);
        int frame = Math.clamp(desk.cursor().playhead(), 0, Math.max(0, LineUp.length(project()) - 1));
        write(new FrameSpan(frame, frame));
    }

    /**
     * The frames as they stand there.
     *
     * @throws FileProblem for a time that cannot be understood
     */
    FrameSpan span() throws FileProblem {
        try {
            return range.getValue() == Range.FRAMES
                    ? new FrameSpan(
                            Timecode.parse(from.getText(), project().frame().rate()),
                            Timecode.parse(to.getText(), project().frame().rate()))
                    : chosenSpan();
        } catch (IllegalArgumentException e) {
            throw new FileProblem("Frames: " + e.getMessage() + ".", e);
        }
    }

    /** The exports of a film in one of its frames. */
    List<ExportJob> jobs(Project film, ExportSettings settings) {
        return switch (range.getValue()) {
            case PER_SHOT -> ExportJob.perShot(film, LineUp.inTime(film), settings);
            case PER_SELECTED ->
                ExportJob.perShot(
                        film,
                        LineUp.inTime(film).stream()
                                .filter(shot -> chosen.contains(shot.id()))
                                .toList(),
                        settings);
            case SHOT -> List.of(new ExportJob(selected.map(Shot::name).orElse(film.name()), film, settings));
            case LINE_UP, FRAMES -> List.of(new ExportJob(film.name(), film, settings));
        };
    }
}
