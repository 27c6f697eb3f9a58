package amberlens.media.intake;

import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.footage.Film;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Base64;

/**
 * The process that looks at films. Reads a line for each, its path as Base64 of UTF-8; opens it, decodes some of its frames, and
 * answers with a line when it has survived that.
 */
public final class FirstLookMain {
    private static final int AT_THE_START = 24;
    private static final int STEPS = 6;

    private FirstLookMain() {}

    /** What is written to ask about a film. */
    static String line(Path film) {
        return Base64.getEncoder().encodeToString(film.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** Runs until nobody asks any more. */
    public static void main(String[] args) throws IOException {
        var asked = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        for (String line = asked.readLine(); line != null; line = asked.readLine()) {
            look(Path.of(new String(Base64.getDecoder().decode(line), StandardCharsets.UTF_8)));
            System.out.println("survived");
        }
    }

    /** What is merely wrong is said by whoever opens the film next. */
    private static void look(Path path) {
        try (Film film = Film.open(path, Rows.ALONE)) {
            int last = film.footage().last();
            for (int frame = 0; frame <= Math.min(AT_THE_START, last); frame++) {
                film.frame(frame);
            }
            for (int step = 1; step <= STEPS; step++) {
                film.frame((int) ((long) last * step / STEPS));
            }
        } catch (FileProblem | RuntimeException _) {
            // It was survived.
        }
    }
}
