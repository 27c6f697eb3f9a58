package amberlens.desktop.dialogs.follow;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.words.Counted;
import amberlens.core.base.words.Figures;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.Follow;
import amberlens.core.edit.edits.FollowWish;
import amberlens.core.edit.edits.Following;
import amberlens.core.edit.edits.Rider;
import amberlens.core.edit.edits.Rides;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.Tracked;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.work.background.Round;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** How a subject is followed, seen on the bench behind while the answers change. What comes of it is worked out in the background. */
final class FollowPanel extends FormPanel {
    private static final double USUAL_CALM = 25;
    private static final double WHOLE = 100;
    private static final double FOUND_WIDTH = 400;
    private static final double FOUND_HEIGHT = 74;

    private final Desk desk;
    private final Services services;
    private final Overlay overlay;
    private final Project project;
    private final Shot shot;
    private final int frame;
    private final ComboBox<Track> track;
    private final ComboBox<Optional<Rider>> who;
    private final Slider calm = slider("follow-calm", "From pinned to calm", USUAL_CALM, WHOLE);
    private final Slider lead =
            slider("follow-lead", "Lead room in the direction of travel", 0, WHOLE * FollowWish.MOST_LEAD);
    private final CheckBox closer = new CheckBox("Go closer where there is no room");
    private final CheckBox grows = new CheckBox("Grow and shrink with it");
    private final NumberField across;
    private final NumberField down;
    private final Label found = DialogParts.sentence("");
    private final Button point;
    private FramePoint place;
    private Optional<Edit> edit = Optional.empty();
    private boolean refused;
    private final Round asked;

    FollowPanel(Desk desk, Services services, Overlay overlay, Shot shot) {
        super("Follow a subject", "Follow", () -> end(desk, overlay));
        this.desk = desk;
        this.services = services;
        asked = new Round(services.background());
        this.overlay = overlay;
        this.shot = shot;
        project = desk.document().settled();
        frame = desk.cursor().shotFrame();
        List<Track> tracks = project.mediaOf(shot).tracks().reversed();
        track = Choices.of(tracks, Track::name, tracks.isEmpty() ? null : tracks.getFirst(), "follow-track");
        List<Optional<Rider>> riders = new ArrayList<>(List.of(Optional.empty()));
        Rider.of(project, shot).forEach(rider -> riders.add(Optional.of(rider)));
        who = Choices.of(riders, rider -> rider.map(Rider::words).orElse("The camera"), Optional.empty(), "follow-who");
        place = seen();
        across = number(
                "follow-across", "Horizontal place in the frame, in frame pixels", x -> new FramePoint(x, place.y()));
        down = number("follow-down", "Vertical place in the frame, in frame pixels", y -> new FramePoint(place.x(), y));
        point = other("Point at it there", this::pointAtIt);
        build(tracks.size() > 1, riders.size() > 1);
    }

    private void build(boolean severalTracks, boolean hasRiders) {
        setId("follow-panel");
        found.setId("follow-found");
        point.setId("follow-point");
        point.setVisible(false);
        closer.setId("follow-closer");
        grows.setId("follow-grows");
        if (severalTracks) {
            row("Subject", track);
        }
        if (hasRiders) {
            row("What follows", who);
            row("", grows);
            grows.disableProperty().bind(who.valueProperty().map(Optional::isEmpty));
        }
        HBox places = new HBox(6, across, new Label("×"), down, small("Now", () -> move(seen())));
        HBox usual = new HBox(
                6,
                small("Middle", () -> move(project.frameSize().centre())),
                small("Left third", () -> move(third(1))),
                small("Right third", () -> move(third(2))));
        places.setAlignment(Pos.CENTER_LEFT);
        row("Its place", places);
        row("", usual);
        row("Pinned", ends(calm, "calm"));
        row("Room ahead", ends(lead, "30 %"));
        row("", closer);
        VBox told = new VBox(8, found, point);
        found.setMinHeight(FOUND_HEIGHT);
        found.setAlignment(Pos.TOP_LEFT);
        TextSizes.prefWidth(found, FOUND_WIDTH);
        TextSizes.maxWidth(found, FOUND_WIDTH);
        body(told);
        point.managedProperty().bind(point.visibleProperty());
        for (Node camera : List.of(calm, lead, closer, places, usual)) {
            camera.disableProperty().bind(who.valueProperty().map(Optional::isPresent));
        }
        for (Slider slider : List.of(calm, lead)) {
            slider.valueProperty().subscribe(_ -> look());
        }
        closer.selectedProperty().subscribe(_ -> look());
        grows.selectedProperty().subscribe(_ -> look());
        track.setOnAction(_ -> move(seen()));
        who.valueProperty().subscribe(_ -> look());
    }

    private static void end(Desk desk, Overlay overlay) {
        desk.document().cancel();
        overlay.close();
    }

    void open() {
        overlay.showAside(this, () -> end(desk, overlay));
        move(place);
    }

