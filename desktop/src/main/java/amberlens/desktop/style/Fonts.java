package amberlens.desktop.style;

import java.util.List;
import javafx.scene.text.Font;

/** The two families that ship with the application: Barlow for text, IBM Plex Mono for timecode and numbers. */
public final class Fonts {
    private static final List<String> FILES =
            List.of("Barlow-Regular", "Barlow-Medium", "Barlow-SemiBold", "IBMPlexMono-Regular", "IBMPlexMono-Medium");

    private Fonts() {}

    /** Makes the families known; call once before the first scene. */
    public static void load() {
        for (String file : FILES) {
            try (var stream = Fonts.class.getResourceAsStream("/amberlens/desktop/fonts/" + file + ".ttf")) {
                if (stream == null || Font.loadFont(stream, 12) == null) {
                    throw new IllegalStateException("the font " + file + " is not in this build");
                }
            } catch (java.io.IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
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
