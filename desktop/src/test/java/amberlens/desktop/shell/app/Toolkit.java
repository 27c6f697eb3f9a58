package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.application.Platform;

/** The window system for benches that no window shows. */
public final class Toolkit {
    private Toolkit() {}

    /** Starts it, unless another test has. */
    public static void start() {
        try {
            Platform.startup(AmberLens::dress);
        } catch (IllegalStateException alreadyRunning) {
            assertThat(alreadyRunning).hasMessageContaining("already");
        }
    }
}
