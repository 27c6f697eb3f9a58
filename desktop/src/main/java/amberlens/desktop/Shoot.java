package amberlens.desktop;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.desktop.desk.state.WindowLayout;
import amberlens.desktop.kit.style.ThemeChoice;
import amberlens.desktop.shell.shooting.Order;
import amberlens.desktop.shell.shooting.Shooting;
import amberlens.desktop.shell.shooting.View;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.TypeConversionException;

/** The command that saves an offscreen picture of a main view. */
@Command(name = "shoot", description = "Saves an offscreen picture of a main view.", mixinStandardHelpOptions = true)
public final class Shoot implements Callable<Integer> {
    @Option(names = "--view", required = true, paramLabel = "NAME", description = "One of: ${COMPLETION-CANDIDATES}.")
    private View view = View.BENCH;

    @Option(names = "-o", required = true, paramLabel = "OUT.png", description = "The picture to write.")
    private Path output = Path.of("");

    @Option(
            names = "--at",
            paramLabel = "FRAME",
            description = "The line-up frame to show (default: ${DEFAULT-VALUE}).")
    private int at = 56;

    @Option(
            names = "--size",
            paramLabel = "WxH",
            converter = WindowSize.class,
            description = "The size of the window, 1024x700 to 3840x2160 (default: ${DEFAULT-VALUE}).")
    private Size size = new Size(1280, 800);

    @Option(
            names = "--arrangement",
            paramLabel = "NAME",
            description = "One of: ${COMPLETION-CANDIDATES} (default: ${DEFAULT-VALUE}).")
    private WindowLayout arrangement = WindowLayout.BOTH;

    @Option(
            names = "--text",
            paramLabel = "PERCENT",
            description = "The text size, 90 to 150 (default: ${DEFAULT-VALUE}).")
    private int text = 100;

    @Option(
            names = "--appearance",
            paramLabel = "NAME",
            description = "One of: ${COMPLETION-CANDIDATES} (default: ${DEFAULT-VALUE}).")
    private ThemeChoice appearance = ThemeChoice.DARK;

    @Option(names = "--shelf", description = "Let the Shelf stand open; it does for the views that need it.")
    private boolean shelf;

    @Parameters(arity = "0..1", paramLabel = "FILE", description = "The project to show.")
    private @Nullable Path file;

    /** The views that need the Shelf. */
    private static final Set<View> OPEN_SHELF = EnumSet.of(View.READY, View.EMPTY, View.SHELF, View.FIRST_MOVE);

    private Shoot() {}

    /** From words like 1280x800. */
    private static final class WindowSize implements ITypeConverter<Size> {
        @Override
        public Size convert(String words) {
            String[] parts = words.split("[x×]", -1);
            try {
                var read = new Size(Integer.parseInt(parts[0]), Integer.parseInt(parts[parts.length - 1]));
                if (parts.length == 2
                        && read.width() >= 1024
                        && read.height() >= 700
                        && read.width() <= 3840
                        && read.height() <= 2160) {
                    return read;
                }
            } catch (NumberFormatException _) {
                // said below
            }
            throw new TypeConversionException("a size is like 1280x800, from 1024x700 to 3840x2160, not " + words);
        }
    }

    public static void main(String[] args) {
        var line = new CommandLine(new Shoot());
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setParameterExceptionHandler((problem, _) -> {
            System.err.println("amber: " + problem.getMessage().toLowerCase(Locale.ROOT));
            System.err.println("Try: amber shoot --help");
            return 2;
        });
        line.setExecutionExceptionHandler((problem, _, _) -> {
            System.err.println("amber: " + problem.getMessage());
            return 1;
        });
        System.exit(line.execute(args));
    }

    @Override
    public Integer call() throws FileProblem {
        if (file != null && !Files.exists(file)) {
            throw new FileProblem(file + " is not there; check its name and folder.");
        }
        boolean open = shelf || OPEN_SHELF.contains(view);
        if (text < 90 || text > 150) {
            throw new FileProblem("A text size is from 90 to 150 per cent, not " + text + ".");
        }
        var order = new Order(view, Optional.ofNullable(file), at, size, arrangement, open, text, appearance);
        Shooting.shoot(order, output);
        System.out.println(output);
        return 0;
    }
}
