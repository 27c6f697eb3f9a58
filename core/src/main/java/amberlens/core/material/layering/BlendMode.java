package amberlens.core.material.layering;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * The separable blend modes of W3C <em>Compositing and Blending Level 1</em>, section 9. Each gives B(Cb, Cs) for one component of
 * the backdrop and of the source, both 0 … 1 and not multiplied by alpha.
 */
public enum BlendMode {
    NORMAL("normal"),
    MULTIPLY("multiply"),
    SCREEN("screen"),
    OVERLAY("overlay"),
    DARKEN("darken"),
    LIGHTEN("lighten"),
    COLOR_DODGE("colour dodge"),
    COLOR_BURN("colour burn"),
    HARD_LIGHT("hard light"),
    SOFT_LIGHT("soft light"),
    DIFFERENCE("difference"),
    EXCLUSION("exclusion");

    private final String words;

    BlendMode(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** The name in the project file, which is the standard's: for example {@code "soft-light"}. */
    public String written() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<BlendMode> ofWritten(String name) {
        return Arrays.stream(values())
                .filter(mode -> mode.written().equals(name))
                .findFirst();
    }

    /** B(Cb, Cs). */
    public double blend(double backdrop, double source) {
        return switch (this) {
            case NORMAL -> source;
            case MULTIPLY -> backdrop * source;
            case SCREEN -> screen(backdrop, source);
            case OVERLAY -> hardLight(source, backdrop);
            case DARKEN -> Math.min(backdrop, source);
            case LIGHTEN -> Math.max(backdrop, source);
            case COLOR_DODGE -> backdrop == 0 ? 0 : source >= 1 ? 1 : Math.min(1, backdrop / (1 - source));
            case COLOR_BURN -> backdrop >= 1 ? 1 : source <= 0 ? 0 : 1 - Math.min(1, (1 - backdrop) / source);
            case HARD_LIGHT -> hardLight(backdrop, source);
            case SOFT_LIGHT -> softLight(backdrop, source);
            case DIFFERENCE -> Math.abs(backdrop - source);
            case EXCLUSION -> backdrop + source - 2 * backdrop * source;
        };
    }

    private static double screen(double backdrop, double source) {
        return backdrop + source - backdrop * source;
    }

    private static double hardLight(double backdrop, double source) {
        return source <= 0.5 ? backdrop * 2 * source : screen(backdrop, 2 * source - 1);
    }

    private static double softLight(double backdrop, double source) {
        if (source <= 0.5) {
            return backdrop - (1 - 2 * source) * backdrop * (1 - backdrop);
        }
        double d = backdrop <= 0.25 ? ((16 * backdrop - 12) * backdrop + 4) * backdrop : Math.sqrt(backdrop);
        return backdrop + (2 * source - 1) * (d - backdrop);
    }
}
