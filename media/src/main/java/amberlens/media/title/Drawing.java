package amberlens.media.title;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.title.Plate;
import amberlens.core.material.title.TitleOutline;
import amberlens.core.pixels.raster.LinearRaster;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;

/** Draws shapes into premultiplied linear light; Java2D says how much of each pixel they cover. */
final class Drawing {
    private final Size size;
    private final AffineTransform toPixels;
    private final long[] light;

    private Drawing(Size size, AffineTransform toPixels) {
        this.size = size;
        this.toPixels = toPixels;
        light = new long[Math.toIntExact(size.area())];
    }

    /**
     * @param left where the part that is drawn begins, in pixels drawn
     * @param top likewise
     */
    static LinearRaster of(Composed composed, int exponent, int left, int top, Size size) {
        double zoom = Math.scalb(1.0, exponent);
        var toPixels = AffineTransform.getTranslateInstance(-left, -top);
        toPixels.scale(zoom, zoom);
        var drawing = new Drawing(size, toPixels);
        composed.title()
                .box()
                .ifPresent(plate ->
                        drawing.fill(plate(plate, composed.setting().box()), plate.colour(), plate.opacity() / 100));
        composed.title()
                .outline()
                .filter(outline -> outline.width() > 0)
                .ifPresent(outline -> drawing.fill(around(composed, outline), outline.colour(), 1));
        drawing.fill(composed.letters(), composed.title().colour(), 1);
        return new LinearRaster(size, drawing.light, false);
    }

    private static Shape plate(Plate plate, Size box) {
        double padding = plate.padding();
        double width = box.width() + 2 * padding;
        double height = box.height() + 2 * padding;
        double round = 2 * Math.min(plate.radius(), Math.min(width, height) / 2);
        return new RoundRectangle2D.Double(-padding, -padding, width, height, round, round);
    }

    private static Shape around(Composed composed, TitleOutline outline) {
        return new BasicStroke((float) (2 * outline.width()), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                .createStrokedShape(composed.letters());
    }

    /** Lays a shape of one colour over what is there. */
    private void fill(Shape shape, Colour colour, double opacity) {
        var image = new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        pen.setColor(Color.WHITE);
        pen.fill(toPixels.createTransformedShape(shape));
        pen.dispose();
        int[] covered = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        double red = Srgb.toLinear((colour.rgb() >> 16 & 0xFF) / 255.0);
        double green = Srgb.toLinear((colour.rgb() >> 8 & 0xFF) / 255.0);
        double blue = Srgb.toLinear((colour.rgb() & 0xFF) / 255.0);
        for (int i = 0; i < light.length; i++) {
            int alpha = covered[i] >>> 24;
            if (alpha > 0) {
                double part = alpha / 255.0 * opacity;
                light[i] = LinearRaster.pixel(
                        over(light[i], 0, red, part),
                        over(light[i], 16, green, part),
                        over(light[i], 32, blue, part),
                        over(light[i], 48, 1, part));
            }
        }
    }

    private static int over(long below, int shift, double value, double part) {
        return (int) Math.round(65535 * value * part + (below >>> shift & 0xFFFF) * (1 - part));
    }
}
