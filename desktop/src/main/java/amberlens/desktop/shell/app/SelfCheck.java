package amberlens.desktop.shell.app;

import amberlens.desktop.desk.state.Change;
import java.time.Instant;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;

/** Starts the built application once as a person would: waits for the project, plays it, and quits. */
final class SelfCheck {
    private static final Duration PLAYED = Duration.seconds(3);
    private static final Duration PATIENCE = Duration.seconds(60);
    private static final int FAILED = 1;

    private final Bench bench;
    private boolean started;
    private boolean usable;

    SelfCheck(Bench bench) {
        this.bench = bench;
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
                Platform.runLater(this::play);
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
