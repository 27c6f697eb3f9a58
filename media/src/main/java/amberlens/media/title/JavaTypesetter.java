package amberlens.media.title;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.memo.Memo;
import amberlens.core.material.title.Setting;
import amberlens.core.material.title.Title;
import amberlens.core.material.title.Typesetter;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Raster;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Sets titles with Java2D. Letters are laid out once in frame pixels, without hinting, and only their outlines are scaled, so that
 * they stand alike at every size.
 */
public final class JavaTypesetter implements Typesetter {
    private static final Logger LOG = LoggerFactory.getLogger(JavaTypesetter.class);

    /** How many bytes of outlines are kept, about. */
    private static final long KEPT = 16L << 20;

    private static final long PER_LETTER = 1200;

    private final Memo<Title, Composed> composed =
            new Memo<>(KEPT, one -> PER_LETTER * (1 + one.title().text().length()));

    @Override
    public Setting set(Title title) {
        return compose(title).setting();
    }

    @Override
    public Raster draw(Title title, int exponent, int left, int top, Size size) {
        Composed found = compose(title);
        try {
            return Drawing.of(found, exponent, left, top, size);
        } catch (RuntimeException | LinkageError e) {
            LOG.info("a title could not be drawn", e);
            return new LinearRaster(size, new long[Math.toIntExact(size.area())], false);
        }
    }

    private Composed compose(Title title) {
        return composed.get(title, JavaTypesetter::composed);
    }

    /** What a font does not survive is set in the font that stands in; a machine without fonts shows nothing, and says so. */
    private static Composed composed(Title title) {
        try {
            return Composed.of(title);
        } catch (RuntimeException | LinkageError e) {
            LOG.info("a title could not be set in \"{}\"", title.font(), e);
            return title.font().equals(Title.USUAL_FONT) ? blank(title) : standingIn(title);
        }
    }

    private static Composed standingIn(Title title) {
        try {
            Composed other = Composed.of(title.withFont(Title.USUAL_FONT));
            List<String> notes = Stream.concat(
                            Stream.of("The font \"" + title.font() + "\" is damaged; " + Title.USUAL_FONT
                                    + " stands in for it."),
                            other.setting().notes().stream())
                    .toList();
            Setting setting = other.setting();
            return new Composed(title, other.letters(), new Setting(setting.box(), setting.reach(), notes));
        } catch (RuntimeException | LinkageError _) {
            return blank(title);
        }
    }

    /** About as large as it would be, and empty. */
    private static Composed blank(Title title) {
        long lines = Math.clamp(title.text().lines().count(), 1, Composed.MOST_LINES);
        int widest = Math.min(
                Composed.MOST_IN_LINE,
                title.text().lines().mapToInt(String::length).max().orElse(1));
        Size box = new Size(
                Composed.even(widest * title.size() / 2), Composed.even(lines * title.lineSpacing() * title.size()));
        return new Composed(
                title,
                new Path2D.Double(),
                new Setting(
                        box,
                        0,
                        List.of("Titles cannot be drawn on this machine: its fonts cannot be read. On Linux, install"
                                + " fontconfig.")));
    }

    @Override
    public List<String> families() {
        List<String> shipped = ShippedFonts.families();
        try {
            return Stream.concat(shipped.stream(), Faces.ofMachine().stream())
                    .distinct()
                    .toList();
        } catch (RuntimeException | LinkageError e) {
            LOG.info("the fonts of this machine could not be listed", e);
            return shipped;
        }
    }
}
