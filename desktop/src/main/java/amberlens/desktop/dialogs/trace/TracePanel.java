package amberlens.desktop.dialogs.trace;

import amberlens.core.base.words.Counted;
import amberlens.core.base.words.Figures;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.traced.TracedMove;
import amberlens.core.edit.traced.TracedWish;
import amberlens.core.material.shake.Shake;
import amberlens.core.material.trace.Trace;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.core.render.frame.FrameRaster;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.work.background.Round;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.KeptShakes;
import amberlens.desktop.work.services.Services;
import amberlens.desktop.work.tracking.FilmTraces;
import amberlens.desktop.work.tracking.FilmTraces.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/**
 * The move of a film for a shot: at the left the film, playing in place over its first picture, at the right the picture of the shot with
 * the gate that would move along. Nothing is done until it is taken, which is one step.
 */
final class TracePanel extends DialogPanel {
    private static final double VIEW_WIDTH = 440;
    private static final double VIEW_HEIGHT = 262;
    private static final double FOUND_HEIGHT = 54;
    private final Desk desk;
    private final Overlay overlay;
    private final KeptShakes shakes;
    private final FilmTraces traces;
    private final Project project;
    private final Shot shot;
    private final Round planned;
    private final FilmView filmView = new FilmView();
    private final GateView gateView;
    private final Label filmWords = DialogParts.quiet("");
    private final ProgressBar progress = new ProgressBar(0);
    private final ComboBox<Media> films;
    private final ComboBox<Piece> pieces;
    private final WishRows rows;
    private final Label found = DialogParts.sentence("");
    private final Button keep = other("Keep the shake", this::keep);
    private final Button take;
    private final Subscription subscription;
    private @Nullable Work<?> tracing;
    private Optional<Edit> edit = Optional.empty();
    private final TracePlaying playing;

    /** @param another asks for a film in a file, and hands it over once it is known */
    TracePanel(
            Desk desk,
            Services services,
            Overlay overlay,
            KeptShakes shakes,
            FilmTraces traces,
            Shot shot,
            List<Media> known,
            Consumer<Consumer<Media>> another) {
        super("Take the move of a film");
        this.desk = desk;
        this.overlay = overlay;
        this.shakes = shakes;
        this.traces = traces;
        this.shot = shot;
        project = desk.document().settled();
        planned = new Round(services.background());
        gateView = new GateView(services.thumbnails(), project, shot);
        films = Choices.of(known, Media::name, known.isEmpty() ? null : known.getFirst(), "trace-films");
        pieces = Choices.of(List.of(), this::words, null, "trace-pieces");
        int playhead = Math.clamp(desk.cursor().shotFrame(), 0, shot.lastFrame());
        rows = new WishRows(playhead, this::plan);
        take = main("Take the move", this::take);
        build(another);
        subscription = desk.subscribe(changes -> {
            if (changes.contains(Change.PICTURES)) {
                gateView.redraw();
            }
        });
        playing = new TracePlaying(
                filmView,
                gateView,
                project.frame().rate(),
                shot.lastFrame(),
                () -> Optional.ofNullable(pieces.getValue()).map(Piece::trace),
                () -> rows.wish().stretched());
        playing.start();
        if (!known.isEmpty()) {
            trace(known.getFirst());
        }
    }

    private void build(Consumer<Consumer<Media>> another) {
        setId("trace-panel");
        found.setId("trace-found");
        found.setMinHeight(FOUND_HEIGHT);
        found.setAlignment(Pos.TOP_LEFT);
        TextSizes.maxWidth(found, 2 * VIEW_WIDTH + 12);
        keep.setId("trace-keep");
        take.setId("trace-take");
        Button other = other("Another film…", () -> another.accept(this::add));
        other.setId("trace-another");
        films.valueProperty().subscribe((_, film) -> {
            if (film != null) {
                trace(film);
            }
        });
        pieces.valueProperty().subscribe((_, _) -> show());
        pieces.managedProperty().bind(pieces.visibleProperty());
        pieces.setVisible(false);
        progress.setMaxWidth(Double.MAX_VALUE);
        progress.setId("trace-progress");
        HBox.setHgrow(progress, Priority.ALWAYS);
        HBox source = new HBox(8, films, other, pieces, progress);
        source.setAlignment(Pos.CENTER_LEFT);
        beside(DialogParts.quiet("for " + shot.name()));
        body(
                source,
                new HBox(
                        12,
                        view(filmView, filmWords),
                        view(gateView, DialogParts.quiet("What would be seen of " + shot.name()))),
                rows,
                found);
        foot(keep, DialogParts.gap(), other("Cancel", this::close), take);
        usable(false);
    }

