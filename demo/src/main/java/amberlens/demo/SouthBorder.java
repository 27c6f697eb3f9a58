package amberlens.demo;

import static amberlens.demo.Sheet.INK;
import static amberlens.demo.Sheet.MOSS;
import static amberlens.demo.Sheet.OCHRE;
import static amberlens.demo.Sheet.ROSE;
import static amberlens.demo.Sheet.SEPIA;

import java.awt.Color;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;

/** The south border from one end to the other, 14800 × 2600. */
final class SouthBorder {
    private static final int WIDTH = 14_800;

    private SouthBorder() {}

    static BufferedImage draw() {
        var sheet = new Sheet(WIDTH, 2600, new Color(0xE9E4D0), 1911);
        hills(sheet);
        wall(sheet);
        sheet.fill(new Color(0xBFA77C), new java.awt.geom.Rectangle2D.Double(0, 2180, WIDTH, 420));
        sheet.line(SEPIA, 4, 0, 2180, WIDTH, 2180);
        for (int i = 0; i < 46; i++) {
            clump(sheet, 180 + 320 * i, i);
        }
        for (int i = 0; i < 8; i++) {
            sign(sheet, 700 + 1900 * i, i);
        }
        sheet.title(150, 0.3, INK, "THE SOUTH BORDER IN HIGH SUMMER", WIDTH / 2.0, 300);
        sheet.centred(
                Lettering.ITALIC,
                80,
                SEPIA,
                "from the mill gate to the orchard door, drawn in one sitting",
                WIDTH / 2.0,
                420);
        return sheet.image;
    }

    private static void hills(Sheet sheet) {
        Color[] far = {new Color(0xD3D8C4), new Color(0xBFCBB0), new Color(0xA9BA98)};
        for (int ridge = 0; ridge < far.length; ridge++) {
            var outline = new Path2D.Double();
            outline.moveTo(0, 2200);
            for (int x = 0; x <= WIDTH; x += 40) {
                double y = 760
                        + 170 * ridge
                        + 110 * Math.sin(x / (900.0 + 210 * ridge) + 2 * ridge)
                        + 40 * Math.sin(x / 310.0 + ridge);
                outline.lineTo(x, y);
            }
            outline.lineTo(WIDTH, 2200);
            outline.closePath();
            sheet.fill(far[ridge], outline);
            sheet.stroke(MOSS, 1.6, outline);
        }
    }

    private static void wall(Sheet sheet) {
        sheet.box(new Color(0xCBB088), INK, 5, -20, 1330, WIDTH + 40, 880);
        for (int row = 0; row < 22; row++) {
            double y = 1330 + 40 * row;
            sheet.line(new Color(0xAA8F68), 1.6, 0, y, WIDTH, y);
            for (double x = (row % 2) * 60; x < WIDTH; x += 120) {
                sheet.line(new Color(0xAA8F68), 1.6, x, y, x, y + 40);
            }
        }
        sheet.box(new Color(0xB79A70), INK, 5, -20, 1290, WIDTH + 40, 46);
    }

    private static void clump(Sheet sheet, double x, int index) {
        Color[] blooms = {
            ROSE, OCHRE, new Color(0x8C79A8), new Color(0xE7DCC0), new Color(0xC98B5A), new Color(0x6F8FA8)
        };
        Color bloom = blooms[index % blooms.length];
        int stems = 16 + index % 5 * 3;
        for (int stem = 0; stem < stems; stem++) {
            double foot = x + sheet.between(-130, 130);
            double top = 2180 - sheet.between(300, 760 - 40 * (index % 4));
            double lean = sheet.between(-90, 90);
            var stalk = new Path2D.Double();
            stalk.moveTo(foot, 2230);
            stalk.quadTo(foot, (2230 + top) / 2, foot + lean, top);
            sheet.stroke(MOSS, 5, stalk);
            sheet.leaf(Sheet.LEAF, foot + lean * 0.1, 2080, sheet.between(60, 130), -140 + sheet.between(-20, 20));
            sheet.leaf(Sheet.LEAF, foot + lean * 0.2, 1980, sheet.between(60, 120), -30 + sheet.between(-20, 20));
            flower(sheet, bloom, foot + lean, top, sheet.between(24, 46), 5 + index % 4);
        }
    }

    private static void flower(Sheet sheet, Color colour, double x, double y, double radius, int petals) {
        for (int petal = 0; petal < petals; petal++) {
            double angle = 2 * Math.PI * petal / petals;
            double px = x + radius * 0.62 * Math.cos(angle);
            double py = y + radius * 0.62 * Math.sin(angle);
            var shape = new Ellipse2D.Double(px - radius * 0.45, py - radius * 0.45, radius * 0.9, radius * 0.9);
            sheet.fill(colour, shape);
            sheet.stroke(INK, 1.2, shape);
        }
        sheet.disc(new Color(0xE8C55A), INK, 1.2, x, y, radius * 0.3);
    }

    private static void sign(Sheet sheet, double x, int index) {
        String[] names = {
            "Mill Gate", "Hollyhocks", "Old Roses", "The Seat", "Physic Bed", "Bee Boles", "Sweet Peas", "Orchard Door"
        };
        sheet.line(SEPIA, 16, x, 2500, x, 2260);
        sheet.box(new Color(0xF3EAD2), INK, 5, x - 230, 2260, 460, 150);
        sheet.centred(Lettering.ITALIC, 84, INK, names[index], x, 2360);
    }
}
