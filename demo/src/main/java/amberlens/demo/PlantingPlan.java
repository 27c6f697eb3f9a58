package amberlens.demo;

import static amberlens.demo.Sheet.INK;
import static amberlens.demo.Sheet.LEAF;
import static amberlens.demo.Sheet.OCHRE;
import static amberlens.demo.Sheet.SAGE;
import static amberlens.demo.Sheet.SEPIA;
import static amberlens.demo.Sheet.WATER;

import java.awt.Color;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;

/** The planting plan of the garden, 6000 × 4000. */
final class PlantingPlan {
    private static final String[] PLANTS = {
        "hart's tongue", "lady fern", "male fern", "wood sorrel", "foxglove", "sweet woodruff", "meadow rue", "bugle",
        "ramsons", "herb robert", "primrose", "betony", "campion", "yarrow", "sneezewort", "loosestrife"
    };

    private PlantingPlan() {}

    static BufferedImage draw() {
        var sheet = new Sheet(6000, 4000, new Color(0xEBE0C6), 1871);
        sheet.grid(new Color(0xE2D5B6), 100);
        pond(sheet);
        walls(sheet);
        bed(sheet, 1280, 1500, 520, 24, "I. FERN ROUND");
        bed(sheet, 3000, 1500, 640, 30, "II. PHYSIC ROUND");
        bed(sheet, 4720, 1500, 520, 24, "III. SHADE ROUND");
        trees(sheet);
        glasshouse(sheet);
        legend(sheet);
        sheet.title(190, 0.16, INK, "FERNHOLLOW GARDEN", 3000, 300);
        sheet.centred(
                Lettering.ITALIC, 84, SEPIA, "planting plan of the lower ground, at one in two hundred", 3000, 420);
        compass(sheet, 5560, 3180);
        return sheet.image;
    }

    private static void pond(Sheet sheet) {
        var shore = new Path2D.Double();
        shore.moveTo(0, 3300);
        shore.curveTo(700, 2980, 1300, 3260, 2100, 3180);
        shore.curveTo(3100, 3060, 3700, 2760, 4700, 2900);
        shore.curveTo(5300, 2980, 5700, 3060, 6000, 3020);
        shore.lineTo(6000, 4000);
        shore.lineTo(0, 4000);
        shore.closePath();
        sheet.fill(WATER, shore);
        sheet.stroke(INK, 5, shore);
        for (int ring = 1; ring < 9; ring++) {
            var ripple = new Path2D.Double(shore);
            ripple.transform(java.awt.geom.AffineTransform.getTranslateInstance(0, 26 * ring + 4 * ring * ring));
            sheet.pen.setClip(shore);
            sheet.stroke(new Color(0x8FB0AE), 1.6, ripple);
            sheet.pen.setClip(null);
        }
        sheet.text(Lettering.ITALIC, 150, new Color(0x4F7573), "Mill Pond", 760, 3740);
    }

    private static void walls(Sheet sheet) {
        sheet.stroke(SEPIA, 26, new java.awt.geom.Rectangle2D.Double(420, 620, 5160, 1900));
        sheet.stroke(new Color(0xEBE0C6), 12, new java.awt.geom.Rectangle2D.Double(420, 620, 5160, 1900));
        for (double x = 460; x < 5560; x += 46) {
            sheet.line(SEPIA, 2, x, 609, x + 12, 631);
            sheet.line(SEPIA, 2, x, 2509, x + 12, 2531);
        }
        sheet.line(SEPIA, 3, 420, 1500, 5580, 1500);
        sheet.line(SEPIA, 3, 420, 1530, 5580, 1530);
    }