    private static VBox view(Region view, Label words) {
        TextSizes.pref(view, VIEW_WIDTH, VIEW_HEIGHT);
        return new VBox(4, view, words);
    }

    void open() {
        overlay.show(this, this::close);
    }

    private void close() {
        Work<?> work = tracing;
        if (work != null) {
            work.cancel();
        }
        planned.begin();
        playing.stop();
        subscription.close();
        overlay.close();
    }

    private void add(Media film) {
        films.getItems().add(film);
        films.setValue(film); // traces it
    }

    private void trace(Media film) {
        Work<?> before = tracing;
        if (before != null) {
            before.cancel();
        }
        pieces.getItems().clear();
        pieces.setVisible(false);
        filmView.clear();
        filmWords.setText(film.name());
        progress.setProgress(0);
        progress.setVisible(true);
        usable(false);
        found.setText("Tracing what the camera of the film did …");
        Work<?> own = traces.start(film, this::far, this::found, found::setText);
        tracing = own;
        own.atEnd(() -> {
            if (tracing == own) {
                progress.setVisible(false);
            }
        });
    }

    private void far(double part, FrameRaster latest) {
        progress.setProgress(part);
        if (pieces.getItems().isEmpty()) {
            filmView.show(latest);
        }
    }

    private void found(Piece piece) {
        pieces.getItems().add(piece);
        pieces.setVisible(pieces.getItems().size() > 1);
        if (pieces.getItems().size() == 1) {
            pieces.setValue(piece); // shows it
        }
    }

    private String words(Piece piece) {
        return "Shot " + (pieces.getItems().indexOf(piece) + 1) + ", frames "
                + piece.trace().first() + " to " + piece.last();
    }

    private void show() {
        Piece piece = pieces.getValue();
        if (piece != null) {
            filmView.show(piece);
            filmWords.setText(found(piece.trace()));
            playing.again();
            plan();
        }
    }

    /** What was found in a film, in words. */
    private static String found(Trace trace) {
        return Counted.of(trace.length(), "frame") + ", confidence " + Figures.fixed(100 * trace.confidence(), 0) + " %"
                + (trace.guessed() > 0 ? ", " + trace.guessed() + " guessed" : "")
                + (trace.isDeep() ? "; near and far move apart, this is what fills most of it" : "");
    }

    /** What would come of the answers. */
    private record Answer(TracedMove move, List<Pose> poses) {}

    /** Works out what would come of the answers; the last question counts. */
    private void plan() {
        Piece piece = pieces.getValue();
        if (piece == null) {
            return;
        }
        usable(false);
        TracedWish wish = rows.wish();
        String name = films.getValue() == null ? "Film" : plain(films.getValue().name());
        double limit = desk.preferences().limitPercent();
        planned.startOnly(Work.of(
                () -> {
                    TracedMove move = TracedMove.of(project, shot, name, piece.parts(), wish, limit);
                    Project with = move.edit().map(made -> made.apply(project)).orElse(project);
                    return new Answer(
                            move,
                            new ArrayList<>(with.take(with.shot(shot.id()).orElseThrow())
                                    .poses()));
                },
                this::answer,
                why -> {
                    found.setText("Not possible: " + why + (why.endsWith(".") ? "" : "."));
                    gateView.show(List.of());
                }));
    }

    /** A file's name without its ending. */
    private static String plain(String name) {
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }

    private void answer(Answer answer) {
        edit = answer.move.edit();
        found.setText(rows.part().use() + " " + String.join(" ", answer.move.remarks()));
        gateView.show(answer.poses);
        usable(true);
        take.setDisable(edit.isEmpty());
    }

    private void usable(boolean is) {
        take.setDisable(!is);
        keep.setDisable(pieces.getValue() == null);
        rows.setDisable(pieces.getValue() == null);
        edit = is ? edit : Optional.empty();
    }

    private void keep() {
        Piece piece = pieces.getValue();
        if (piece != null) {
            shakes.keep(Shake.of(plain(films.getValue().name()), piece.parts().shake()));
            keep.setDisable(true);
        }
    }

    private void take() {
        edit.ifPresent(made -> {
            String said = found.getText();
            close();
            desk.document().apply(made);
            desk.say(said);
        });
    }
}
