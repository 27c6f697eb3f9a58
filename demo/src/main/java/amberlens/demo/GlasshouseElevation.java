package amberlens.demo;

import static amberlens.demo.Sheet.INK;
import static amberlens.demo.Sheet.LEAF;
import static amberlens.demo.Sheet.SEPIA;

import java.awt.Color;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;

/** The measured elevation of the glasshouse, 6000 × 3600. */
final class GlasshouseElevation {
    private static final Color PANE = new Color(0xD8E3DC);
    private static final Color IRON = new Color(0x3F5A57);

    private GlasshouseElevation() {}

    static BufferedImage draw() {
        var sheet = new Sheet(6000, 3600, new Color(0xE6E2D2), 1894);
        sheet.grid(new Color(0xDAD6C2), 120);
        sheet.line(INK, 7, 200, 2860, 5800, 2860);
        for (double x = 200; x < 5800; x += 34) {
            sheet.line(SEPIA, 1.6, x, 2862, x - 30, 2900);
        }
        wing(sheet, 500, 1700, 1500);
        wing(sheet, 4000, 1700, 1500);
        dome(sheet);
        plants(sheet);
        dimensions(sheet);
        sheet.title(150, 0.22, INK, "GLASSHOUSE · SOUTH ELEVATION", 3000, 330);
        sheet.centred(
                Lettering.ITALIC,
                76,
                SEPIA,
                "measured and drawn for the spring repairs; iron green, stone buff",
                3000,
                450);
        return sheet.image;
    }

    private static void wing(Sheet sheet, double x, double y, double width) {
        var roof = new Path2D.Double();
        roof.moveTo(x - 40, y + 330);
        roof.curveTo(x + width * 0.2, y - 40, x + width * 0.8, y - 40, x + width + 40, y + 330);
        roof.closePath();
        sheet.fill(PANE, roof);
        sheet.pen.setClip(roof);
        for (double at = x - 40; at < x + width + 40; at += 37.5) {
            sheet.line(IRON, 3, at, y - 60, at, y + 330);
        }
        for (double at = y; at < y + 330; at += 55) {
            sheet.line(IRON, 1.6, x - 40, at, x + width + 40, at);
        }
        sheet.pen.setClip(null);
        sheet.stroke(IRON, 9, roof);
        for (double at = x; at < x + width - 1; at += 150) {
            bay(sheet, at, y + 340);
        }
        sheet.box(new Color(0xCDBE9C), INK, 5, x - 30, 2660, width + 60, 200);
        bricks(sheet, x - 30, 2660, width + 60, 200);
    }

    private static void bay(Sheet sheet, double x, double y) {
        sheet.box(PANE, IRON, 6, x + 6, y, 138, 620);
        for (int i = 1; i < 4; i++) {
            sheet.line(IRON, 2.4, x + 6 + 34.5 * i, y, x + 6 + 34.5 * i, y + 620);
        }
        for (int i = 1; i < 7; i++) {
            sheet.line(IRON, 1.6, x + 6, y + 88 * i, x + 144, y + 88 * i);
        }
        sheet.stroke(IRON, 3, new Arc2D.Double(x + 6, y - 64, 138, 128, 0, 180, Arc2D.OPEN));
    }

    private static void bricks(Sheet sheet, double x, double y, double width, double height) {
        sheet.pen.setClip(new Rectangle2D.Double(x, y, width, height));
        for (int row = 0; row < height / 25; row++) {
            double top = y + 25 * row;
            sheet.line(SEPIA, 1.3, x, top, x + width, top);
            for (double at = x + (row % 2) * 34; at < x + width; at += 68) {
                sheet.line(SEPIA, 1.3, at, top, at, top + 25);
            }
        }
        sheet.pen.setClip(null);
    }

    private static void dome(Sheet sheet) {
        var shell = new Path2D.Double();
        shell.moveTo(2030, 1900);
        shell.curveTo(2060, 1060, 2560, 760, 3000, 740);
        shell.curveTo(3440, 760, 3940, 1060, 3970, 1900);
        shell.closePath();
        sheet.fill(PANE, shell);
        sheet.pen.setClip(shell);
        for (int i = -12; i <= 12; i++) {
            var rib = new Path2D.Double();
            rib.moveTo(3000 + 82 * i, 1900);
            rib.curveTo(3000 + 80 * i, 1250, 3000 + 44 * i, 860, 3000, 740);
            sheet.stroke(IRON, i % 4 == 0 ? 7 : 3, rib);
        }
        for (double y = 860; y < 1900; y += 80) {
            sheet.line(IRON, 2.2, 2000, y, 4000, y);
        }
        sheet.pen.setClip(null);
        sheet.stroke(IRON, 12, shell);
        sheet.box(new Color(0xCDBE9C), INK, 6, 2000, 1900, 2000, 110);
        for (double x = 2020; x < 3980; x += 163) {
            bay(sheet, x, 2110);
        }
        sheet.box(new Color(0xCDBE9C), INK, 5, 1980, 2730, 2040, 130);
        bricks(sheet, 1980, 2730, 2040, 130);
        door(sheet);
        sheet.line(IRON, 10, 3000, 740, 3000, 540);
        sheet.disc(new Color(0xC9A45A), INK, 4, 3000, 640, 34);
        sheet.disc(new Color(0xC9A45A), INK, 3, 3000, 548, 16);
    }

    private static void door(Sheet sheet) {
        sheet.box(new Color(0x6E8A80), INK, 7, 2850, 2180, 300, 680);
        sheet.line(INK, 5, 3000, 2180, 3000, 2860);
        for (int i = 0; i < 5; i++) {
            sheet.box(PANE, INK, 3, 2874, 2210 + 126 * i, 104, 104);
            sheet.box(PANE, INK, 3, 3022, 2210 + 126 * i, 104, 104);
        }
        sheet.disc(new Color(0xC9A45A), INK, 2, 2986, 2550, 9);
        sheet.disc(new Color(0xC9A45A), INK, 2, 3014, 2550, 9);
    }

    private static void plants(Sheet sheet) {
        for (int i = 0; i < 26; i++) {
            double x = 380 + 210 * i + sheet.between(-30, 30);
            if (x > 2800 && x < 3200) {
                continue;
            }
            for (int leaf = 0; leaf < 9; leaf++) {
                sheet.leaf(LEAF, x, 2850, sheet.between(90, 210), -90 + (leaf - 4) * 17 + sheet.between(-5, 5));
            }
        }
    }

    private static void dimensions(Sheet sheet) {
        double[] marks = {500, 2000, 3000, 4000, 5500};
        sheet.line(INK, 3, 500, 3080, 5500, 3080);
        for (int i = 0; i < marks.length; i++) {
            sheet.line(INK, 3, marks[i] - 18, 3098, marks[i] + 18, 3062);
            sheet.line(SEPIA, 1.4, marks[i], 2920, marks[i], 3110);
            if (i > 0) {
                String span = i == 1 || i == 4 ? "30 spans" : "20 spans";
                sheet.centred(Lettering.ITALIC, 62, INK, span, (marks[i] + marks[i - 1]) / 2, 3056);
            }
        }
        sheet.text(Lettering.ROMAN, 54, SEPIA, "A – west wing, ferns", 620, 3260);
        sheet.text(Lettering.ROMAN, 54, SEPIA, "B – the dome, palms and the old vine", 2360, 3260);
        sheet.text(Lettering.ROMAN, 54, SEPIA, "C – east wing, seedlings", 4360, 3260);
    }
}
