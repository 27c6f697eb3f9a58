package amberlens.desktop;

import amberlens.desktop.shell.app.AmberLens;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.application.Application;

/** Starts the application. */
public final class Main {
    private static final int FAILED = 1;

    private Main() {}

    /** Takes the project to open, if any. */
    public static void main(String[] args) {
        for (String argument : args) {
            if (!argument.startsWith("--") && !Files.exists(Path.of(argument))) {
                System.err.println("amber: " + argument + " is not there; check its name and folder.");
                System.exit(FAILED);
            }
        }
        Application.launch(AmberLens.class, args);
    }
}
