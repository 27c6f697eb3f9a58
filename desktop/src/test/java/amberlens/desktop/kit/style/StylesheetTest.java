package amberlens.desktop.kit.style;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import org.junit.jupiter.api.Test;

class StylesheetTest {
    private static String text(ThemeChoice appearance, double size) {
        String address = Stylesheet.of(appearance, size);
        return new String(
                Base64.getDecoder().decode(address.substring(address.indexOf(',') + 1)), StandardCharsets.UTF_8);
    }

    @Test
    void fonts_and_sizes_grow_with_the_text_and_paddings_do_not() {
        String usual = text(ThemeChoice.DARK, 1);
        String large = text(ThemeChoice.DARK, 1.5);
        assertThat(usual).contains("-fx-font-size: 13.00px", "-fx-min-height: 40.00");
        assertThat(large).contains("-fx-font-size: 19.50px", "-fx-min-height: 60.00");
        assertThat(usual).contains("-fx-padding: 4 10 4 12");
        assertThat(large).contains("-fx-padding: 4 10 4 12").contains("-amber-scale: 1.5");
    }

    @Test
    void every_colour_that_the_file_names_is_given_in_both_appearances() {
        for (ThemeChoice appearance : ThemeChoice.values()) {
            String sheet = text(appearance, 1);
            sheet.lines()
                    .flatMap(line -> java.util.regex.Pattern.compile("-amber-[a-z-]+")
                            .matcher(line)
                            .results())
                    .map(java.util.regex.MatchResult::group)
                    .filter(name -> !name.equals("-amber-scale"))
                    .distinct()
                    .forEach(name -> assertThat(sheet).as(name).contains(name + ": #"));
        }
        assertThat(text(ThemeChoice.LIGHT, 1)).contains("-amber-text: #241e18ff");
    }
}
