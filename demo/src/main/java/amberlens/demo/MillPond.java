package amberlens.demo;

import static amberlens.demo.Sheet.INK;
import static amberlens.demo.Sheet.MOSS;
import static amberlens.demo.Sheet.SEPIA;

import java.awt.Color;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Random;

/** The mill pond from spring to autumn, one picture of the time-lapse after the other, 1920 × 1080. */
final class MillPond {
    static final int FRAMES = 200;
    static final int WIDTH = 1920;
    static final int HEIGHT = 1080;

    private static final double SHORE = 620;
    private static final Color[] LEAVES = {
        new Color(0xA9C28A), new Color(0x7FA45E), new Color(0x6F8F4E), new Color(0xC59A4A), new Color(0xB0703C)
    };
    private static final Color[] SKIES = {
        new Color(0xDCE6E4), new Color(0xD3E4EA), new Color(0xEAE4CF), new Color(0xE6D2B8), new Color(0xD9CFC6)
    };

    private MillPond() {}

    /** One frame, 0 … {@value #FRAMES} − 1; the same each time. */
    static BufferedImage draw(int frame) {
        double season = (double) frame / (FRAMES - 1);
        var sheet = new Sheet(WIDTH, HEIGHT, blend(SKIES, season), 77);
        sun(sheet, season);
        hill(sheet, season);
        mill(sheet, frame);
        water(sheet, season, frame);
        for (int tree = 0; tree < 7; tree++) {
            tree(sheet, 150 + 290 * tree + 60 * Math.sin(tree * 2.2), tree, season);
        }
        reeds(sheet, season, frame);
        lilies(sheet, season);
        ferry(sheet, frame);
        String[] words = {"spring", "early summer", "high summer", "early autumn", "autumn"};
        sheet.text(
                Lettering.ITALIC,
                44,
                SEPIA,
                "the mill pond, " + words[Math.min(4, (int) (season * 5))],
                70,
                HEIGHT - 54.0);
        return sheet.image;
    }

    /** Where the middle of the ferry is, in pixels of the picture. */
    static Point2D ferryAt(int frame) {
        return new Point2D.Double(
                640 + 3.9 * frame + 46 * Math.sin(frame / 31.0), SHORE + 150 + 22 * Math.sin(frame / 24.0));
    }

    /** A small ferry under a striped awning, which drifts across and bobs a little. */
    private static void ferry(Sheet sheet, int frame) {
        double x = ferryAt(frame).getX();
        double y = ferryAt(frame).getY() + 2.5 * Math.sin(frame / 5.0);
        var hull = new Path2D.Double();
        hull.moveTo(x - 118, y + 8);
        hull.lineTo(x + 118, y + 8);
        hull.curveTo(x + 104, y + 42, x + 84, y + 48, x + 62, y + 48);
        hull.lineTo(x - 62, y + 48);
        hull.curveTo(x - 84, y + 48, x - 104, y + 42, x - 118, y + 8);
        sheet.fill(new Color(0x6B4F34), hull);
        sheet.stroke(INK, 2, hull);
        sheet.line(new Color(0xD9B45A), 5, x - 108, y + 17, x + 108, y + 17);
        for (int post = -1; post <= 1; post++) {
            sheet.line(INK, 4, x + 62 * post, y + 8, x + 62 * post, y - 48);
        }
        for (int stripe = 0; stripe < 8; stripe++) {
            Color colour = stripe % 2 == 0 ? new Color(0xB4533C) : new Color(0xF1E7D2);
            sheet.fill(colour, new Rectangle2D.Double(x - 80 + 20 * stripe, y - 70, 20, 26));
        }
        sheet.box(new Color(0, true), INK, 2, x - 80, y - 70, 160, 26);
        sheet.fill(new Color(0x2F4858), new Ellipse2D.Double(x - 16, y - 30, 18, 18));
        sheet.fill(new Color(0x3F5E4A), new Rectangle2D.Double(x - 18, y - 12, 22, 22));
        sheet.fill(new Color(0xC98F3D), new Rectangle2D.Double(x + 26, y - 10, 26, 18));
    }

    private static Color blend(Color[] colours, double part) {
        double at = part * (colours.length - 1);
        int index = Math.min(colours.length - 2, (int) at);
        double rest = at - index;
        Color a = colours[index];
        Color b = colours[index + 1];
        return new Color(
                (int) Math.round(a.getRed() + (b.getRed() - a.getRed()) * rest),
                (int) Math.round(a.getGreen() + (b.getGreen() - a.getGreen()) * rest),
                (int) Math.round(a.getBlue() + (b.getBlue() - a.getBlue()) * rest));
    }

    private static void sun(Sheet sheet, double season) {
        double x = 300 + 1300 * season;
        double y = 240 - 150 * Math.sin(Math.PI * season);
        sheet.fill(new Color(0xF2D79A), new Ellipse2D.Double(x - 62, y - 62, 124, 124));
    }

    private static void hill(Sheet sheet, double season) {
        var hill = new Path2D.Double();
        hill.moveTo(0, SHORE);
        for (int x = 0; x <= WIDTH; x += 20) {
            hill.lineTo(x, 430 + 60 * Math.sin(x / 380.0) + 22 * Math.sin(x / 130.0 + 1));
        }
        hill.lineTo(WIDTH, SHORE);
        hill.closePath();
        sheet.fill(blend(LEAVES, season).brighter(), hill);
        sheet.stroke(MOSS, 1.4, hill);
    }

