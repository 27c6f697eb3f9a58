package amberlens.media.title;

import amberlens.core.material.title.Weight;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** The fonts that come with the program, under the SIL Open Font License, which lies beside them. */
public final class ShippedFonts {
    private static final String FOLDER = "/amberlens/media/fonts/";

    private record Face(String family, int weight, boolean italic, String file) {}

    private static final List<Face> FACES = List.of(
            new Face("EB Garamond", 400, false, "EBGaramond-Regular"),
            new Face("EB Garamond", 400, true, "EBGaramond-Italic"),
            new Face("EB Garamond", 600, false, "EBGaramond-SemiBold"),
            new Face("EB Garamond", 700, false, "EBGaramond-Bold"),
            new Face("EB Garamond", 700, true, "EBGaramond-BoldItalic"),
            new Face("Barlow", 400, false, "Barlow-Regular"),
            new Face("Barlow", 400, true, "Barlow-Italic"),
            new Face("Barlow", 500, false, "Barlow-Medium"),
            new Face("Barlow", 600, false, "Barlow-SemiBold"),
            new Face("Barlow", 700, false, "Barlow-Bold"),
            new Face("Barlow", 700, true, "Barlow-BoldItalic"),
            new Face("Caveat", 400, false, "Caveat-Regular"),
            new Face("Caveat", 700, false, "Caveat-Bold"));

    private static final Map<Face, Font> LOADED = new ConcurrentHashMap<>();

    private ShippedFonts() {}

    /** The families, those for text first. */
    public static List<String> families() {
        return FACES.stream().map(Face::family).distinct().toList();
    }

    /**
     * The file of a face.
     *
     * @param name for example "Barlow-Regular"
     * @throws IllegalStateException when none is so called
     */
    public static InputStream open(String name) {
        InputStream stream = ShippedFonts.class.getResourceAsStream(FOLDER + name + ".ttf");
        if (stream == null) {
            throw new IllegalStateException("the font " + name + " is not in this build");
        }
        return stream;
    }

    /**
     * The font of a family that is nearest to a weight, upright or italic where the family has italics; empty when no family that ships
     * has the name.
     */
    static Optional<Shipped> find(String family, Weight weight, boolean italic) {
        List<Face> faces = FACES.stream()
                .filter(face -> face.family().equalsIgnoreCase(family.strip()))
                .toList();
        Stream<Face> leaning = faces.stream().filter(face -> face.italic() == italic);
        return leaning.min(nearest(weight))
                .or(() -> faces.stream().min(nearest(weight)))
                .map(face -> new Shipped(LOADED.computeIfAbsent(face, ShippedFonts::load), face.italic()));
    }

    private static Comparator<Face> nearest(Weight weight) {
        return Comparator.comparingInt(face -> Math.abs(face.weight() - weight.number()));
    }

    /**
     * A font that ships.
     *
     * @param italic whether its letters lean
     */
    record Shipped(Font font, boolean italic) {}

    private static Font load(Face face) {
        try (InputStream stream = open(face.file())) {
            return Font.createFont(Font.TRUETYPE_FONT, stream);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("the font " + face.file() + " in this build is damaged", e);
        }
    }
}
