package amberlens.desktop.shell.app;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Timecode;
import amberlens.core.base.words.Counted;
import amberlens.core.edit.check.CheckWords;
import amberlens.core.edit.check.ShotMarks;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.mark.Mark;
import amberlens.core.material.planes.PlaneReport;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.pace.Pace;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.PlayTally;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.work.services.Services;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.util.Duration;

/** The one most useful sentence now, with the action that follows from it. */
public final class StatusLine extends HBox implements Subscription {
    private static final DateTimeFormatter TIME =
            DateTimeFormatter.ofPattern("HH:mm:ss").withZone(ZoneId.systemDefault());

    private static final Set<Change> NOTHING_HERE =
            EnumSet.of(Change.PLAYHEAD, Change.PLAYING, Change.EXPORTS, Change.SOUNDS);

    private final Desk desk;
    private final Services services;
    private final Consumer<String> run;
    private final Label sentence = new Label();
    private final Hyperlink action = new Hyperlink();
    private final Hyperlink ways = new Hyperlink("All ways…");
    private final Label told = new Label();
    private final Hyperlink next = new Hyperlink();
    private final Label saved = new Label();
    private final PauseTransition ageing = new PauseTransition(Duration.seconds(8));
    private String heard = "";
    private int stepHeard;
    private int stepBefore;
    private final Subscription subscription;

    /** @param run runs an action of the menus */
    public StatusLine(Desk desk, Services services, Consumer<String> run) {
        this.desk = desk;
        this.services = services;
        this.run = run;
        Region gap = DialogParts.gap();
        sentence.setId("status");
        sentence.setMinWidth(0);
        action.setId("status-action");
        action.getStyleClass().add("status-action");
        saved.setId("saved");
        saved.setMinWidth(Region.USE_PREF_SIZE);
        saved.getStyleClass().add("quiet");
        ways.setId("status-ways");
        ways.getStyleClass().add("status-action");
        ways.setOnAction(_ -> {
            ways.setVisited(false);
            desk.tools().setSealing(true);
        });
        told.setId("status-told");
        told.setMinWidth(0);
        told.getStyleClass().add("quiet");
        next.setId("status-next");
        next.getStyleClass().add("status-action");
        ageing.setOnFinished(_ -> desk.say(""));
        getChildren().addAll(sentence, action, ways, told, next, gap, saved);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("status-line");
        subscription = desk.subscribe(changes -> {
            if (!changes.only(NOTHING_HERE)
                    && changes.concern(desk.cursor().selection().shotId())) {
                refresh();
            }
            if (changes.contains(Change.PLAYING)) {
                hint();
            }
        });
        refresh();
    }

    private void hint() {
        PlayTally tally = desk.cursor().transport().tally();
        if (tally.wanted() > 0 && !desk.cursor().transport().playing()) {
            Hint.of(
                    this,
                    "Played last: " + tally.inTime() + " of " + tally.wanted() + " frames within 20 ms of their time.");
        }
    }