    /** The mill with its wheel, which goes on turning. */
    private static void mill(Sheet sheet, int frame) {
        sheet.box(new Color(0xD9C7A5), INK, 2, 1180, 400, 250, SHORE - 400);
        var roof = new Path2D.Double();
        roof.moveTo(1150, 400);
        roof.lineTo(1305, 300);
        roof.lineTo(1460, 400);
        roof.closePath();
        sheet.fill(new Color(0x9C5F4A), roof);
        sheet.stroke(INK, 2, roof);
        sheet.box(new Color(0x6B4F34), INK, 1.5, 1280, 520, 54, SHORE - 520);
        sheet.box(new Color(0xB8CAD0), INK, 1.5, 1210, 450, 46, 46);
        sheet.box(new Color(0xB8CAD0), INK, 1.5, 1350, 450, 46, 46);
        double radius = 92;
        double centreX = 1492;
        double centreY = SHORE - 40;
        for (int spoke = 0; spoke < 12; spoke++) {
            double angle = 2 * Math.PI * (spoke / 12.0 + frame / 96.0);
            double x = centreX + radius * Math.cos(angle);
            double y = centreY + radius * Math.sin(angle);
            sheet.line(SEPIA, 5, centreX, centreY, x, y);
            sheet.line(
                    INK,
                    7,
                    x - 10 * Math.sin(angle),
                    y + 10 * Math.cos(angle),
                    x + 10 * Math.sin(angle),
                    y - 10 * Math.cos(angle));
        }
        sheet.stroke(SEPIA, 6, new Ellipse2D.Double(centreX - radius, centreY - radius, 2 * radius, 2 * radius));
    }

    private static void water(Sheet sheet, double season, int frame) {
        sheet.fill(
                blend(new Color[] {new Color(0xA9C4C0), new Color(0x9DC0C8), new Color(0xA7BCA8)}, season),
                new Rectangle2D.Double(0, SHORE, WIDTH, HEIGHT - SHORE));
        var chance = new Random(5);
        for (int ripple = 0; ripple < 26; ripple++) {
            double y = SHORE + 18 + 430 * chance.nextDouble();
            double length = 60 + 150 * chance.nextDouble();
            double x =
                    (chance.nextDouble() * (WIDTH + 400) + frame * (0.6 + chance.nextDouble())) % (WIDTH + 400) - 200;
            sheet.line(new Color(0xDCE9E6), 1.6, x, y, x + length, y);
        }
    }

    private static void tree(Sheet sheet, double x, int number, double season) {
        if (x > 1080 && x < 1600) {
            return;
        }
        double height = 170 + 34 * Math.sin(number * 1.7);
        double crown = height * (0.34 + 0.22 * Math.min(1, season * 2.4));
        sheet.line(SEPIA, 13, x, SHORE + 4, x, SHORE - height * 0.7);
        var chance = new Random(number + 40L);
        Color leaves = blend(LEAVES, Math.clamp(season + 0.06 * Math.sin(number * 3.1), 0, 1));
        for (int tuft = 0; tuft < 26; tuft++) {
            double angle = 2 * Math.PI * chance.nextDouble();
            double away = crown * Math.sqrt(chance.nextDouble());
            double fallen = season > 0.82 ? (season - 0.82) * 5 : 0;
            if (chance.nextDouble() < fallen) {
                continue;
            }
            double radius = crown * (0.24 + 0.16 * chance.nextDouble());
            sheet.fill(
                    leaves,
                    new Ellipse2D.Double(
                            x + away * Math.cos(angle) - radius,
                            SHORE - height + 0.8 * away * Math.sin(angle) - radius,
                            2 * radius,
                            2 * radius));
        }
    }

    private static void reeds(Sheet sheet, double season, int frame) {
        var chance = new Random(9);
        for (int reed = 0; reed < 90; reed++) {
            double x = chance.nextDouble() * WIDTH;
            double height = (60 + 130 * chance.nextDouble()) * Math.min(1, 0.25 + season * 1.6);
            double sway = 6 * Math.sin(frame / 7.0 + reed);
            double y = HEIGHT - 20 * chance.nextDouble();
            sheet.line(blend(LEAVES, season).darker(), 4, x, y, x + sway, y - height);
            if (season > 0.4 && reed % 4 == 0) {
                sheet.line(SEPIA, 10, x + sway, y - height, x + sway * 1.1, y - height + 34);
            }
        }
    }

    private static void lilies(Sheet sheet, double season) {
        var chance = new Random(21);
        for (int lily = 0; lily < 22; lily++) {
            double x = 160 + 1500 * chance.nextDouble();
            double y = SHORE + 90 + 260 * chance.nextDouble();
            double size = 46 * Math.clamp(season * 3 - 0.5 - 0.05 * lily, 0, 1);
            boolean flowers = chance.nextInt(3) == 0;
            if (size > 2) {
                sheet.fill(new Color(0x6F8F4E), new Ellipse2D.Double(x - size, y - size * 0.36, 2 * size, 0.72 * size));
                if (flowers && season > 0.35 && season < 0.75) {
                    sheet.fill(new Color(0xF1E3E4), new Ellipse2D.Double(x - 13, y - 20, 26, 20));
                }
            }
        }
    }
}
