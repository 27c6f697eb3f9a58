package amberlens.desktop.dialogs.check;

import amberlens.core.base.words.Counted;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.PlaneSeal;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.work.background.Round;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.collections.transformation.FilteredList;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;

/** All shots in one table, in the frame that is looked at, and what is done with those that are open. */
public final class CheckPanel extends DialogPanel implements Subscription {
    /** Which shots are listed. */
    private enum Listed {
        ALL("all shots"),
        OPEN("with an open edge"),
        SOFT("too soft"),
        HASTY("too fast"),
        MISSING("with missing media");

        private final String words;

        Listed(String words) {
            this.words = words;
        }
    }

    private final Desk desk;
    private final Services services;
    private final Runnable close;
    private final ObservableList<ShotCheck> checks = FXCollections.observableArrayList();
    private final FilteredList<ShotCheck> filtered = new FilteredList<>(checks);
    private final CheckTable table;
    private final Label note = DialogParts.quiet("Checking …");
    private final ComboBox<Listed> listed =
            Choices.of(List.of(Listed.values()), choice -> choice.words, Listed.ALL, "check-listed");
    private final Subscription subscription;
    private final Button seal = new Button("Seal selected");
    private final Round asked;

    public CheckPanel(Desk desk, Services services, Runnable close) {
        super("Check of all shots");
        this.desk = desk;
        this.services = services;
        asked = new Round(services.background());
        this.close = close;
        listed.setOnAction(_ -> filtered.setPredicate(this::isListed));
        Project whole = desk.document().whole();
        if (!whole.deliveries().isEmpty()) {
            beside(DialogParts.quiet("In"), shapes(whole));
        }
        beside(DialogParts.quiet("Show"), listed);
        table = new CheckTable(desk, services, filtered, this::goTo);
        table.setPlaceholder(DialogParts.quiet("No shot is " + Listed.ALL.words + " here."));
        note.setId("check-note");
        setId("check-panel");
        body(table);
        foot(
                note,
                DialogParts.gap(),
                named(other(seal, this::sealSelected), "check-seal"),
                named(other("Go there", this::goToChosen), "check-go"),
                named(main("Close", close), "check-close"));
        subscription = desk.subscribe(changes -> {
            if (changes.contains(Change.PICTURES)) {
                table.refresh();
            }
        });
        check();
    }

    @Override
    public void close() {
        subscription.close();
    }

    /** The frames of the film, of which one is looked at. */
    private ComboBox<Optional<Delivery>> shapes(Project whole) {
        List<Optional<Delivery>> all = DeliveryFilm.all(whole).stream()
                .map(DeliveryFilm.Named::delivery)
                .toList();
        ComboBox<Optional<Delivery>> box = Choices.of(
                all,
                shape -> shape.map(Delivery::name).orElse("Film"),
                desk.document().delivery(),
                "check-shape");
        box.setOnAction(_ -> {
            desk.document().lookAt(box.getValue().map(Delivery::id));
            check();
        });
        return box;
    }

    private void check() {
        Project project = desk.document().project();
        Project whole = desk.document().whole();
        Optional<Delivery> looked = desk.document().delivery();
        Work.Watched<String> judged = work -> {
            List<ShotCheck> found = checked(project);
            String words = verdict(found);
            work.tell(() -> show(found, words));
            String others = DeliveryFilm.all(whole).stream()
                    .filter(film -> !film.delivery().equals(looked))
                    .map(CheckPanel::openIn)
                    .filter(open -> !open.isEmpty())
                    .collect(Collectors.joining(", "));
            return words + (others.isEmpty() ? "" : " Also open: " + others + ".");
        };
        asked.startOnly(Work.watched(judged, note::setText, note::setText).takesLong());
    }

    private static List<ShotCheck> checked(Project film) {
        return LineUp.inTime(film).parallelStream()
                .map(shot -> ShotCheck.of(film, shot))
                .toList();
    }

