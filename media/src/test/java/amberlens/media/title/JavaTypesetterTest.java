package amberlens.media.title;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.title.Align;
import amberlens.core.material.title.Plate;
import amberlens.core.material.title.Setting;
import amberlens.core.material.title.Title;
import amberlens.core.material.title.TitleOutline;
import amberlens.core.material.title.Typesetter;
import amberlens.core.material.title.Weight;
import amberlens.core.pixels.raster.Light;
import amberlens.core.pixels.raster.Raster;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.image.BufferedImage;
import java.io.InputStream;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class JavaTypesetterTest {
    private final Typesetter typesetter = Typesetter.get();

    private static Title pond() {
        return Title.of("The mill pond, AV Wafer").withSize(64);
    }

    private Raster whole(Title title, int exponent) {
        Size box = typesetter.set(title).box();
        return typesetter.draw(title, exponent, 0, 0, new Size(box.width() << exponent, box.height() << exponent));
    }

    private static double alpha(Raster raster, int x, int y) {
        return raster.at(x, y).alpha();
    }

    @ParameterizedTest
    @CsvSource({"EB Garamond, EBGaramond-Regular", "Barlow, Barlow-Regular", "Caveat, Caveat-Regular"})
    void letters_at_1_to_1_lie_where_java2d_draws_them_itself(String family, String file) throws Exception {
        Title title = pond().withFont(family);
        Font font;
        try (InputStream stream = ShippedFonts.open(file)) {
            font = Font.createFont(Font.TRUETYPE_FONT, stream)
                    .deriveFont(Map.of(TextAttribute.SIZE, 64f, TextAttribute.KERNING, TextAttribute.KERNING_ON));
        }
        Raster drawn = whole(title, 0);
        Size box = drawn.size();
        var image = new BufferedImage(box.width(), box.height(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        pen.setColor(Color.WHITE);
        var layout = new TextLayout(title.text(), font, new FontRenderContext(null, true, true));
        float left = (box.width() - layout.getAdvance()) / 2;
        float base = box.height() / 2f + (layout.getAscent() - layout.getDescent()) / 2;
        layout.draw(pen, left, base);
        pen.dispose();
        // Java2D places whole letters on quarters of a pixel at best and draws them with another rasteriser: the mean
        // has to agree
        double apart = 0;
        double lit = 0;
        for (int y = 0; y < box.height(); y++) {
            for (int x = 0; x < box.width(); x++) {
                double own = alpha(drawn, x, y);
                double theirs = (image.getRGB(x, y) >>> 24) / 255.0;
                apart += Math.abs(own - theirs);
                lit += theirs;
            }
        }
        assertThat(lit).isGreaterThan(1000);
        assertThat(apart / lit).isLessThan(0.17);
        assertThat(box.width()).isBetween((int) layout.getAdvance(), (int) layout.getAdvance() + 3);
    }

    @Test
    void four_times_as_large_is_the_same_drawing_four_times_as_fine() {
        Raster small = whole(pond(), 0);
        Raster large = whole(pond(), 2);
        for (int y = 0; y < small.height(); y++) {
            for (int x = 0; x < small.width(); x++) {
                double sum = 0;
                for (int i = 0; i < 16; i++) {
                    sum += alpha(large, 4 * x + i % 4, 4 * y + i / 4);
                }
                // coverage is counted on a grid of 8 × 8 in a pixel
                assertThat(sum / 16).as("%d, %d", x, y).isCloseTo(alpha(small, x, y), within(0.13));
            }
        }
    }

    @Test
    void a_part_is_what_lies_there_in_the_whole() {
        Raster whole = whole(pond(), 1);
        Raster part = typesetter.draw(pond(), 1, 100, 30, new Size(80, 60));
        for (int y = 0; y < 60; y++) {
            for (int x = 0; x < 80; x++) {
                assertThat(alpha(part, x, y)).isCloseTo(alpha(whole, 100 + x, 30 + y), within(0.02));
            }
        }
    }

    @Test
    void lines_are_as_high_as_their_spacing_and_the_box_as_wide_as_the_longest() {
        Size one = typesetter.set(pond()).box();
        assertThat(one.height()).isEqualTo(78); // 64 × 1.2 = 76.8
        Setting three = typesetter.set(
                pond().withText("The mill pond, AV Wafer\n\nin June").withLineSpacing(1.5));
        assertThat(three.box()).isEqualTo(new Size(one.width(), 288));
        assertThat(three.notes()).isEmpty();
        Raster right = whole(pond().withText("The mill pond, AV Wafer\nJ").withAlign(Align.RIGHT), 0);
        Raster left = whole(pond().withText("The mill pond, AV Wafer\nJ").withAlign(Align.LEFT), 0);
        assertThat(lit(right, 78, 0, 100)).isZero();
        assertThat(lit(left, 78, 0, 100)).isPositive();
    }

    private static double lit(Raster raster, int fromY, int fromX, int toX) {
        double sum = 0;
        for (int y = fromY; y < raster.height(); y++) {
            for (int x = fromX; x < toX; x++) {
                sum += alpha(raster, x, y);
            }
        }
        return sum;
    }

    @Test
    void spacing_adds_its_part_of_the_size_behind_every_letter() {
        Title word = Title.of("mmmm").withFont("Barlow").withSize(100);
        int close = typesetter.set(word).box().width();
        int wide = typesetter.set(word.withLetterSpacing(50)).box().width();
        assertThat(wide - close).isBetween(198, 202);
        assertThat(typesetter.set(word.withLetterSpacing(-10)).box().width()).isLessThan(close);
    }

    @Test
    void weights_are_the_nearest_a_family_has_and_italics_lean() {
        Title word = Title.of("minimum").withFont("Barlow").withSize(100);
        double regular = lit(whole(word, 0), 0, 0, 100);
        double bold = lit(whole(word.withWeight(Weight.BOLD), 0), 0, 0, 100);
        assertThat(bold).isGreaterThan(1.3 * regular);
        Title hand = word.withFont("Caveat");
        assertThat(typesetter.set(hand.withWeight(Weight.SEMIBOLD)).box())
                .isEqualTo(typesetter.set(hand.withWeight(Weight.BOLD)).box());
        // Caveat has no italics: its letters are slanted, as high as before
        Raster slanted = whole(hand.withItalic(true), 0);
        assertThat(slanted.size()).isEqualTo(whole(hand, 0).size());
        assertThat(lit(slanted, 0, 0, 30)).isNotCloseTo(lit(whole(hand, 0), 0, 0, 30), within(1.0));
    }

    @Test
    void an_outline_and_a_box_lie_behind_the_letters() {
        Title plain = Title.of("I").withFont("Barlow").withSize(200);
        Title dressed = plain.withOutline(Optional.of(new TitleOutline(8, new Colour(0xFF0000))))
                .withBox(Optional.of(new Plate(new Colour(0x0000FF), 50, 20, 0)));
        assertThat(typesetter.set(dressed).box())
                .isEqualTo(typesetter.set(plain).box());
        assertThat(typesetter.set(dressed).reach()).isGreaterThanOrEqualTo(20);
        Size box = typesetter.set(dressed).box();
        Raster drawn = typesetter.draw(dressed, 0, -40, -40, new Size(box.width() + 80, box.height() + 80));
        Light outside = drawn.at(15, box.height() / 2 + 40);
        assertThat(outside.alpha()).isZero();
        Light padding = drawn.at(25, box.height() / 2 + 40);
        assertThat(padding.alpha()).isCloseTo(0.5, within(0.01));
        assertThat(padding.blue()).isCloseTo(0.5, within(0.01));
        int middle = box.width() / 2 + 40;
        Light letter = drawn.at(middle, box.height() / 2 + 40);
        assertThat(letter.alpha()).isEqualTo(1);
        assertThat(letter.green()).isCloseTo(1, within(0.001));
        int x = middle;
        while (drawn.at(x, box.height() / 2 + 40).green() > 0.01) {
            x++;
        }
        Light beside = drawn.at(x + 3, box.height() / 2 + 40);
        assertThat(beside.red()).isCloseTo(1, within(0.01));
        assertThat(beside.green()).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"No Such Family 41", "\u0000", "Barlow Nowhere"})
    void a_font_that_is_missing_is_named_and_replaced(String family) {
        Title title = pond().withFont(family);
        Setting setting = typesetter.set(title);
        assertThat(setting.notes()).anyMatch(note -> note.contains(family) && note.contains("EB Garamond"));
        assertThat(setting.box()).isEqualTo(typesetter.set(pond()).box());
        assertThat(title.font()).isEqualTo(family);
    }

    @Test
    void a_text_of_100_000_letters_is_cut_in_what_is_shown_and_says_so() {
        for (String text : new String[] {"m".repeat(100_000), "m\n".repeat(50_000), "mill pond\n".repeat(10_000)}) {
            Title title = Title.of(text).withSize(20);
            Setting setting = typesetter.set(title);
            assertThat(setting.notes()).anyMatch(note -> note.contains("are shown"));
            assertThat(title.text()).hasSize(text.length());
            assertThat(setting.box().area()).isLessThan(400_000_000L);
        }
    }

    @Test
    void signs_that_no_font_has_are_named() {
        Setting setting = typesetter.set(Title.of("pond \uDBC0\uDC00"));
        assertThat(setting.notes()).anyMatch(note -> note.startsWith("No font here has"));
        assertThat(typesetter.set(Title.of("\uD800 lone")).box().width()).isPositive();
        assertThat(typesetter.set(Title.of("a\tb\u0007c")).box().width()).isPositive();
    }

    @Test
    void letters_a_family_lacks_come_from_another_one() {
        Setting greek = typesetter.set(Title.of("Ωmega").withFont("Barlow").withSize(64));
        assertThat(greek.notes()).isEmpty();
        assertThat(lit(whole(Title.of("Ω").withFont("Barlow").withSize(64), 0), 0, 0, 30))
                .isPositive();
    }

    @Test
    void an_empty_title_has_a_box_of_a_line_and_shows_nothing() {
        Title empty = Title.of("").withSize(50);
        assertThat(typesetter.set(empty).box()).isEqualTo(new Size(2, 60));
        assertThat(lit(whole(empty, 0), 0, 0, 2)).isZero();
        Title huge = Title.of("m".repeat(1000)).withSize(Title.LARGEST_SIZE).withLetterSpacing(1000);
        assertThat(typesetter.set(huge).box().width()).isLessThanOrEqualTo(1_000_000);
    }

    @Test
    void the_families_that_ship_come_first() {
        assertThat(typesetter.families()).startsWith("EB Garamond", "Barlow", "Caveat");
    }
}
