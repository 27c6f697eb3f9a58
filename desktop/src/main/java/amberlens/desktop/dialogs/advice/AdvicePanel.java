package amberlens.desktop.dialogs.advice;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Timecode;
import amberlens.core.base.words.Counted;
import amberlens.core.edit.edits.Advice;
import amberlens.core.edit.edits.Adviser;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What the eye would stumble over in the shots, each with what mends it and a slow look at it. */
final class AdvicePanel extends DialogPanel {
    private static final double WIDTH = 720;
    private static final double HEIGHT = 380;

    /** Of the usual speed. */
    private static final double SLOWLY = 0.25;

    private final Desk desk;
    private final Services services;
    private final Runnable close;
    private final VBox rows = new VBox(10);
    private final Label note = DialogParts.quiet("Checking every move …");

    AdvicePanel(Desk desk, Services services, Runnable close) {
        super("Judder and evenness");
        this.desk = desk;
        this.services = services;
        this.close = close;
        setId("advice-panel");
        TextSizes.prefWidth(this, WIDTH);
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        rows.setPadding(new Insets(0, 12, 0, 0));
        scroll.setPrefHeight(HEIGHT);
        note.setId("advice-note");
        body(scroll);
        foot(note, DialogParts.gap(), named(main("Close", close), "advice-close"));
        look();
    }

    private void look() {
        Project project = desk.document().project();
        services.background()
                .start(Work.of(
                        () -> LineUp.inTime(project).parallelStream()
                                .flatMap(shot -> Adviser.of(project, shot).stream())
                                .toList(),
                        found -> show(project, found),
                        note::setText));
    }

    private void show(Project project, List<Advice> found) {
        rows.getChildren().clear();
        rows.setDisable(false);
        for (int i = 0; i < found.size(); i++) {
            Advice advice = found.get(i);
            int number = i;
            project.shot(advice.shotId()).ifPresent(shot -> rows.getChildren().add(row(project, shot, advice, number)));
        }
        long shots = found.stream().map(Advice::shotId).distinct().count();
        note.setText(
                found.isEmpty()
                        ? "No uneven motion found."
                        : Counted.of(found.size(), "thing") + " to review in " + Counted.of(shots, "shot")
                                + "; these are matters of taste, not faults.");
    }

    private HBox row(Project project, Shot shot, Advice advice, int number) {
        Label what = DialogParts.strong(shot.name() + ": " + advice.kind().words());
        String when = Timecode.brief(advice.span().from(), project.frame().rate()) + " – "
                + Timecode.brief(advice.span().to(), project.frame().rate());
        Label words = DialogParts.sentence(sentence(advice.words()) + " (" + when + ")");
        VBox said = new VBox(2, what, words);
        HBox.setHgrow(said, Priority.ALWAYS);
        said.setMinWidth(0);
        Button slowly = named(other("Play slowly", () -> lookSlowly(shot, advice)), "advice-slow-" + number);
        HBox row = new HBox(8, said, slowly);
        advice.mend()
                .ifPresentOrElse(
                        mend -> row.getChildren()
                                .add(named(other(mend.words(), () -> mend(mend)), "advice-mend-" + number)),
                        () -> row.getChildren().add(DialogParts.quiet("fixing it would open an edge")));
        row.getChildren().forEach(node -> {
            if (node instanceof Button button) {
                button.setMinWidth(USE_PREF_SIZE);
            }
        });
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static String sentence(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + ".";
    }

    private void mend(Advice.Mend mend) {
        rows.setDisable(true); // the others were found in the moves as they were
        desk.document().apply(mend.edit());
        note.setText("Checking again …");
        look();
    }

    private void lookSlowly(Shot shot, Advice advice) {
        close.run();
        desk.cursor().select(Selection.shot(shot.id()));
        int start = shot.start();
        var span = new FrameSpan(
                start + advice.span().from(), start + advice.span().to());
        desk.cursor().seek(span.from());
        desk.cursor().transport().lookSlowly(span, SLOWLY);
        desk.say(sentence(advice.kind().words() + ", at a quarter of the speed. Space stops."));
    }
}