    private static long open(List<ShotCheck> found) {
        return found.stream().filter(check -> !check.sealed()).count();
    }

    private static String openIn(DeliveryFilm.Named film) {
        long open = open(checked(film.film()));
        return open == 0
                ? ""
                : Counted.of(open, "shot") + " in "
                        + film.delivery().map(Delivery::name).orElse("the film's own frame");
    }

    private static String verdict(List<ShotCheck> found) {
        long open = open(found);
        return open == 0
                ? found.size() + " shots, every frame of each is sealed."
                : open + " of " + Counted.of(found.size(), "shot") + (open == 1 ? " has" : " have") + " an open edge.";
    }

    private void show(List<ShotCheck> found, String words) {
        checks.setAll(found);
        table.refresh();
        note.setText(words);
    }

    private boolean isListed(ShotCheck check) {
        return switch (listed.getValue()) {
            case ALL -> true;
            case OPEN -> !check.sealed();
            case SOFT -> table.soft(check);
            case HASTY -> table.hasty(check);
            case MISSING -> table.missing(check);
        };
    }

    /** To the frame of a shot that is furthest open, or to its first. */
    private void goToChosen() {
        goTo(table.getSelectionModel().getSelectedItem());
    }

    private void goTo(ShotCheck check) {
        if (check == null) {
            return;
        }
        desk.cursor().select(Selection.shot(check.shot().id()));
        desk.cursor().seekInShot(check.sealed() ? 0 : check.worstFrame());
        close.run();
    }

    /** Seals by least change, and by lift where that cannot do it; says which shots refuse. */
    private void sealSelected() {
        List<ShotCheck> chosen = new ArrayList<>(table.getSelectionModel().getSelectedItems());
        if (chosen.isEmpty()) {
            chosen.addAll(filtered);
        }
        Project project = desk.document().project();
        SealTerms terms = SealTerms.limit(desk.preferences().limitPercent());
        seal.setDisable(true);
        note.setText("Sealing …");
        Work.Compute<Seals> sealed = () -> {
            var seals = new Seals(new ArrayList<>(), new ArrayList<>());
            for (ShotCheck check : chosen) {
                if (!check.sealed()) {
                    seal(project, check.shot(), terms, seals.edits, seals.refused);
                }
            }
            return seals;
        };
        services.background()
                .start(Work.of(sealed, this::apply, note::setText).takesLong().atEnd(() -> seal.setDisable(false)));
    }

    /** What seals, and whom nothing seals. */
    private record Seals(List<Edit> edits, List<String> refused) {}

    private void apply(Seals seals) {
        int count = seals.edits.size();
        if (count > 0) {
            desk.document().apply(Edit.all("seal " + Counted.of(count, "shot"), seals.edits));
        }
        check();
        if (!seals.refused.isEmpty()) {
            note.setText(seals.refused.getFirst());
        }
    }

    private static void seal(Project project, Shot shot, SealTerms terms, List<Edit> edits, List<String> refused) {
        switch (SealEdits.leastOrLift(project, shot, terms)) {
            case SealResult.Sealed sealed -> {
                Edit edges = ShotEdits.setCamera("seal", shot.id(), sealed.camera());
                edits.add(Edit.all("seal", with(edges, project, shot)));
            }
            case SealResult.Refused refusal -> refused.add(shot.name() + ": " + refusal.reason() + ".");
            case SealResult.AlreadySealed _ -> PlaneSeal.of(project, shot).ifPresent(found -> edits.add(found.edit()));
        }
    }

    /** What seals the edges, and then what is seen behind planes. */
    private static List<Edit> with(Edit edges, Project project, Shot shot) {
        List<Edit> steps = new ArrayList<>(List.of(edges));
        Project sealed = edges.apply(project);
        PlaneSeal.of(sealed, sealed.shot(shot.id()).orElseThrow()).ifPresent(found -> steps.add(found.edit()));
        return steps;
    }
}
