package amberlens.desktop.shell.app;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/** Pictures that tests draw themselves. */
final class DrawnPictures {
    private DrawnPictures() {}

    /** Four differently coloured quarters with a pale disc in the middle. */
    static Path quarters(Path folder, String name, int width, int height) throws IOException {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        Color[] colours = {new Color(0xB0603C), new Color(0x4C7C4A), new Color(0x3C6488), new Color(0xC09A40)};
        for (int i = 0; i < 4; i++) {
            pen.setColor(colours[i]);
            pen.fillRect(i % 2 * width / 2, i / 2 * height / 2, width / 2, height / 2);
        }
        pen.setColor(new Color(0xEDE4D6));
        pen.fillOval(width / 2 - height / 6, height / 3, height / 3, height / 3);
        pen.dispose();
        Path file = folder.resolve(name);
        ImageIO.write(image, "png", file.toFile());
        return file;
    }
}
