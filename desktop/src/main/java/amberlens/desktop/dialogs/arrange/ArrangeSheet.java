package amberlens.desktop.dialogs.arrange;

import amberlens.core.base.words.Counted;
import amberlens.core.edit.ready.ArrangedMoves;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.background.Round;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.animation.AnimationTimer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.TilePane;
import org.jspecify.annotations.Nullable;

/**
 * A card for every selected shot with the move that it would get. Cards are locked, turned round or changed one by one; the others follow
 * strength, pace and variety, and Another gives them other moves. Nothing is done until Arrange, which is one step.
 */
public final class ArrangeSheet extends DialogPanel {
    private static final double GAP = 10;

    private static final double SECONDS = 3;
    private static final double NANOS = 1e9;

    private final Desk desk;
    private final Services services;
    private final Overlay overlay;
    private final Project project;
    private final Set<String> shots;
    private final Round round;
    private final Subscription subscription;
    private final Map<String, ArrangeCard> cards = new LinkedHashMap<>();
    private final Slider strength = new Slider(20, 300, 100);
    private final Slider pace = new Slider(0, 20, 7);
    private final Slider variety = new Slider(1, ArrangedMoves.KINDS, ArrangedMoves.KINDS);
    private final Label summary = DialogParts.quiet("Working out the moves …");
    private final Button another = named(other("Another", this::another), "arrange-another");
    private final Button arrange;
    private long seed = 1;
    private Optional<Arranged> worked = Optional.empty();
    private @Nullable ArrangeCard playing;
    private long playingSince;
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            ArrangeCard card = playing;
            if (card != null) {
                playingSince = playingSince == 0 ? now : playingSince;
                double part = (now - playingSince) / NANOS / SECONDS % 1.2;
                card.play(Math.min(1, part));
            }
        }
    };

    public ArrangeSheet(Desk desk, Services services, Overlay overlay) {
        super("Arrange moves");
        this.desk = desk;
        this.services = services;
        this.overlay = overlay;
        project = services.marks().in(desk.document().project());
        shots = desk.cursor().selection().shots().stream()
                .flatMap(id -> project.shot(id).stream())
                .filter(shot -> !project.isTitle(shot) && !project.isRig(shot))
                .map(Shot::id)
                .collect(Collectors.toSet());
        round = new Round(services.background());
        double limit = desk.preferences().limitPercent();
        TilePane sheet = new TilePane(GAP, GAP);
        sheet.setPrefColumns(4);
        sheet.setTileAlignment(Pos.TOP_LEFT);
        sheet.setAlignment(Pos.TOP_CENTER);
        project.shots().stream()
                .filter(shot -> shots.contains(shot.id()))
                .sorted(java.util.Comparator.comparingInt(Shot::start))
                .forEach(shot -> {
                    var card = new ArrangeCard(services, project, shot.id(), limit, this::change);
                    card.setOnMouseEntered(_ -> play(card));
                    card.setOnMouseExited(_ -> play(null));
                    cards.put(shot.id(), card);
                });
        sheet.getChildren().addAll(cards.values());
        ScrollPane scroll = new ScrollPane(sheet);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("arrange-scroll");
        scroll.setMinHeight(120);
        scroll.viewportBoundsProperty().subscribe(seen -> {
            double width = ArrangeCard.fitting(cards.size(), seen.getWidth(), seen.getHeight(), GAP);
            cards.values().forEach(card -> card.fit(width));
        });
        beside(DialogParts.quiet("for " + Counted.of(shots.size(), "shot")));
        body(head(), scroll);
        javafx.scene.layout.VBox.setVgrow(scroll, javafx.scene.layout.Priority.ALWAYS);
        arrange = named(main("Arrange", this::take), "arrange-take");
        arrange.setDisable(true);
        foot(summary, DialogParts.gap(), named(other("Cancel", this::close), "arrange-cancel"), arrange);
        subscription = desk.subscribe(changes -> {
            if (changes.contains(Change.PICTURES)) {
                cards.values().forEach(ArrangeCard::refresh);
            }
        });
        timer.start();
        rearrange();
    }

    private HBox head() {
        Hint.of(another, "Other moves for all cards that are not locked.");
        var head = new HBox(
                10,
                slider(
                        "Strength",
                        strength,
                        "arrange-strength",
                        value -> value < 80 ? "faint" : value <= 120 ? "subtle" : value <= 200 ? "clear" : "strong"),
                slider(
                        "Pace",
                        pace,
                        "arrange-pace",
                        value -> value < 0.5 ? "any" : String.format(Locale.ROOT, "%.0f s across", value)),
                slider("Variety", variety, "arrange-variety", value -> Counted.of((int) Math.round(value), "kind")),
                another,
                DialogParts.quiet("locked ones stay"));
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private HBox slider(String words, Slider slider, String id, java.util.function.DoubleFunction<String> told) {
        Label name = DialogParts.quiet(words);
        Label value = new Label(told.apply(slider.getValue()));
        value.getStyleClass().add("slider-value");
        value.setMinWidth(84);
        name.setMinWidth(Region.USE_PREF_SIZE);
        name.setLabelFor(slider);
        slider.setId(id);
        slider.setPrefWidth(110);
        slider.valueProperty().addListener((_, _, now) -> {
            value.setText(told.apply(now.doubleValue()));
            if (!slider.isValueChanging()) {
                rearrange();
            }
        });
        slider.valueChangingProperty().addListener((_, _, on) -> {
            if (!on) {
                rearrange();
            }
        });
        var row = new HBox(6, name, slider, value);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Arranged.Taste taste() {
        return new Arranged.Taste(
                strength.getValue(), pace.getValue() < 0.5 ? 0 : pace.getValue(), (int) Math.round(variety.getValue()));
    }

    private void another() {
        seed++;
        rearrange();
    }

    private void play(@Nullable ArrangeCard card) {
        if (playing != null) {
            playing.play(-1);
        }
        playing = card;
        playingSince = 0;
    }

    /** Works the moves out for all that are not locked. */
    private void rearrange() {
        Map<String, ArrangedMoves.Choice> locked = new LinkedHashMap<>();
        cards.forEach((id, card) -> {
            if (card.isLocked()) {
                card.choice().ifPresent(choice -> locked.put(id, choice));
            }
        });
        Arranged.Taste taste = taste();
        long chosen = seed;
        double limit = desk.preferences().limitPercent();
        work(() -> Arranged.of(project, shots, locked, taste, chosen, limit));
    }

    /** Another move for one card; it is what was wanted, so the card is not changed again by the others. */
    private void change(String shot, ArrangedMoves.Choice choice) {
        Map<String, ArrangedMoves.Choice> choices = new LinkedHashMap<>();
        worked.ifPresent(now -> now.cards().forEach((id, card) -> choices.put(id, card.choice())));
        choices.put(shot, choice);
        Arranged.Taste taste = taste();
        double limit = desk.preferences().limitPercent();
        work(() -> Arranged.of(project, choices, taste, limit));
    }

    private void work(Work.Compute<Arranged> compute) {
        summary.setText("Working out the moves …");
        arrange.setDisable(true);
        round.startOnly(Work.of(compute, this::show, summary::setText));
    }

    private void show(Arranged now) {
        worked = Optional.of(now);
        now.cards().forEach((id, card) -> cards.get(id).show(card));
        summary.setText(now.words(desk.preferences().limitPercent()));
        arrange.setDisable(now.plan().cameras().isEmpty());
    }

    private void take() {
        worked.ifPresent(now -> {
            desk.document()
                    .apply(services.marks().with(now.plan(), desk.document().project()));
            close();
            desk.say(Counted.of(now.plan().cameras().size(), "shot") + " arranged. "
                    + now.words(desk.preferences().limitPercent()));
        });
    }

    /** Escape and Cancel: nothing was done. */
    public void close() {
        timer.stop();
        round.begin();
        subscription.close();
        overlay.close();
    }

    /** Shows it over the bench, as large as there is room. */
    public static void open(Desk desk, Services services, Overlay overlay) {
        var sheet = new ArrangeSheet(desk, services, overlay);
        overlay.show(sheet, sheet::close);
        sheet.another.requestFocus(); // until there is something to take
        sheet.prefWidthProperty().bind(overlay.widthProperty().subtract(64));
        sheet.prefHeightProperty().bind(overlay.heightProperty().subtract(88));
    }
}
