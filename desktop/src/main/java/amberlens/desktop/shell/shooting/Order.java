package amberlens.desktop.shell.shooting;

import amberlens.core.base.geometry.Size;
import amberlens.desktop.desk.state.WindowLayout;
import amberlens.desktop.kit.style.ThemeChoice;
import java.nio.file.Path;
import java.util.Optional;

/**
 * A picture that is wanted.
 *
 * @param file the project to show, if any
 * @param frame of the line-up
 * @param size of the window
 * @param shelf whether the Shelf stands open
 * @param text the text size in per cent
 */
public record Order(
        View view,
        Optional<Path> file,
        int frame,
        Size size,
        WindowLayout arrangement,
        boolean shelf,
        int text,
        ThemeChoice appearance) {}
