package amberlens.demo;

import amberlens.media.title.ShippedFonts;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.UncheckedIOException;

/** The two faces in which the archive is lettered. */
enum Lettering {
    ROMAN("EBGaramond-Regular"),
    ITALIC("EBGaramond-Italic");

    private final Font font;

    Lettering(String resource) {
        try (var stream = ShippedFonts.open(resource)) {
            font = Font.createFont(Font.TRUETYPE_FONT, stream);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException(resource + " is no font", e);
        }
    }

    Font at(double size) {
        return font.deriveFont((float) size);
    }
}
