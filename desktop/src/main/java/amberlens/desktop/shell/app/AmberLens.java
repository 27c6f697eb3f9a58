package amberlens.desktop.shell.app;

import amberlens.desktop.dialogs.session.WindowFileChoice;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.ThemeChoice;
import amberlens.desktop.kit.style.WindowTheme;
import amberlens.files.Folders;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;

/** The application: one window with the bench, and the question before it closes. */
public final class AmberLens extends Application {
    private static final String SELF_CHECK = "--self-check";

    private @Nullable Bench bench;

    @Override
    public void start(Stage stage) {
        dress();
        Platform.setImplicitExit(false); // exports may go on without a window
        Bench opened = new Bench(
                new WindowFileChoice(stage, address -> getHostServices().showDocument(address.toString())),
                Folders.usual(),
                1280,
                800);
        bench = opened;
        stage.setScene(opened.scene());
        stage.setMinWidth(980);
        stage.setMinHeight(640);
        opened.desk().subscribe(_ -> stage.setTitle(opened.title()));
        stage.setTitle(opened.title());
        stage.setOnCloseRequest(event -> {
            event.consume();
            opened.leave(stage::hide, Platform::exit);
        });
        List<String> arguments = getParameters().getRaw();
        arguments.stream()
                .filter(argument -> !argument.startsWith("--"))
                .findFirst()
                .ifPresent(file -> opened.session().open(Path.of(file))); // it is read while the window comes up
        stage.show();
        if (arguments.contains(SELF_CHECK)) {
            new SelfCheck(opened, arguments.contains(SelfCheck.PLAY)).run();
        } else {
            opened.session().offerKeptWork();
        }
    }

    /** Fonts and theme, before any scene. */
    public static void dress() {
        Fonts.load();
        WindowTheme.theme(ThemeChoice.DARK);
    }

    @Override
    public void stop() {
        if (bench != null) {
            bench.close();
        }
    }
}
