package amberlens.desktop.shell.app;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.model.project.LineUp;
import amberlens.desktop.desk.state.Change;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;

/** Starts the built application once as a person would: waits for the project, plays it, and quits. */
final class SelfCheck {
    private static final Duration PLAYED = Duration.seconds(3);
    private static final Duration SETTLING = Duration.seconds(3);
    private static final Duration PATIENCE = Duration.seconds(60);
    private static final Duration LONG_PATIENCE = Duration.minutes(5);
    private static final int FAILED = 1;

    /** Plays ten seconds that were made ready before, and counts the frames that are shown in time. */
    static final String PLAY = "--play";

    private static final int SECONDS = 10;

    private final Bench bench;
    private final boolean ready;
    private boolean started;
    private boolean usable;

    SelfCheck(Bench bench, boolean ready) {
        this.bench = bench;
        this.ready = ready;
    }

    void run() {
        PauseTransition patience = new PauseTransition(PATIENCE);
        patience.setOnFinished(_ -> fail("no picture of the project became ready in time"));
        patience.play();
        bench.desk().subscribe(changes -> {
            boolean loaded = !bench.desk().document().project().shots().isEmpty();
            if (loaded && !usable) {
                usable = true;
                Platform.runLater(() -> tell("the window is usable"));
            }
            if (!started && loaded && changes.contains(Change.PICTURES)) {
                started = true;
                patience.stop();
                if (ready) {
                    PauseTransition settling = new PauseTransition(SETTLING);
                    settling.setOnFinished(_ -> makeReady());
                    settling.play();
                } else {
                    Platform.runLater(this::play);
                }
            }
        });
    }

    private void play() {
        tell("the first picture is there");
        int before = bench.desk().cursor().playhead();
        bench.actions().run("play.toggle");
        PauseTransition patience = new PauseTransition(PATIENCE);
        patience.setOnFinished(_ -> fail("the playhead did not move"));
        patience.play();
        PauseTransition played = new PauseTransition(PLAYED);
        played.setOnFinished(_ -> {
            int after = bench.desk().cursor().playhead();
            if (after <= before) { // a slow machine
                played.playFromStart();
                return;
            }
            bench.actions().run("play.toggle");
            System.out.println("self-check: played from frame " + before + " to " + after);
            Platform.exit();
        });
        played.play();
    }

    private void makeReady() {
        tell("the first picture is there");
        var desk = bench.desk();
        var project = desk.document().project();
        int frames = Math.min(SECONDS * project.frame().rate().nominal(), LineUp.length(project));
        desk.cursor().transport().setRange(Optional.of(new FrameSpan(0, frames - 1)));
        desk.cursor().transport().setLooping(false);
        long before = System.nanoTime();
        bench.actions().run("play.ready");
        var patience = new PauseTransition(LONG_PATIENCE);
        patience.setOnFinished(_ -> fail("making ready took too long"));
        patience.play();
        bench.services().made().whenChanged(() -> {
            boolean all = bench.services().made().spans().stream().anyMatch(span -> span.length() >= frames);
            if (all && patience.getStatus() == Animation.Status.RUNNING) {
                patience.stop();
                System.out.printf(
                        Locale.ROOT,
                        "self-check: %d frames made ready in %.1f s%n",
                        frames,
                        (System.nanoTime() - before) / 1e9);
                desk.cursor().seek(0);
                Platform.runLater(this::playReady);
            }
        });
    }

    private void playReady() {
        var transport = bench.desk().cursor().transport();
        bench.desk().subscribe(changes -> {
            if (changes.contains(Change.PLAYING) && !transport.playing()) {
                System.out.println("self-check: " + transport.tally().inTime() + " of "
                        + transport.tally().wanted() + " frames shown within 20 ms of their time");
                Platform.exit();
            }
        });
        bench.actions().run("play.toggle");
    }

    private static void tell(String what) {
        ProcessHandle.current()
                .info()
                .startInstant()
                .map(began -> java.time.Duration.between(began, Instant.now()).toMillis())
                .ifPresent(millis -> System.out.println("self-check: " + what + " after " + millis + " ms"));
    }

    private static void fail(String what) {
        System.err.println("amber: self-check: " + what);
        Runtime.getRuntime().halt(FAILED);
    }
}
