package amberlens.desktop.shelf.panes;

import amberlens.core.edit.arrival.Arrival;
import amberlens.core.edit.arrival.ArrivalEdits;
import amberlens.core.edit.arrival.Way;
import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.ready.Direction;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.OwnMove;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.edit.ready.ReadyMoves;
import amberlens.core.edit.ready.Stage;
import amberlens.core.material.shake.Shake;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Depth;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.work.services.KeptShakes;
import amberlens.desktop.work.services.Services;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.kordamp.ikonli.feather.Feather;

/** The ready moves, each with a small moving preview on the selected picture, and the moves that somebody has kept. */
final class ReadyPane extends BorderPane {
    private static final Duration STEP = Duration.millis(110);

    private final Desk desk;
    private final Services services;
    private final OwnMoveCards own;
    private final KeptShakes keptShakes;
    private final ShakeCards shakes;
    private final MovePreviews previews;
    private final WishForm form = new WishForm(this::refreshPreviews);
    private final ArrivalForm arriving = new ArrivalForm(this::refreshPreviews);
    private final Label arrivals = new Label("Arrivals and departures");
    private final Label ofHand = new Label("Shakes, under any move");
    private final VBox column = new VBox(6);
    private final FlowPane tiles = new FlowPane(10, 10);
    private Pane cards = column;
    private final Map<MoveCard, Function<PreviewOf, Optional<MovePreviews.Moving>>> moves = new LinkedHashMap<>();
    private final List<MoveCard> ofTitles = new ArrayList<>();
    private final List<MoveCard> ofArrival = new ArrayList<>();
    private final List<MoveCard> ofShake = new ArrayList<>();
    private final Timeline timeline;
    private final ScrollPane scroll;
    private final Button keep;
    private boolean sheet;
    private int count;
    private Optional<PreviewOf> previewed = Optional.empty();

    /** What the previews were made for. */
    private record PreviewOf(
            Picture picture,
            Project project,
            Shot shot,
            Stage stage,
            MoveWish wish,
            Optional<Direction> direction,
            Arrival arrival) {
        /** Whether the previews of another one are those of this. */
        boolean looksAs(PreviewOf other) {
            return picture.equals(other.picture)
                    && shot.equals(other.shot)
                    && stage.equals(other.stage)
                    && wish.equals(other.wish)
                    && direction.equals(other.direction)
                    && arrival.equals(other.arrival);
        }
    }

    ReadyPane(Desk desk, Services services, KeptShakes keptShakes, Path settings) {
        this.desk = desk;
        this.services = services;
        this.keptShakes = keptShakes;
        shakes = new ShakeCards(desk, services, keptShakes);
        own = new OwnMoveCards(desk, services, settings, this::fill);
        previews = new MovePreviews(services);
        timeline = new Timeline(new KeyFrame(STEP, _ -> {
            count++;
            moves.keySet().forEach(card -> card.tick(count));
        }));
        timeline.setCycleCount(Timeline.INDEFINITE);
        scroll = new ScrollPane(column);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("quiet-scroll");
        scroll.setId("ready-scroll");
        keep = new Button("Keep this move");
        keep.getStyleClass().add("quiet-button");
        keep.setId("ready-keep");
        Hint.of(keep, "Keeps the move of the selected shot among the ready moves");
        keep.setOnAction(_ -> own.keepSelected());
        arrivals.getStyleClass().add("view-title");
        ofHand.getStyleClass().add("view-title");
        arriving.managedProperty().bind(arriving.visibleProperty());
        setCenter(scroll);
        setFoot();
        keptShakes.whenChanged(this::fill);
        visibleProperty().addListener((_, _, shown) -> showOrRest(shown));
        fill();
    }

    /** As a sheet of large previews, of which the one pointed at moves, or as a column. */
    void setSheet(boolean now) {
        sheet = now;
        List<Node> shown = List.copyOf(cards.getChildren());
        cards.getChildren().clear();
        cards = now ? tiles : column;
        scroll.setContent(cards);
        moves.keySet().forEach(card -> card.setSheet(now));
        cards.getChildren().setAll(shown);
        setFoot();
        previewed = Optional.empty();
        refreshPreviews();
    }

