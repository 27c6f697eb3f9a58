package amberlens.cli;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.io.TempDir;

/** Runs commands as a script does, in a folder of their own; what they print stands in {@link #out} and {@link #err}. */
abstract class CommandTrial {
    @TempDir
    Path folder;

    String out = "";
    String err = "";

    /** Runs one command; {@code @} stands for the folder. */
    final int run(String... arguments) {
        var outText = new StringWriter();
        var errText = new StringWriter();
        for (int i = 0; i < arguments.length; i++) {
            arguments[i] = arguments[i].replace("@", folder + "/");
        }
        int code = Main.run(arguments, new PrintWriter(outText, true), new PrintWriter(errText, true));
        out = outText.toString();
        err = errText.toString();
        return code;
    }

    final void picture(String name, int width, int height) throws IOException {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        ImageIO.write(image, "png", folder.resolve(name).toFile());
    }
}
