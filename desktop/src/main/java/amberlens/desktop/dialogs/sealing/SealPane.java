package amberlens.desktop.dialogs.sealing;

import amberlens.core.base.words.Counted;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/**
 * Offers the ways to close the open edges of the selected shot, with their cost. The chosen one is shown on Table, Lens and
 * Score as an edit that is not made yet; accepting makes it. The ways are worked out in the background.
 */
public final class SealPane extends BorderPane implements Subscription {
    private final Desk desk;
    private final Services services;
    private final Label title = new Label("Seal");
    private final Label heading = new Label();
    private final Map<SealWay, SealRow> rows = new EnumMap<>(SealWay.class);
    private final NumberField limit;
    private final CheckBox addKey = new CheckBox("May add a key");
    private final VBox content = new VBox();
    private final HBox locks = new HBox(3);
    private final ComboBox<SealScope> scope = new ComboBox<>();
    private final Button accept = new Button("Accept");
    private final Subscription subscription;
    private SealOffers.@Nullable Question asked;
    private @Nullable SealOffers offers;
    private @Nullable SealWay way;

    public SealPane(Desk desk, Services services) {
        this.desk = desk;
        this.services = services;
        title.getStyleClass().add("view-title");
        heading.getStyleClass().add("quiet");
        heading.setId("seal-heading");
        limit = new NumberField(1, "Greatest enlargement, in per cent", value -> {
                    desk.prefer(to -> to.setLimitPercent(value));
                    refresh();
                })
                .refusing(value ->
                        value > 0 && value <= 1_000_000 ? Optional.empty() : Optional.of("enter a limit above 0 %"));
        limit.setId("seal-limit");
        addKey.setId("seal-add-key");
        Hint.of(addKey, "If the existing keys cannot seal it, one key is added where it helps most");
        addKey.setOnAction(_ -> refresh());
        scope.getItems().setAll(SealScope.values());
        scope.setValue(SealScope.SHOT);
        scope.setId("seal-scope");
        scope.setAccessibleText("What is sealed");
        accept.setId("seal-accept");
        accept.getStyleClass().add("main-button");
        accept.setOnAction(_ -> accept());
        ToggleGroup group = new ToggleGroup();
        for (SealWay one : SealWay.values()) {
            SealRow row = new SealRow(one, group, () -> preview(one));
            rows.put(one, row);
            content.getChildren().add(row);
        }
        var scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setMinViewportHeight(0);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("property-list");
        setTop(header());
        setCenter(scroll);
        setBottom(new VBox(terms(), foot()));
        setMinSize(0, 0);
        getStyleClass().add("seal-pane");
        locks.setAlignment(Pos.CENTER_LEFT);
        managedProperty().bind(visibleProperty());
        setVisible(false);
        subscription = desk.subscribe(this::changed);
    }

    private HBox header() {
        title.setMinWidth(USE_PREF_SIZE);
        heading.setMinWidth(0);
        HBox header = new HBox(8, title, heading);
        header.setAlignment(Pos.BASELINE_LEFT);
        header.getStyleClass().add("view-heading");
        return header;
    }

    private FlowPane terms() {
        Label upTo = new Label("Up to");
        Label percent = new Label("%");
        Label keep = new Label("Keep");
        List.of(upTo, percent, keep).forEach(label -> label.getStyleClass().add("quiet"));
        Hint.of(keep, "Framings that must not change");
        HBox enlarged = new HBox(6, upTo, limit, percent);
        HBox kept = new HBox(6, keep, locks);
        List.of(enlarged, kept).forEach(part -> part.setAlignment(Pos.CENTER_LEFT));
        FlowPane terms = new FlowPane(12, 4, enlarged, addKey, kept);
        terms.setAlignment(Pos.CENTER_LEFT);
        terms.getStyleClass().add("seal-terms");
        return terms;
    }

    private FlowPane foot() {
        Button away = new Button("Cancel");
        away.setId("seal-cancel");
        away.getStyleClass().add("quiet-button");
        away.setOnAction(_ -> close(true));
        Label applies = new Label("For");
        applies.getStyleClass().add("quiet");
        HBox whom = new HBox(6, applies, scope);
        HBox answers = new HBox(6, away, accept);
        List.of(whom, answers).forEach(part -> part.setAlignment(Pos.CENTER_LEFT));
        FlowPane foot = new FlowPane(18, 4, whom, answers);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.getStyleClass().add("seal-terms");
        return foot;
    }

    private void changed(Changes changes) {
        boolean open = desk.tools().sealing() && desk.cursor().selectedShot().isPresent();
        if (open != isVisible()) {
            setVisible(open);
            if (!open) {
                forget();
            } else {
                limit.show(desk.preferences().limitPercent());
                accept.requestFocus();
            }
        }
        if (open && !changes.only(Set.of(Change.MESSAGE))) {
            refresh();
        }
    }

    private void forget() {
        asked = null;
        offers = null;
        way = null;
    }

    /** Leaves the offer; the move is as it was, unless it was accepted. */
    private void close(boolean cancel) {
        if (cancel) {
            desk.document().cancel();
        }
        forget();
        desk.tools().setSealing(false);
    }

    private SealTerms sealTerms() {
        return SealTerms.limit(desk.preferences().limitPercent()).withMayAddKey(addKey.isSelected());
    }

