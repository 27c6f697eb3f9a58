package amberlens.desktop.dialogs.moves;

import amberlens.core.base.words.Counted;
import amberlens.core.edit.edits.EvenSet;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Arithmetic;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.background.Round;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;

/** Makes the moves of a set alike, and shows all of them as arrows, as they are and as they would become. */
final class EvenMovesPanel extends FormPanel {
    private static final double WIDTH = 620;

    private final Desk desk;
    private final Overlay overlay;
    private final Project project;
    private final Set<String> chosen;
    private final List<Shot> shots;
    private final ComboBox<EvenSet.Match> match =
            Choices.of(List.of(EvenSet.Match.values()), EvenSet.Match::words, EvenSet.Match.PACE, "even-match");
    private final ComboBox<EvenSet.Course> course =
            Choices.of(List.of(EvenSet.Course.values()), EvenSet.Course::words, EvenSet.Course.OWN, "even-course");
    private final TextField amount = new TextField("100");
    private final MoveArrows arrows;
    private final Label note = DialogParts.sentence("");
    private Optional<EvenSet.Plan> plan = Optional.empty();
    private final Round asked;

    EvenMovesPanel(Desk desk, Services services, Overlay overlay) {
        super("Even out moves", "Even out", overlay::close);
        this.desk = desk;
        asked = new Round(services.background());
        this.overlay = overlay;
        project = desk.document().project();
        Set<String> selected = desk.cursor().selection().shots();
        chosen = selected.size() > 1
                ? selected
                : project.shots().stream().map(Shot::id).collect(Collectors.toSet());
        shots = EvenSet.members(project, chosen);
        arrows = new MoveArrows(project, shots, WIDTH);
        ScrollPane scroll = new ScrollPane(arrows);
        scroll.setPrefViewportWidth(WIDTH);
        scroll.setMinHeight(arrows.getHeight() + 16);
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        amount.setId("even-amount");
        note.setId("even-note");
        row("The same", match);
        row("Directions", course);
        row("Amount, % of the median", amount);
        explain(
                "Each move keeps its timing, eases and midpoint. Its slide and zoom become those of the median move. Every move is sealed. Pictures with pitch or yaw, flights and titles stay unchanged.");
        body(scroll, note);
        match.setOnAction(_ -> look());
        course.setOnAction(_ -> look());
        amount.textProperty().subscribe(_ -> look());
    }

    /** Works out what would come of the answers, in the background. */
    private void look() {
        plan = Optional.empty();
        arrows.draw(project, shots, project, shots);
        if (shots.size() < 2) {
            note.setText("Select at least two shots that move, or none for all.");
            return;
        }
        EvenSet set;
        try {
            set = new EvenSet(project, match.getValue(), course.getValue(), Arithmetic.value(amount.getText()));
        } catch (IllegalArgumentException e) {
            note.setText(e.getMessage());
            return;
        }
        note.setText("Looking at " + Counted.of(shots.size(), "move") + " …");
        asked.startOnly(Work.of(
                () -> {
                    EvenSet.Plan found = set.plan(chosen);
                    return new Even(found, found.edit().apply(project));
                },
                this::show,
                note::setText));
    }

    private record Even(EvenSet.Plan plan, Project after) {}

    private void show(Even even) {
        EvenSet.Plan found = even.plan;
        Project after = even.after;
        plan = Optional.of(found);
        List<Shot> then =
                shots.stream().map(shot -> after.shot(shot.id()).orElseThrow()).toList();
        arrows.draw(project, shots, after, then);
        note.setText(Counted.of(found.made().size(), "move") + " would match, sealed."
                + (found.refusals().isEmpty() ? "" : " Unchanged: " + String.join("; ", found.refusals()) + "."));
    }

    @Override
    protected void take() {
        EvenSet.Plan made = plan.orElseThrow(() -> new IllegalArgumentException(
                shots.size() < 2 ? "Select at least two shots that move." : "Still checking moves. Wait a moment."));
        desk.document().apply(made.edit());
        overlay.close();
        desk.say(Counted.of(made.made().size(), "move") + " evened out."
                + (made.refusals().isEmpty() ? "" : " Unchanged: " + String.join("; ", made.refusals()) + "."));
    }
}