    private static Slider slider(String id, String words, double value, double most) {
        Slider slider = new Slider(0, most, value);
        slider.setId(id);
        slider.setAccessibleText(words);
        slider.setBlockIncrement(most / 20);
        return slider;
    }

    private static Node ends(Slider slider, String right) {
        HBox box = new HBox(8, slider, DialogParts.quiet(right));
        HBox.setHgrow(slider, Priority.ALWAYS);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private static Button small(String words, Runnable action) {
        Button button = other(words, action);
        button.setId("follow-place-" + words.toLowerCase(java.util.Locale.ROOT).replace(' ', '-'));
        return button;
    }

    private NumberField number(String id, String hint, DoubleFunction<FramePoint> moved) {
        NumberField field = new NumberField(1, hint, typed -> move(moved.apply(typed)));
        field.setId(id);
        field.setPrefColumnCount(5);
        return field;
    }

    private FramePoint third(int of) {
        Size size = project.frameSize();
        return new FramePoint(size.width() * of / 3.0, size.height() / 2.0);
    }

    /** Where the subject is seen at the playhead now. */
    private FramePoint seen() {
        Track chosen = track.getValue();
        return chosen == null
                ? project.frameSize().centre()
                : project.take(shot).pose(frame).toFrame(Tracked.on(project, shot, chosen)[frame].at());
    }

    private void move(FramePoint to) {
        place = to;
        across.show(to.x());
        down.show(to.y());
        look();
    }

    /** Works out what would come of the answers; the last question counts. */
    private void look() {
        edit = Optional.empty();
        refused = false;
        asked.begin();
        Track chosen = track.getValue();
        if (chosen == null) {
            return;
        }
        var wish = new FollowWish(place, calm.getValue() / WHOLE, lead.getValue() / WHOLE, closer.isSelected());
        Optional<Rider> rider = who.getValue();
        boolean growing = grows.isSelected();
        asked.start(Work.of(() -> answer(chosen, rider, wish, growing), answer -> {
            if (overlay.getChildren().contains(this)) {
                show(chosen, answer);
            }
        }));
    }

    /** What would come of it: an edit, or words. */
    private record Answer(Optional<Edit> edit, String words) {}

    private Answer answer(Track chosen, Optional<Rider> rider, FollowWish wish, boolean growing) {
        try {
            if (rider.isPresent()) {
                Edit riding = new Rides(project, shot, chosen, frame, growing).edit(rider.get());
                riding.apply(project);
                return new Answer(Optional.of(riding), rider.get().words() + " rides on it from its present place.");
            }
            Following following = Follow.of(project, shot, chosen, wish);
            return new Answer(
                    Optional.of(ShotEdits.setCamera("follow subject", shot.id(), following.camera())),
                    words(following));
        } catch (IllegalArgumentException e) {
            return new Answer(Optional.empty(), "Not possible: " + e.getMessage() + ".");
        }
    }

    private String words(Following following) {
        String keys = following.keys() == 0
                ? "One place is enough, without keys."
                : Counted.of(following.keys(), "key") + (project.judges(shot) ? ", sealed." : ".");
        if (following.limited().isEmpty()) {
            return keys;
        }
        return keys + " The picture ends before it is at its place in the frames " + spans(following.limited())
                + ", by up to " + Figures.fixed(following.furthest(), 0) + " px"
                + (following.closerBy().isPresent()
                        ? "; at " + Figures.fixed(WHOLE * following.closerBy().getAsDouble(), 0)
                                + " % of the scale there would be room."
                        : ".");
    }

    private static String spans(List<FrameSpan> spans) {
        return spans.stream()
                .limit(3)
                .map(span -> span.from() == span.to() ? String.valueOf(span.from()) : span.from() + "–" + span.to())
                .collect(Collectors.joining(", ", "", spans.size() > 3 ? " …" : ""));
    }

    private void show(Track chosen, Answer answer) {
        edit = answer.edit;
        refused = edit.isEmpty();
        boolean asks = chosen.asksFor().isPresent();
        point.setVisible(asks);
        String guessed =
                asks ? " In " + Counted.of(chosen.guessed(), "frame") + " of the footage it is uncertain." : "";
        found.setText(answer.words + guessed);
        edit.ifPresentOrElse(desk.document()::show, desk.document()::cancel);
    }

    /** Goes to the middle of the longest guess, with the tool in hand. */
    private void pointAtIt() {
        Track chosen = track.getValue();
        end(desk, overlay);
        chosen.asksFor()
                .ifPresent(source -> Tracked.frameOf(project, shot, source).ifPresent(services.tracks()::ask));
    }

    @Override
    protected void take() {
        Edit made = edit.orElseThrow(
                () -> new IllegalArgumentException(refused ? found.getText() : "Still computing. Wait a moment."));
        desk.document().cancel();
        desk.document().apply(made);
        overlay.close();
        desk.say(found.getText());
    }
}
