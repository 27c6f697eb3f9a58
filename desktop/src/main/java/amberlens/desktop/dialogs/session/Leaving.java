package amberlens.desktop.dialogs.session;

import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.queue.ExportQueue;
import java.util.List;

/** What is asked before the window closes: nothing that is not saved and no export that runs ends without a word. */
public final class Leaving {
    private final ProjectSession session;
    private final ExportQueue exports;
    private final Overlay overlay;

    public Leaving(ProjectSession session, ExportQueue exports, Overlay overlay) {
        this.session = session;
        this.exports = exports;
        this.overlay = overlay;
    }

    /**
     * Asks what has to be asked.
     *
     * @param hide takes the window away while exports go on
     * @param end ends the program
     */
    public void leave(Runnable hide, Runnable end) {
        session.whenSafe(() -> {
            if (!exports.busy()) {
                end.run();
                return;
            }
            int left = exports.waiting() + (exports.running().isPresent() ? 1 : 0);
            overlay.ask(
                    left == 1 ? "An export is still running" : left + " exports are not finished",
                    "Closing now would stop " + (left == 1 ? "it" : "them")
                            + ", and nothing of what is not finished would be left.",
                    List.of(
                            new Overlay.Answer("Continue, and close when done", true, () -> {
                                hide.run();
                                exports.whenDone(end);
                            }),
                            new Overlay.Answer("Stop and close", false, () -> {
                                exports.stopAll();
                                exports.whenDone(end);
                            }),
                            new Overlay.Answer("Stay", false, () -> {})));
        });
    }
}