    private static void bed(Sheet sheet, double x, double y, double radius, int sectors, String name) {
        Color[] colours = {SAGE, LEAF, new Color(0xDCE3BE), OCHRE};
        double[] rings = {1, 0.76, 0.5, 0.27};
        for (int ring = 0; ring < rings.length; ring++) {
            sheet.disc(colours[ring], Sheet.MOSS, 4, x, y, radius * rings[ring]);
        }
        for (int i = 0; i < sectors; i++) {
            double angle = 2 * Math.PI * i / sectors;
            sheet.line(
                    Sheet.MOSS,
                    2,
                    x + radius * 0.27 * Math.cos(angle),
                    y + radius * 0.27 * Math.sin(angle),
                    x + radius * Math.cos(angle),
                    y + radius * Math.sin(angle));
            labelSector(sheet, x, y, radius, angle + Math.PI / sectors, PLANTS[i % PLANTS.length], i + 1);
        }
        for (int i = 0; i < 400; i++) {
            double angle = sheet.between(0, 2 * Math.PI);
            double r = radius * sheet.between(0.3, 0.73);
            double px = x + r * Math.cos(angle);
            double py = y + r * Math.sin(angle);
            sheet.stroke(
                    Sheet.MOSS, 1.2, new Arc2D.Double(px - 9, py - 9, 18, 18, sheet.between(0, 360), 200, Arc2D.OPEN));
        }
        sheet.title(46, 0.12, INK, name, x, y + radius + 76);
    }

    private static void labelSector(
            Sheet sheet, double x, double y, double radius, double angle, String name, int number) {
        var saved = sheet.pen.getTransform();
        sheet.pen.translate(x, y);
        sheet.pen.rotate(angle);
        sheet.text(Lettering.ITALIC, 27, INK, name, radius * 0.79, 8);
        sheet.text(Lettering.ROMAN, 22, SEPIA, String.valueOf(number), radius * 0.945, 7);
        sheet.pen.setTransform(saved);
    }

    private static void trees(Sheet sheet) {
        Color[] crowns = {new Color(0x8FAA6A), new Color(0xA9BC7C), new Color(0x7C9B62), new Color(0xC3C27A)};
        for (int i = 0; i < 230; i++) {
            double x = sheet.between(150, 5850);
            double y = sheet.between(560, 3000);
            boolean free = clear(x, y, 1280, 1500, 680)
                    && clear(x, y, 3000, 1500, 800)
                    && clear(x, y, 4720, 1500, 680)
                    && !(x > 2250 && x < 4050 && y > 2480)
                    && y < 2860 - 0.05 * x;
            if (free) {
                sheet.tree(crowns[i % crowns.length], x, y, sheet.between(28, 92));
            }
        }
    }

    private static boolean clear(double x, double y, double cx, double cy, double distance) {
        return Math.hypot(x - cx, y - cy) > distance;
    }

    private static void glasshouse(Sheet sheet) {
        sheet.box(new Color(0xF2EAD6), INK, 8, 2360, 2610, 1560, 330);
        for (double x = 2400; x < 3900; x += 40) {
            sheet.line(SEPIA, 2, x, 2610, x, 2940);
        }
        sheet.line(INK, 5, 2360, 2775, 3920, 2775);
        sheet.box(new Color(0xF2EAD6), INK, 4, 2720, 2690, 840, 150);
        sheet.title(92, 0.14, INK, "GLASSHOUSE", 3140, 2800);
    }

    private static void legend(Sheet sheet) {
        sheet.box(new Color(0xF2EAD6), INK, 4, 4180, 3260, 1000, 600);
        sheet.title(52, 0.1, INK, "KEY TO THE PLANTING", 4680, 3340);
        for (int i = 0; i < PLANTS.length; i++) {
            double x = 4220 + 480 * (i / 8);
            double y = 3410 + 54 * (i % 8);
            sheet.leaf(LEAF, x, y - 10, 44, 0);
            sheet.text(Lettering.ITALIC, 36, INK, (i + 1) + ". " + PLANTS[i], x + 62, y);
        }
    }

    private static void compass(Sheet sheet, double x, double y) {
        sheet.disc(new Color(0xF2EAD6), INK, 4, x, y, 170);
        for (int i = 0; i < 32; i++) {
            double angle = Math.PI * i / 16;
            double inner = i % 8 == 0 ? 30 : i % 4 == 0 ? 80 : 140;
            sheet.line(
                    INK,
                    i % 8 == 0 ? 4 : 1.5,
                    x + inner * Math.cos(angle),
                    y + inner * Math.sin(angle),
                    x + 165 * Math.cos(angle),
                    y + 165 * Math.sin(angle));
        }
        sheet.centred(Lettering.ROMAN, 70, INK, "N", x, y - 190);
    }
}
