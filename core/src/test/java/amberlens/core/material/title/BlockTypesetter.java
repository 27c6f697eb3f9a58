package amberlens.core.material.title;

import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Raster;
import java.util.List;

/** Sets every letter as a block half as wide as it is high, so that tests know where light is without any font. */
public final class BlockTypesetter implements Typesetter {
    @Override
    public Setting set(Title title) {
        double letter = title.size() / 2 + title.size() * title.letterSpacing() / 100;
        int longest = title.text().lines().mapToInt(String::length).max().orElse(0);
        long lines = Math.max(1, title.text().lines().count());
        return new Setting(new Size(even(longest * letter), even(lines * title.size())), 0, List.of());
    }

    private static int even(double length) {
        return Math.max(2, 2 * (int) Math.ceil(length / 2 - 1e-9));
    }

    @Override
    public Raster draw(Title title, int exponent, int left, int top, Size size) {
        double zoom = Math.scalb(1.0, exponent);
        Size box = set(title).box();
        int value = (int) Math.round(65535 * Srgb.toLinear((title.colour().rgb() >> 8 & 0xFF) / 255.0));
        long[] pixels = new long[Math.toIntExact(size.area())];
        for (int y = 0; y < size.height(); y++) {
            for (int x = 0; x < size.width(); x++) {
                double atX = (left + x + 0.5) / zoom;
                double atY = (top + y + 0.5) / zoom;
                if (atX >= 0 && atY >= 0 && atX < box.width() && atY < box.height()) {
                    pixels[y * size.width() + x] = LinearRaster.pixel(value, value, value, 65535);
                }
            }
        }
        return new LinearRaster(size, pixels, false);
    }

    @Override
    public List<String> families() {
        return List.of(Title.USUAL_FONT);
    }
}