    private void refresh() {
        action.setVisible(false);
        action.setManaged(false);
        ways.setVisible(false);
        ways.setManaged(false);
        saved.setText(state());
        var shot = desk.cursor().selectedShot();
        boolean open = shot.isPresent()
                && !desk.document().project().isRig(shot.get())
                && services.facts().open(desk.document().project(), shot.get());
        String message = message();
        boolean beside = open && !message.isEmpty();
        told.setText(beside ? message : "");
        told.setManaged(beside);
        offerBeside(beside);
        sentence.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("open"), open);
        if (desk.tools().sealing()) {
            sentence.setText("Preview of the chosen seal. Nothing is changed yet.");
        } else if (!message.isEmpty() && !beside) {
            sentence.setText(message);
            desk.offer()
                    .ifPresentOrElse(
                            offered -> offer(offered.words(), () -> taken(offered)),
                            () -> offer("Dismiss", () -> desk.say("")));
        } else if (shot.isEmpty()) {
            sentence.setText(
                    desk.document().project().media().isEmpty()
                            ? "Start by adding pictures to the shelf."
                            : "Double-click a picture to make a shot of it.");
        } else if (desk.document().project().isRig(shot.get())) {
            tellRig(shot.get());
        } else if (open) {
            if (services.facts().edges(desk.document().project(), shot.get()).isSealed()) {
                tellBehind(shot.get());
            } else {
                tellOpen(shot.get());
            }
        } else if (!services.cuts().cut(desk.document().project(), shot.get()).isEmpty()) {
            tellCut(shot.get());
        } else {
            tellNext(shot.get());
        }
    }

    /** A mark is cut though it is to be kept. */
    private void tellCut(Shot shot) {
        Project project = desk.document().project();
        ShotMarks.Cut cut = services.cuts().cut(project, shot).stream()
                .min(Comparator.comparingDouble(one -> one.where().worst().framePx()))
                .orElseThrow();
        sentence.setText(CheckWords.cut(project, cut) + ":");
        if (desk.document().showing()) {
            return;
        }
        boolean always = cut.mark().keep() == Mark.Keep.ALWAYS;
        if (!always && services.cuts().aside(project, shot) instanceof SealResult.Sealed) {
            offer("Move aside", () -> run.accept("marks.aside"));
        } else if (always) {
            offer("Seal by least change…", () -> desk.tools().setSealing(true));
        } else {
            offer("Go there", () -> desk.cursor().seekInShot(cut.where().frame()));
        }
    }

    private void taken(Desk.Offer offered) {
        desk.say("");
        offered.next().run();
    }

    /** What is offered beside an open edge, which comes first. */
    private void offerBeside(boolean beside) {
        Optional<Desk.Offer> offered = desk.offer().filter(_ -> beside);
        next.setVisible(offered.isPresent());
        next.setManaged(offered.isPresent());
        offered.ifPresent(one -> {
            next.setText(one.words());
            next.setOnAction(_ -> {
                next.setVisited(false);
                taken(one);
            });
        });
    }

    /** What was said, until something else was done, and if it is of something that was done no longer than a few seconds. */
    private String message() {
        String now = desk.message();
        int step = desk.document().step();
        if (!now.equals(heard)) {
            heard = now;
            ageing.stop();
            if (step != stepBefore) {
                ageing.playFromStart();
            }
            stepHeard = step;
        }
        stepBefore = step;
        return step == stepHeard ? now : "";
    }

    private String state() {
        String file = desk.document().file().isEmpty()
                ? "Not saved yet"
                : desk.document().unsaved() ? "Unsaved changes" : "Saved";
        return file
                + services.keeping()
                        .kept()
                        .map(when -> " · kept safe " + TIME.format(when))
                        .or(() -> services.keeping().trouble().map(why -> " · not kept safe: " + why))
                        .orElse("");
    }

    private void tellRig(Shot rig) {
        Project project = desk.document().project();
        List<Shot> moved = project.under(rig);
        long opened = moved.stream()
                .filter(shot -> services.facts().open(project, shot))
                .count();
        sentence.setText("This rig moves " + Counted.of(moved.size(), "shot")
                + (opened == 0
                        ? "; no edge opens under it."
                        : "; an edge opens in " + (opened == 1 ? "one" : String.valueOf(opened)) + " of them:"));
        if (opened > 0
                && !desk.document().showing()
                && services.facts().seal(project, rig) instanceof SealResult.Sealed sealed) {
            offer(
                    String.format(
                            Locale.ROOT, "Seal, %+.1f %% scale", sealed.cost().scalePercent()),
                    () -> desk.document().apply(SealEdits.accept(rig, SealWay.LIFT, sealed)));
        }
    }

    private void tellOpen(Shot shot) {
        EdgeReport report = services.facts().edges(desk.document().project(), shot);
        EdgeReport.OpenSpan span = report.worstSpan().orElseThrow();
        FrameRate rate = desk.document().project().frame().rate();
        String where = String.format(
                Locale.ROOT,
                "Edge opens %s – %s, %s at worst:",
                Timecode.brief(span.span().from(), rate),
                Timecode.brief(span.span().to(), rate),
                span.worst().openWords(0));
        if (desk.document().showing()) {
            sentence.setText(where.substring(0, where.length() - 1) + ".");
            return;
        }
        ways.setVisible(true);
        ways.setManaged(true);
        switch (services.facts().seal(desk.document().project(), shot)) {
            case SealResult.Sealed sealed -> {
                sentence.setText(where);
                String words = String.format(
                                Locale.ROOT,
                                "Seal, %+.1f %% scale",
                                sealed.cost().scalePercent())
                        + softness(sealed);
                offer(words, () -> desk.document().apply(SealEdits.accept(shot, SealWay.LIFT, sealed)));
            }
            case SealResult.Refused refused -> {
                sentence.setText(where + " " + refused.reason());
                offer("Go there", () -> desk.cursor().seekInShot(refused.frame()));
            }
            case SealResult.AlreadySealed _ -> sentence.setText(where);
        }
    }

    /** All edges are sealed, but what is not there is seen behind a plane. */
    private void tellBehind(Shot shot) {
        services.facts()
                .planes(desk.document().project(), shot)
                .flatMap(PlaneReport::worst)
                .ifPresent(worst -> {
                    FrameRate rate = desk.document().project().frame().rate();
                    String words = worst.words();
                    sentence.setText(Character.toUpperCase(words.charAt(0)) + words.substring(1) + " at "
                            + Timecode.brief(worst.frame(), rate) + ":");
                    if (!desk.document().showing()) {
                        offer("Seal behind it", () -> run.accept("planes.seal"));
                    }
                });
    }

    private static String softness(SealResult.Sealed sealed) {
        return Enlargement.isWithin(sealed.cost().enlargement(), Enlargement.UNNOTICED)
                ? ""
                : String.format(
                        Locale.ROOT,
                        " (enlarges to %.0f %%, soft)",
                        sealed.cost().enlargement());
    }

    private void tellNext(Shot shot) {
        List<Integer> framings = Framings.of(shot.camera());
        if (desk.document().project().isTitle(shot)) {
            sentence.setText("Double-click the title in the Lens to write it; drag it to where it belongs.");
            return;
        }
        sentence.setText(
                switch (framings.size()) {
                    case 0 -> "Drag the gate to the start framing, then press Add framing (A).";
                    case 1 -> "Go to the last frame (End) and drag the gate to the end framing.";
                    default ->
                        shot.fillsFrame()
                                ? "Every frame of this shot is sealed" + forDelivery() + "." + hurry(shot)
                                : "This shot need not fill the frame, so its edges are not checked.";
                });
    }

    /** A calm word about a pan that may judder. */
    private String hurry(Shot shot) {
        FrameFormat format = desk.document().project().frame();
        double across = services.facts()
                .pace(desk.document().project(), shot)
                .greatest()
                .crossingSeconds(format.size(), format.rate());
        return across < Pace.CALM_CROSSING_SECONDS && format.rate().perSecond() < Pace.CALM_RATE
                ? String.format(
                        Locale.ROOT,
                        " At its fastest it would cross the frame in %.1f s; below about 7 s a pan may judder.",
                        across)
                : "";
    }

    private String forDelivery() {
        Optional<Delivery> shape = desk.document().delivery();
        if (shape.isPresent()) {
            boolean own = desk.cursor()
                    .selectedShot()
                    .filter(shot ->
                            shot.settings().deliveries().containsKey(shape.get().id()))
                    .isPresent();
            return " in " + shape.get().name() + (own ? ", with framings of its own" : "");
        }
        return desk.tools()
                .judgedDelivery()
                .map(delivery -> " for the " + delivery.words() + " delivery")
                .orElse("");
    }

    private void offer(String words, Runnable run) {
        action.setText(words);
        action.setOnAction(_ -> {
            action.setVisited(false);
            run.run();
        });
        action.setVisible(true);
        action.setManaged(true);
    }

    @Override
    public void close() {
        ageing.stop();
        subscription.close();
    }
}
