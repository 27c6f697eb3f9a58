package amberlens.desktop.kit.style;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Words can be read: contrast of at least 4.5 : 1 by the relative luminance of WCAG 2.2 (W3C Recommendation, success criterion 1.4.3
 * and the definitions of "contrast ratio" and "relative luminance").
 */
class PaletteTest {
    private static final List<Palette> WORDS =
            List.of(Palette.TEXT, Palette.MUTED, Palette.AMBER, Palette.PALE, Palette.OPEN_TEXT, Palette.SEA);
    private static final List<Palette> GROUNDS = List.of(Palette.GROUND, Palette.PANEL, Palette.RAISED);

    private static double channel(double value) {
        return value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
    }

    private static double luminance(Color colour) {
        return 0.2126 * channel(colour.getRed())
                + 0.7152 * channel(colour.getGreen())
                + 0.0722 * channel(colour.getBlue());
    }

    private static double contrast(Color one, Color other) {
        double a = luminance(one);
        double b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    @Test
    void the_formula_gives_the_published_extremes() {
        assertThat(contrast(Color.BLACK, Color.WHITE)).isEqualTo(21);
        assertThat(contrast(Color.web("#767676"), Color.WHITE)).isBetween(4.5, 4.6); // the usual example, from memory
    }

    @ParameterizedTest
    @EnumSource(ThemeChoice.class)
    void words_can_be_read_on_every_ground(ThemeChoice appearance) {
        for (Palette words : WORDS) {
            for (Palette ground : GROUNDS) {
                assertThat(contrast(words.in(appearance), ground.in(appearance)))
                        .as("%s on %s, %s", words, ground, appearance)
                        .isGreaterThanOrEqualTo(4.5);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(ThemeChoice.class)
    void the_main_action_can_be_read(ThemeChoice appearance) {
        assertThat(contrast(Palette.GROUND.in(appearance), Palette.AMBER.in(appearance)))
                .isGreaterThanOrEqualTo(4.5);
    }

    @ParameterizedTest
    @EnumSource(ThemeChoice.class)
    void an_open_edge_stands_out_as_a_mark_must(ThemeChoice appearance) {
        // WCAG 2.2, 1.4.11: 3 : 1 for graphical objects
        for (Palette ground : GROUNDS) {
            assertThat(contrast(Palette.VERMILION.in(appearance), ground.in(appearance)))
                    .as("on %s", ground)
                    .isGreaterThanOrEqualTo(3);
        }
    }

    @Test
    void what_lies_over_pictures_is_painted_in_the_dark_colours_in_any_appearance() {
        Palette.wear(ThemeChoice.LIGHT);
        try {
            Palette.paint(true, () -> assertThat(Palette.AMBER.colour()).isEqualTo(Palette.AMBER.in(ThemeChoice.DARK)));
            Palette.paint(
                    false, () -> assertThat(Palette.AMBER.colour()).isEqualTo(Palette.AMBER.in(ThemeChoice.LIGHT)));
        } finally {
            Palette.wear(ThemeChoice.DARK);
        }
    }
}