    /** What moves are asked for with: below each other in a column, beside each other on a sheet. */
    private void setFoot() {
        keep.setMaxWidth(sheet ? USE_PREF_SIZE : Double.MAX_VALUE);
        Pane foot = sheet ? new HBox(24, form, arriving, keep) : new VBox(8, form, arriving, keep);
        foot.getStyleClass().add("shelf-foot");
        setBottom(foot);
    }

    private void showOrRest(boolean shown) {
        if (shown) {
            timeline.play();
            refreshPreviews();
        } else {
            timeline.pause();
        }
    }

    /** Stops the previews for good. */
    void stop() {
        timeline.stop();
        previews.begin();
    }

    private void fill() {
        moves.clear();
        ofTitles.clear();
        ofArrival.clear();
        ofShake.clear();
        for (ReadyMove move : ReadyMove.values()) {
            var card = new MoveCard(
                    move.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
                    move.words(),
                    move.use(),
                    () -> give((project, shots) -> ReadyEdits.plan(
                            project,
                            shots,
                            move,
                            form.wish(),
                            limit(),
                            services.sounds().beats(project))));
            if (move == ReadyMove.PAN_AND_ZOOM) {
                card.offer(
                        Feather.MAXIMIZE_2,
                        "Between two places: click points or draw boxes on the Table",
                        this::panBetweenPlaces);
            }
            if (move.ofTitles()) {
                ofTitles.add(card);
            }
            moves.put(card, of -> previewed(move, of));
        }
        for (Way way : Way.values()) {
            var card = new MoveCard(
                    "arrival-" + way.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
                    way.words(),
                    way.use(),
                    () -> arrive(way));
            ofArrival.add(card);
            moves.put(
                    card,
                    of -> Optional.of(MovePreviews.Moving.of(ArrivalEdits.track(
                            of.project(),
                            of.shot(),
                            ArrivalForm.arrival(of.arrival(), way, of.wish(), of.direction())))));
        }
        own.cards(this::give)
                .forEach((card, move) -> moves.put(card, of -> move.make(of.stage(), of.wish(), of.direction())
                        .camera()
                        .map(MovePreviews.Moving::of)));
        shakes.cards().forEach((card, shake) -> {
            ofShake.add(card);
            moves.put(
                    card,
                    of -> Optional.of(MovePreviews.Moving.of(ShakeCards.preview(
                            shake,
                            of.project().pose(of.shot(), 0).withDepth(Depth.FLAT),
                            of.stage().frame(),
                            of.stage().length(),
                            STEP.toSeconds() * MovePreviews.MOMENTS))));
        });
        moves.keySet().forEach(card -> card.setSheet(sheet));
        showSuitable();
        previewed = Optional.empty();
        refreshPreviews();
    }

    private Arrival arrival(Way way) {
        return ArrivalForm.arrival(arriving.arrival(), way, form.wish(), form.direction());
    }

    private void arrive(Way way) {
        Set<String> shots = desk.cursor().selection().shots();
        if (shots.isEmpty()) {
            desk.say("Make a shot first; arrivals apply to the selected shots.");
            return;
        }
        desk.document().apply(ArrivalEdits.give(shots, arrival(way)));
        desk.say("");
    }

    private static Optional<MovePreviews.Moving> previewed(ReadyMove move, PreviewOf of) {
        return ReadyMoves.make(move, of.stage(), of.wish())
                .camera()
                .map(camera -> new MovePreviews.Moving(camera, move.looks(of.stage(), of.wish())));
    }

