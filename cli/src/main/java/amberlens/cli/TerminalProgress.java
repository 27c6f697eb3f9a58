package amberlens.cli;

import amberlens.files.WholeFile;
import amberlens.media.export.ExportProgress;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import me.tongfei.progressbar.ProgressBar;
import me.tongfei.progressbar.ProgressBarBuilder;
import me.tongfei.progressbar.ProgressBarStyle;
import org.jspecify.annotations.Nullable;

/** A progress bar on a terminal; and an interrupt from the keyboard ends the export cleanly before the program ends. */
final class TerminalProgress implements ExportProgress, AutoCloseable {
    /** Somebody who presses Ctrl+C wants the terminal back within a second. */
    private static final int CLEAN_UP_MILLIS = 600;

    private final boolean shown = onTerminal();
    private static final String RENDERING = "Rendering";

    private final String task;
    private final @Nullable ProgressLines lines;
    private final CountDownLatch closed = new CountDownLatch(1);
    private final Thread onInterrupt = new Thread(this::cancelAndWait, "cancel");
    private volatile boolean cancelled;
    private @Nullable ProgressBar bar;

    TerminalProgress() {
        this(RENDERING, null);
    }

    /** @param task what is being done, before the bar */
    TerminalProgress(String task) {
        this(task, null);
    }

    /** @param lines hears of everything instead of a bar; nobody when there is none */
    TerminalProgress(@Nullable ProgressLines lines) {
        this(RENDERING, lines);
    }

    private TerminalProgress(String task, @Nullable ProgressLines lines) {
        this.task = task;
        this.lines = lines;
        Runtime.getRuntime().addShutdownHook(onInterrupt);
    }

    @Override
    public boolean done(int frames, int of) {
        if (lines != null) {
            lines.progress(frames, of);
            return !cancelled;
        }
        if (shown && bar == null) {
            bar = new ProgressBarBuilder()
                    .setTaskName(task)
                    .setUnit(" frames", 1)
                    .setInitialMax(of)
                    .setStyle(ProgressBarStyle.ASCII)
                    .setUpdateIntervalMillis(200)
                    .showSpeed()
                    .build();
        }
        if (bar != null) {
            bar.stepTo(frames);
        }
        return !cancelled;
    }

    /** There is no console where the output is redirected, whatever the compiler's advice says. */
    @SuppressWarnings("SystemConsoleNull")
    private static boolean onTerminal() {
        var console = System.console();
        return console != null && console.isTerminal();
    }

    private void cancelAndWait() {
        cancelled = true;
        try {
            if (!closed.await(CLEAN_UP_MILLIS, TimeUnit.MILLISECONDS)) {
                WholeFile.abandonAll();
                System.err.println("amber: cancelled; nothing was left behind.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        if (bar != null) {
            bar.close();
        }
        closed.countDown();
        if (!cancelled) {
            Runtime.getRuntime().removeShutdownHook(onInterrupt);
        }
    }
}
