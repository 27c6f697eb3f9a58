package amberlens.exchange.outside;

import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/** A browser without a window, to look at pages. {@code ./amber test} installs one. */
final class Browser {
    private static final List<String> NAMES = List.of("chromium", "chromium-browser", "google-chrome");

    private Browser() {}

    static Optional<Path> find() {
        return Stream.of(System.getenv("PATH").split(File.pathSeparator))
                .flatMap(folder -> NAMES.stream().map(name -> Path.of(folder, name)))
                .filter(Files::isExecutable)
                .findFirst();
    }

    /** The picture of a page after its scripts have run. */
    static BufferedImage picture(Path page, int width, int height) throws IOException, InterruptedException {
        Path folder = page.toAbsolutePath().getParent();
        Path shot = folder.resolve(page.getFileName() + ".png");
        List<String> command = new ArrayList<>(List.of(
                find().orElseThrow().toString(),
                "--headless",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--disable-sync",
                "--disable-background-networking",
                "--disable-component-update",
                "--no-first-run",
                "--hide-scrollbars",
                "--allow-file-access-from-files",
                "--force-device-scale-factor=1",
                "--virtual-time-budget=5000",
                "--user-data-dir=" + folder.resolve("browser"),
                "--window-size=" + width + "," + height,
                "--screenshot=" + shot,
                page.toUri().toString()));
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("browser.log").toFile())
                .start();
        if (!process.waitFor(120, TimeUnit.SECONDS)) {
            process.destroyForcibly();
        }
        if (!Files.exists(shot)) {
            throw new IOException("no picture of " + page + ": " + Files.readString(folder.resolve("browser.log")));
        }
        return ImageIO.read(shot.toFile());
    }
}
