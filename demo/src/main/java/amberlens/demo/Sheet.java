package amberlens.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.font.TextAttribute;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Map;
import java.util.Random;

/** A sheet of paper and the few ways of drawing on it that all pictures share. Lengths are pixels. */
final class Sheet {
    static final Color INK = new Color(0x3A2E22);
    static final Color SEPIA = new Color(0x6B4F34);
    static final Color LEAF = new Color(0x6F8F4E);
    static final Color MOSS = new Color(0x4B6A3C);
    static final Color SAGE = new Color(0xB7C79A);
    static final Color OCHRE = new Color(0xD0A35A);
    static final Color ROSE = new Color(0xB4665C);
    static final Color WATER = new Color(0xA9C4C0);

    final BufferedImage image;
    final Graphics2D pen;
    final Random chance;

    Sheet(int width, int height, Color paper, long seed) {
        image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        pen.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        pen.setColor(paper);
        pen.fillRect(0, 0, width, height);
        chance = new Random(seed);
    }

    double between(double low, double high) {
        return low + (high - low) * chance.nextDouble();
    }

    void line(Color colour, double width, double x1, double y1, double x2, double y2) {
        stroke(colour, width, new Line2D.Double(x1, y1, x2, y2));
    }

    void stroke(Color colour, double width, Shape shape) {
        pen.setColor(colour);
        pen.setStroke(new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        pen.draw(shape);
    }

    void fill(Color colour, Shape shape) {
        pen.setColor(colour);
        pen.fill(shape);
    }

    void box(Color fill, Color ink, double width, double x, double y, double w, double h) {
        var box = new Rectangle2D.Double(x, y, w, h);
        fill(fill, box);
        stroke(ink, width, box);
    }

    void disc(Color fill, Color ink, double width, double x, double y, double radius) {
        var disc = new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius);
        fill(fill, disc);
        stroke(ink, width, disc);
    }

    /** Faint ruled paper. */
    void grid(Color colour, double pitch) {
        for (double x = pitch; x < image.getWidth(); x += pitch) {
            line(colour, 1.2, x, 0, x, image.getHeight());
        }
        for (double y = pitch; y < image.getHeight(); y += pitch) {
            line(colour, 1.2, 0, y, image.getWidth(), y);
        }
    }

    void text(Lettering face, double size, Color colour, String text, double x, double y) {
        pen.setFont(face.at(size));
        pen.setColor(colour);
        pen.drawString(text, (float) x, (float) y);
    }

    /** Centred, with the letters set apart by a part of their size. */
    void title(double size, double apart, Color colour, String text, double centreX, double y) {
        Font font = Lettering.ROMAN.at(size).deriveFont(Map.of(TextAttribute.TRACKING, (float) apart));
        pen.setFont(font);
        pen.setColor(colour);
        double width = font.getStringBounds(text, pen.getFontRenderContext()).getWidth();
        pen.drawString(text, (float) (centreX - width / 2), (float) y);
    }

    void centred(Lettering face, double size, Color colour, String text, double centreX, double y) {
        Font font = face.at(size);
        double width = font.getStringBounds(text, pen.getFontRenderContext()).getWidth();
        text(face, size, colour, text, centreX - width / 2, y);
    }

    /** A pointed leaf from its stalk, with its midrib and veins. */
    void leaf(Color fill, double x, double y, double length, double degrees) {
        var saved = pen.getTransform();
        pen.translate(x, y);
        pen.rotate(Math.toRadians(degrees));
        var outline = new Path2D.Double();
        outline.moveTo(0, 0);
        outline.curveTo(length * 0.25, -length * 0.28, length * 0.7, -length * 0.24, length, 0);
        outline.curveTo(length * 0.7, length * 0.24, length * 0.25, length * 0.28, 0, 0);
        fill(fill, outline);
        stroke(MOSS, length / 90 + 0.8, outline);
        line(MOSS, length / 110 + 0.6, 0, 0, length * 0.94, 0);
        for (double at = 0.16; at < 0.85; at += 0.11) {
            double reach = length * 0.17 * Math.sin(Math.PI * Math.min(1, at * 1.1));
            line(MOSS, 0.9, length * at, 0, length * (at + 0.12), -reach);
            line(MOSS, 0.9, length * at, 0, length * (at + 0.12), reach);
        }
        pen.setTransform(saved);
    }

    /** A tree seen from above: a crown with a wobbling rim, rays and a trunk. */
    void tree(Color crown, double x, double y, double radius) {
        var rim = new Path2D.Double();
        double phase = between(0, 7);
        for (int i = 0; i <= 48; i++) {
            double angle = 2 * Math.PI * i / 48;
            double r = radius * (1 + 0.07 * Math.sin(9 * angle + phase) + 0.04 * Math.sin(5 * angle));
            double px = x + r * Math.cos(angle);
            double py = y + r * Math.sin(angle);
            if (i == 0) {
                rim.moveTo(px, py);
            } else {
                rim.lineTo(px, py);
            }
        }
        rim.closePath();
        fill(crown, rim);
        stroke(MOSS, 2.2, rim);
        for (int ray = 0; ray < 14; ray++) {
            double angle = 2 * Math.PI * ray / 14 + phase;
            line(
                    MOSS,
                    1,
                    x + radius * 0.2 * Math.cos(angle),
                    y + radius * 0.2 * Math.sin(angle),
                    x + radius * 0.85 * Math.cos(angle),
                    y + radius * 0.85 * Math.sin(angle));
        }
        disc(SEPIA, INK, 1, x, y, Math.max(2, radius * 0.08));
    }
}
