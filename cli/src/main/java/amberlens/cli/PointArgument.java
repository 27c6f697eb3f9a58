package amberlens.cli;

import java.util.regex.Pattern;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;

/** A point as people write it: {@code 640,360}. */
record PointArgument(double x, double y) {
    private static final String NUMBER = "(-?\\d{1,6}(?:\\.\\d{1,20})?)";
    private static final Pattern WRITTEN = Pattern.compile(NUMBER + "," + NUMBER);

    /** From what was written. */
    static final class Parser implements ITypeConverter<PointArgument> {
        @Override
        public PointArgument convert(String text) {
            var match = WRITTEN.matcher(text);
            if (!match.matches()) {
                throw new TypeConversionException("a point is written like 640,360, not \"" + text + "\"");
            }
            return new PointArgument(Double.parseDouble(match.group(1)), Double.parseDouble(match.group(2)));
        }
    }
}