    /** Asks for the ways anew when the shot, as it is without the preview, or the terms are others. */
    private void refresh() {
        Optional<Shot> shot =
                desk.cursor().selection().shotId().flatMap(desk.document().settled()::shot);
        if (shot.isEmpty()) {
            return;
        }
        var question = new SealOffers.Question(
                desk.document().settled(),
                shot.get(),
                services.facts().judging(),
                services.facts().judged(desk.document().settled(), shot.get()),
                desk.document().settled().ride(shot.get()),
                sealTerms());
        if (asked != null && asked.sameAs(question)) {
            return;
        }
        SealOffers.Question before = asked;
        asked = question;
        offers = null;
        if (before != null && !before.shot().id().equals(question.shot().id())) {
            Selection chosen = desk.cursor().selection();
            desk.document().cancel();
            desk.cursor().select(chosen);
        }
        heading.setText(shot.get().name() + ": computing …");
        rows.values().forEach(SealRow::waiting);
        accept.setDisable(true);
        showLocks(shot.get());
        services.background().start(Work.of(() -> SealOffers.of(question), this::arrived, why -> heading.setText(why)));
    }

    private void arrived(SealOffers found) {
        if (asked == null || !asked.sameAs(found.question()) || !desk.tools().sealing()) {
            return;
        }
        offers = found;
        found.results().forEach((one, result) -> rows.get(one).show(result));
        Optional<SealWay> best = Optional.ofNullable(way)
                .filter(one -> found.sealed(one).isPresent())
                .or(found::best);
        accept.setDisable(best.isEmpty() && !found.alreadySealed());
        heading.setText(found.question().shot().name() + ": "
                + (found.alreadySealed()
                        ? "every frame is sealed"
                        : best.isEmpty()
                                ? "not possible with these keys; see why"
                                : "choose a way; the preview shows it"));
        if (best.isEmpty()) {
            desk.document().cancel();
        }
        best.ifPresent(one -> {
            rows.get(one).choose();
            preview(one);
        });
    }

    private void preview(SealWay one) {
        way = one;
        SealOffers known = offers;
        if (known != null) {
            known.sealed(one).ifPresent(result -> desk.document()
                    .show(SealEdits.accept(known.question().shot(), one, result)));
        }
    }

    private void showLocks(Shot shot) {
        locks.getChildren().clear();
        List<Integer> framings = Framings.of(shot.camera());
        for (int i = 0; i < Math.min(9, framings.size()); i++) {
            int frame = framings.get(i);
            ToggleButton lock = new ToggleButton(String.valueOf(i + 1));
            lock.setId("seal-lock-" + (i + 1));
            lock.getStyleClass().add("lock-button");
            lock.setSelected(shot.settings().locked().contains(frame));
            Hint.of(lock, "Framing " + (i + 1) + " must not change");
            lock.setOnAction(_ -> desk.document().apply(SettingsEdits.setLocked(shot.id(), frame, lock.isSelected())));
            locks.getChildren().add(lock);
        }
    }

    private void accept() {
        SealOffers known = offers;
        SealWay chosen = way;
        SealScope over = scope.getValue();
        if (known == null) {
            return;
        }
        if (over == SealScope.SHOT) {
            if (chosen != null) {
                known.sealed(chosen).ifPresent(result -> desk.document()
                        .apply(SealEdits.accept(known.question().shot(), chosen, result)));
            }
            close(false);
        } else {
            SealWay by = chosen == null ? SealWay.LEAST : chosen;
            close(true);
            acceptMany(over, by);
        }
    }

    /** Seals many shots in the background, as one step; those that cannot be stay and are named. */
    private void acceptMany(SealScope over, SealWay way) {
        Project project = desk.document().settled();
        SealTerms terms = sealTerms();
        List<Shot> shots = project.shots().stream()
                .filter(shot ->
                        over == SealScope.ALL || desk.cursor().selection().includes(shot.id()))
                .toList();
        UnaryOperator<Judged> by = services.facts().judging();
        desk.say("Sealing " + Counted.of(shots.size(), "shot") + " …");
        Work.Watched<List<SealedShot>> sealed = work -> {
            List<SealedShot> results = new ArrayList<>();
            for (int i = 0; i < shots.size() && work.isWanted(); i++) {
                Shot shot = shots.get(i);
                results.add(new SealedShot(shot, SealEdits.seal(project, shot, way, terms, by)));
            }
            return results;
        };
        services.background()
                .start(Work.watched(sealed, results -> put(results, way), desk::say)
                        .takesLong());
    }

    private record SealedShot(Shot shot, SealResult result) {}

    private void put(List<SealedShot> results, SealWay by) {
        List<SealedShot> sealed = results.stream()
                .filter(one -> one.result() instanceof SealResult.Sealed)
                .filter(one -> desk.document()
                        .settled()
                        .shot(one.shot().id())
                        .filter(now -> now.camera() == one.shot().camera())
                        .isPresent())
                .toList();
        if (!sealed.isEmpty()) {
            desk.document().apply(Edit.of("seal " + Counted.of(sealed.size(), "shot"), project -> {
                Project changed = project;
                for (SealedShot one : sealed) {
                    changed = SealEdits.accept(one.shot(), by, (SealResult.Sealed) one.result())
                            .apply(changed);
                }
                return changed;
            }));
        }
        String refused = results.stream()
                .filter(one -> one.result() instanceof SealResult.Refused)
                .map(one -> one.shot().name() + " stays open: " + ((SealResult.Refused) one.result()).reason())
                .reduce((one, other) -> one + "; " + other)
                .map(words -> " " + words + ".")
                .orElse("");
        desk.say(Counted.of(sealed.size(), "shot") + " sealed." + refused);
    }

    @Override
    public void close() {
        subscription.close();
    }
}
