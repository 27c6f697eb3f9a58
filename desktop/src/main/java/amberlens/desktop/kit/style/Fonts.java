package amberlens.desktop.kit.style;

import amberlens.media.title.ShippedFonts;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import javafx.scene.text.Font;
import org.jspecify.annotations.Nullable;

/** The two families that ship with the application: Barlow for text, IBM Plex Mono for timecode and numbers. */
public final class Fonts {
    private static final List<String> TEXT = List.of("Barlow-Regular", "Barlow-Medium", "Barlow-SemiBold");
    private static final List<String> NUMBERS = List.of("IBMPlexMono-Regular", "IBMPlexMono-Medium");

    private Fonts() {}

    /** Makes the families known; call once before the first scene. */
    public static void load() {
        TEXT.forEach(name -> load(name, ShippedFonts.open(name)));
        NUMBERS.forEach(
                name -> load(name, Fonts.class.getResourceAsStream("/amberlens/desktop/fonts/" + name + ".ttf")));
    }

    private static void load(String name, @Nullable InputStream file) {
        try (InputStream stream = file) {
            if (stream == null || Font.loadFont(stream, 12) == null) {
                throw new IllegalStateException("the font " + name + " is not in this build");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static Font text(double size) {
        return Font.font("Barlow", size);
    }

    public static Font strong(double size) {
        return Font.font("Barlow", javafx.scene.text.FontWeight.SEMI_BOLD, size);
    }

    public static Font numbers(double size) {
        return Font.font("IBM Plex Mono", size);
    }
}
