package amberlens.demo;

import static amberlens.demo.Sheet.INK;
import static amberlens.demo.Sheet.SEPIA;

import java.awt.Color;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;

/** A seed that opens, day by day: a short sequence of numbered pictures, 960 × 720. */
final class SeedOpening {
    static final int PICTURES = 30;

    private SeedOpening() {}

    /** One picture, 0 … {@value #PICTURES} − 1. */
    static BufferedImage draw(int day) {
        double age = (double) day / (PICTURES - 1);
        var sheet = new Sheet(960, 720, new Color(0xEFE6CF), 31);
        sheet.grid(new Color(0xE4D8BA), 60);
        sheet.line(SEPIA, 3, 0, 470, 960, 470);
        sheet.fill(new Color(0xCDB58A), new java.awt.geom.Rectangle2D.Double(0, 470, 960, 250));
        root(sheet, age);
        shoot(sheet, age);
        sheet.disc(new Color(0x8A5A3A), INK, 3, 480, 500, 44);
        sheet.fill(new Color(0xA9744E), new Ellipse2D.Double(456, 476, 30, 22));
        sheet.text(Lettering.ITALIC, 34, SEPIA, "day " + (day + 1), 40, 64);
        return sheet.image;
    }

    private static void root(Sheet sheet, double age) {
        double reach = 190 * Math.min(1, age * 1.5);
        var root = new Path2D.Double();
        root.moveTo(480, 540);
        root.curveTo(472, 560 + reach * 0.3, 500, 560 + reach * 0.6, 486, 540 + reach * 0.85);
        sheet.stroke(new Color(0xF2E8D0), 9, root);
    }

    private static void shoot(Sheet sheet, double age) {
        double height = 330 * Math.clamp((age - 0.2) * 1.3, 0, 1);
        if (height < 4) {
            return;
        }
        var stem = new Path2D.Double();
        stem.moveTo(480, 462);
        stem.curveTo(500, 462 - height * 0.4, 462, 462 - height * 0.7, 482, 462 - height);
        sheet.stroke(new Color(0x8FB26A), 11, stem);
        double leaf = 190 * Math.clamp((age - 0.4) * 1.7, 0, 1);
        if (leaf > 8) {
            sheet.leaf(new Color(0x8FB26A), 482, 462 - height, leaf, -28);
            sheet.leaf(new Color(0x7FA45E), 482, 462 - height, leaf, -152);
        }
    }
}