    /** Moves of titles come first for titles, and not at all for pictures; arrivals come first for insets and titles. */
    private void showSuitable() {
        boolean title = desk.cursor()
                .selectedShot()
                .filter(shot -> desk.document().project().isTitle(shot))
                .isPresent();
        boolean inset = desk.cursor()
                .selectedShot()
                .filter(shot -> !shot.fillsFrame() && !desk.document().project().isRig(shot))
                .isPresent();
        arriving.setVisible(inset);
        List<Node> arrive = new ArrayList<>(List.of(arrivals));
        arrive.addAll(ofArrival);
        List<Node> suitable = new ArrayList<>(title ? ofTitles : List.of());
        if (inset) {
            suitable.addAll(arrive);
        }
        moves.keySet().stream()
                .filter(card -> !ofTitles.contains(card) && !ofArrival.contains(card) && !ofShake.contains(card))
                .forEach(suitable::add);
        if (!inset) {
            suitable.addAll(arrive);
        }
        suitable.add(ofHand);
        suitable.addAll(ofShake);
        if (!cards.getChildren().equals(suitable)) {
            cards.getChildren().setAll(suitable);
        }
    }

    private double limit() {
        return desk.preferences().limitPercent();
    }

    private void give(OwnMove move) {
        give((project, shots) -> ReadyEdits.plan(project, shots, move, form.wish(), form.direction(), limit()));
    }

    private interface Planner {
        ReadyEdits.Plan of(Project project, Set<String> shots);
    }

    private void give(Planner planner) {
        Set<String> shots = desk.cursor().selection().shots();
        if (shots.isEmpty()) {
            desk.say("Make a shot first; ready moves apply to the selected shots.");
            return;
        }
        give(planner.of(services.marks().in(desk.document().project()), shots), shots);
    }

    private void give(ReadyEdits.Plan plan, Set<String> shots) {
        if (!plan.cameras().isEmpty()) {
            desk.document().apply(services.marks().with(plan, desk.document().project()));
        }
        desk.say(ReadyWords.outcome(plan, desk.document().project(), shots.size()));
    }

    /** Asks for two places of the picture, and gives the selected shot a move from one to the other. */
    void panBetweenPlaces() {
        Optional<Shot> shot = desk.cursor().selectedShot();
        if (shot.isEmpty()) {
            desk.say("Make a shot first; the move goes from one place of its picture to another.");
            return;
        }
        String id = shot.get().id();
        desk.tools().pickPlaces((from, to) -> {
            if (desk.cursor().selectedShot().map(Shot::id).filter(id::equals).isPresent()) {
                give(ReadyEdits.between(desk.document().project(), id, from, to, form.wish(), limit()), Set.of(id));
            } else {
                desk.say("Both places have to lie in the same shot; nothing was changed.");
            }
        });
        desk.say(
                desk.tools().tool() == Tool.PLACES
                        ? "Where does the move begin? Click a point of the picture, or draw a box."
                        : "");
    }

    /** Brings a move from a file among the kept ones. */
    void take(OwnMove move) {
        own.take(move);
    }

    /** Brings a shake from a file among the kept ones. */
    void take(Shake shake) {
        keptShakes.keep(shake);
    }

    /** Makes the previews anew when picture or wish have changed. */
    void refreshPreviews() {
        if (!isVisible() || desk.document().showing()) {
            return;
        }
        showSuitable();
        Optional<Shot> shot = desk.cursor().selectedShot();
        Picture picture = shot.map(found -> services.ready()
                        .of(PictureRef.of(desk.document().project().mediaOf(found), 0)))
                .orElse(null);
        if (shot.isEmpty() || picture == null) {
            if (previewed.isPresent()) {
                previewed = Optional.empty();
                previews.begin();
                moves.keySet().forEach(card -> card.setMoments(List.of()));
            }
            return;
        }
        Stage stage = ReadyEdits.stage(
                services.marks().in(desk.document().project()),
                shot.get(),
                limit(),
                services.sounds().beats(desk.document().project()));
        var wanted = new PreviewOf(
                picture,
                desk.document().project(),
                shot.get(),
                stage,
                form.wish(),
                form.direction(),
                arriving.arrival());
        if (previewed.filter(wanted::looksAs).isPresent()) {
            return;
        }
        previewed = Optional.of(wanted);
        previews.begin();
        List<MoveCard> all = new ArrayList<>(moves.keySet());
        for (MoveCard card : all) {
            previews.ask(
                    picture,
                    stage,
                    MovePreviews.size(sheet),
                    () -> moves.getOrDefault(card, _ -> Optional.empty()).apply(wanted),
                    card::setMoments);
        }
    }
}
