package amberlens.cli;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FrameFormat;
import java.util.regex.Pattern;
import picocli.CommandLine.TypeConversionException;

/** Sizes as people write them: {@code 1280x720}. */
final class SizeArgument {
    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,5})[x×](\\d{1,5})");

    private SizeArgument() {}

    static Size parse(String text) {
        var match = WRITTEN.matcher(text.toLowerCase(java.util.Locale.ROOT));
        if (!match.matches()) {
            throw new TypeConversionException("a size is written like 1280x720, not \"" + text + "\"");
        }
        int width = Integer.parseInt(match.group(1));
        int height = Integer.parseInt(match.group(2));
        if (width < 1 || height < 1 || width > FrameFormat.LARGEST || height > FrameFormat.LARGEST) {
            throw new TypeConversionException("a size is between 1x1 and 16384x16384, not \"" + text + "\"");
        }
        return new Size(width, height);
    }
}
