package amberlens.demo;

import static amberlens.demo.Sheet.INK;
import static amberlens.demo.Sheet.MOSS;
import static amberlens.demo.Sheet.ROSE;
import static amberlens.demo.Sheet.SEPIA;

import java.awt.Color;
import java.awt.image.BufferedImage;

/** A pressed fern on its sheet, with notes and a label, 4000 × 5000. */
final class SpecimenSheet {
    private SpecimenSheet() {}

    static BufferedImage draw() {
        var sheet = new Sheet(4000, 5000, new Color(0xF0E8D4), 1888);
        for (int i = 0; i < 2600; i++) {
            double x = sheet.between(0, 4000);
            double y = sheet.between(0, 5000);
            sheet.line(new Color(0xE4D9BE), 1.1, x, y, x + sheet.between(-16, 16), y + sheet.between(-16, 16));
        }
        sheet.stroke(SEPIA, 5, new java.awt.geom.Rectangle2D.Double(120, 120, 3760, 4760));
        sheet.stroke(SEPIA, 1.6, new java.awt.geom.Rectangle2D.Double(146, 146, 3708, 4708));
        frond(sheet, 1950, 4250, 3500, -93);
        frond(sheet, 1900, 4300, 2300, -62);
        frond(sheet, 1990, 4320, 2250, -121);
        for (int strip = 0; strip < 5; strip++) {
            var saved = sheet.pen.getTransform();
            sheet.pen.rotate(Math.toRadians(-8 + 5 * strip), 1900, 1300 + 560 * strip);
            sheet.box(new Color(0xE6DBC0), SEPIA, 1.5, 1790, 1280 + 560 * strip, 240, 34);
            sheet.pen.setTransform(saved);
        }
        notes(sheet);
        label(sheet);
        ruler(sheet);
        return sheet.image;
    }

    private static void frond(Sheet sheet, double x, double y, double length, double degrees) {
        var saved = sheet.pen.getTransform();
        sheet.pen.translate(x, y);
        sheet.pen.rotate(Math.toRadians(degrees));
        sheet.line(new Color(0x5C4A28), 15, 0, 0, length * 0.5, 0);
        sheet.line(new Color(0x5C4A28), 8, length * 0.5, 0, length, 0);
        for (double at = 0.1; at < 0.99; at += 0.026) {
            double reach = length * 0.24 * Math.sin(Math.PI * Math.pow(1 - at, 0.72));
            pinna(sheet, length * at, 0, reach, -66);
            pinna(sheet, length * (at + 0.012), 0, reach, 66);
        }
        sheet.pen.setTransform(saved);
    }

    private static void pinna(Sheet sheet, double x, double y, double length, double degrees) {
        var saved = sheet.pen.getTransform();
        sheet.pen.translate(x, y);
        sheet.pen.rotate(Math.toRadians(degrees));
        sheet.line(MOSS, 4, 0, 0, length, 0);
        int shade = (int) sheet.between(-12, 12);
        Color green = new Color(0x78 + shade, 0x8C + shade, 0x52 + shade);
        for (double at = 0.05; at < 0.98; at += 0.05) {
            double leaflet = Math.max(10, length * 0.17 * (1.05 - at));
            sheet.leaf(green, length * at, 0, leaflet, -58);
            sheet.leaf(green, length * at, 0, leaflet, 58);
        }
        sheet.pen.setTransform(saved);
    }

    private static void notes(Sheet sheet) {
        String[] lines = {
            "gathered by the lower weir,",
            "north bank, in deep shade,",
            "the ninth of the month;",
            "fronds to four spans,",
            "sori in two even rows.",
            "Compare the sheet of the",
            "upper wood, drawer 31."
        };
        for (int i = 0; i < lines.length; i++) {
            sheet.text(Lettering.ITALIC, 66, SEPIA, lines[i], 300, 520 + 88 * i);
        }
        sheet.text(Lettering.ITALIC, 46, ROSE, "seen again, two springs on", 300, 1200);
    }

    private static void label(Sheet sheet) {
        sheet.box(new Color(0xFAF4E4), INK, 5, 2420, 3980, 1300, 760);
        sheet.stroke(INK, 1.5, new java.awt.geom.Rectangle2D.Double(2444, 4004, 1252, 712));
        sheet.title(58, 0.14, INK, "FERNHOLLOW GARDEN", 3070, 4090);
        sheet.line(INK, 2, 2560, 4120, 3580, 4120);
        sheet.centred(Lettering.ITALIC, 108, INK, "Mill-weir Fern", 3070, 4250);
        sheet.centred(Lettering.ITALIC, 54, SEPIA, "of the shaded bank, with its root", 3070, 4330);
        String[] rows = {
            "Sheet",
            "31 of 240",
            "Ground",
            "wet loam over gravel",
            "Light",
            "none before noon",
            "Hand",
            "the second gardener"
        };
        for (int i = 0; i < rows.length; i += 2) {
            double y = 4410 + 68 * (i / 2.0);
            sheet.text(Lettering.ROMAN, 44, SEPIA, rows[i], 2560, y);
            sheet.text(Lettering.ITALIC, 52, INK, rows[i + 1], 2790, y);
            sheet.line(new Color(0xC9BC9B), 1.4, 2780, y + 14, 3590, y + 14);
        }
        sheet.text(
                Lettering.ROMAN,
                26,
                SEPIA,
                "printed for the garden, one hundred and twenty labels to the ream",
                2700,
                4690);
    }

    private static void ruler(Sheet sheet) {
        sheet.box(new Color(0xE8D9AE), INK, 3, 300, 4660, 1500, 110);
        for (int i = 0; i <= 150; i++) {
            double x = 300 + 10 * i;
            sheet.line(INK, i % 10 == 0 ? 2.4 : 1.2, x, 4660, x, 4660 + (i % 10 == 0 ? 56 : i % 5 == 0 ? 40 : 26));
            if (i % 10 == 0 && i > 0 && i < 150) {
                sheet.centred(Lettering.ROMAN, 34, INK, String.valueOf(i / 10), x, 4756);
            }
        }
    }
}
