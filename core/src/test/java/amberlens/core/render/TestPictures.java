package amberlens.core.render;

import amberlens.core.geometry.Size;
import java.util.function.DoubleBinaryOperator;

/** Pictures made by rule. */
final class TestPictures {
    private TestPictures() {}

    /** An opaque grey picture; the rule gives linear light 0 … 1 for a pixel's column and row. */
    static LinearRaster grey(Size size, DoubleBinaryOperator rule) {
        char[] data = new char[Math.toIntExact(size.area() * 4)];
        for (int y = 0; y < size.height(); y++) {
            for (int x = 0; x < size.width(); x++) {
                char value = (char) Math.round(65535 * Math.clamp(rule.applyAsDouble(x, y), 0, 1));
                int at = 4 * (y * size.width() + x);
                data[at] = data[at + 1] = data[at + 2] = value;
                data[at + 3] = 65535;
            }
        }
        return new LinearRaster(size, data, true);
    }

    static Pyramid pyramid(Size size, DoubleBinaryOperator rule) {
        return Pyramid.of(grey(size, rule), Rows.ALONE);
    }
}
