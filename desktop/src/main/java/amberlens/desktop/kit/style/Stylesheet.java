package amberlens.desktop.kit.style;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/**
 * The application's stylesheet for an appearance and a text size: the colours of {@link Palette} for the file's names, and fonts, widths
 * and heights as many times as large as the file has them. Paddings and borders stay as they are.
 */
public final class Stylesheet {
    private static final Pattern SIZE =
            Pattern.compile("(-fx-(?:font-size|icon-size|(?:min|pref|max)-(?:width|height)):\\s*)([0-9.]+)(px)?");

    /**
     * The same address again for the same wish: the toolkit looks it up for every control that it styles, and two long ones that are equal
     * but not the same are compared from end to end each time.
     */
    private static final Map<Wanted, String> KNOWN = new ConcurrentHashMap<>();

    private record Wanted(ThemeChoice appearance, double text) {}

    private Stylesheet() {}

    /**
     * As an address that a scene takes.
     *
     * @param text 1 for the usual size
     */
    public static String of(ThemeChoice appearance, double text) {
        return KNOWN.computeIfAbsent(new Wanted(appearance, text), Stylesheet::made);
    }

    private static String made(Wanted wanted) {
        ThemeChoice appearance = wanted.appearance;
        double text = wanted.text;
        String whole = colours(appearance) + ".surface { -amber-scale: " + text + "; }\n" + scaled(file(), text);
        return "data:text/css;base64," + Base64.getEncoder().encodeToString(whole.getBytes(StandardCharsets.UTF_8));
    }

    private static String file() {
        try (var stream = Stylesheet.class.getResourceAsStream("/amberlens/desktop/amber.css")) {
            if (stream == null) {
                throw new IllegalStateException("the stylesheet is not in this build");
            }
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String colours(ThemeChoice appearance) {
        var rule = new StringBuilder(".root {\n");
        for (Palette colour : Palette.values()) {
            rule.append(colour.variable())
                    .append(": #")
                    .append(colour.in(appearance).toString(), 2, 10)
                    .append(";\n");
        }
        return rule.append("}\n").toString();
    }

    private static String scaled(String css, double text) {
        return SIZE.matcher(css)
                .replaceAll(found -> found.group(1)
                        + String.format(Locale.ROOT, "%.2f", Double.parseDouble(found.group(2)) * text)
                        + (found.group(3) == null ? "" : found.group(3)));
    }
}
