package amberlens.demo;

import static amberlens.demo.Sheet.INK;
import static amberlens.demo.Sheet.SEPIA;

import java.awt.Color;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;

/** A tall cabinet of labelled seed drawers, 4200 × 5600. */
final class SeedCabinet {
    private static final String[] KINDS = {
        "ash", "alder", "aspen", "beech", "birch", "bramble", "broom", "clover", "comfrey", "cowslip", "dock", "elder",
        "fennel", "flax", "gorse", "hazel", "heath", "holly", "hop", "ivy", "larch", "lime", "lovage", "mallow",
        "maple", "mint", "oat", "osier", "pear", "poppy", "quince", "rowan", "rue", "rush", "rye", "sage", "sedge",
        "sloe", "sorrel", "tansy", "teasel", "thyme", "vetch", "woad", "yarrow", "yew"
    };

    private SeedCabinet() {}

    static BufferedImage draw() {
        var sheet = new Sheet(4200, 5600, new Color(0xCDBF9F), 1902);
        wood(sheet, 240, 300, 3720, 5060, new Color(0x8A6540), 900);
        sheet.box(new Color(0x7A5735), INK, 10, 160, 180, 3880, 170);
        sheet.box(new Color(0x7A5735), INK, 10, 160, 5250, 3880, 220);
        sheet.title(96, 0.2, new Color(0xEAD9B0), "FERNHOLLOW · SEEDS OF THE YEAR", 2100, 300);
        int number = 0;
        for (int row = 0; row < 13; row++) {
            for (int column = 0; column < 8; column++) {
                drawer(sheet, 300 + 455 * column, 400 + 370 * row, KINDS[number % KINDS.length], ++number);
            }
        }
        return sheet.image;
    }

    private static void wood(Sheet sheet, double x, double y, double w, double h, Color colour, int lines) {
        sheet.box(colour, INK, 8, x, y, w, h);
        for (int i = 0; i < lines; i++) {
            double at = y + sheet.between(0, h);
            double from = x + sheet.between(0, w * 0.8);
            sheet.line(
                    new Color(0x75542F),
                    sheet.between(0.6, 2),
                    from,
                    at,
                    from + sheet.between(60, w * 0.2),
                    at + sheet.between(-3, 3));
        }
    }

    private static void drawer(Sheet sheet, double x, double y, String kind, int number) {
        int shade = (int) sheet.between(-10, 10);
        wood(sheet, x, y, 415, 330, new Color(0x9C + shade, 0x74 + shade, 0x4A + shade), 26);
        sheet.stroke(new Color(0xB98F5E), 3, new java.awt.geom.Rectangle2D.Double(x + 14, y + 14, 387, 302));
        sheet.box(new Color(0xF0E6CC), INK, 3, x + 72, y + 48, 272, 124);
        sheet.stroke(SEPIA, 1.5, new java.awt.geom.Rectangle2D.Double(x + 80, y + 56, 256, 108));
        sheet.centred(Lettering.ITALIC, 62, INK, kind, x + 208, y + 118);
        sheet.centred(
                Lettering.ROMAN, 26, SEPIA, "No. " + number + " · bay " + (char) ('A' + number % 7), x + 208, y + 152);
        knob(sheet, x + 208, y + 246);
        for (int seed = 0; seed < 7; seed++) {
            double sx = x + 96 + 38 * seed;
            double sy = y + 196 + sheet.between(-4, 4);
            sheet.fill(new Color(0x5A4024), new Ellipse2D.Double(sx, sy, sheet.between(6, 13), sheet.between(5, 8)));
        }
    }

    private static void knob(Sheet sheet, double x, double y) {
        sheet.disc(new Color(0xC9A45A), INK, 3, x, y, 34);
        sheet.disc(new Color(0xDDBF7C), new Color(0x9A7A3C), 2, x - 5, y - 5, 20);
        for (int i = 0; i < 18; i++) {
            double angle = Math.PI * i / 9;
            sheet.line(
                    new Color(0x8A6C34),
                    1.4,
                    x + 26 * Math.cos(angle),
                    y + 26 * Math.sin(angle),
                    x + 33 * Math.cos(angle),
                    y + 33 * Math.sin(angle));
        }
    }
}
