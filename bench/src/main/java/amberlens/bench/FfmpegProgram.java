package amberlens.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.bytedeco.javacpp.Loader;

/** The ffmpeg program, which others are measured by. */
final class FfmpegProgram {
    private FfmpegProgram() {}

    /** Where it is; fetched out of its package the first time. */
    static Path path() {
        return Path.of(Loader.load(org.bytedeco.ffmpeg.ffmpeg.class));
    }

    /**
     * Runs it to its end.
     *
     * @return what it said
     * @throws IOException when it fails
     */
    static String run(Path program, String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(program.toString(), "-hide_banner"));
        command.addAll(List.of(arguments));
        var builder = new ProcessBuilder(command).redirectErrorStream(true);
        // What its libraries are linked to lies beside it, too, but they look for it in the system only.
        builder.environment().put("LD_LIBRARY_PATH", String.valueOf(program.getParent()));
        Process running = builder.start();
        String said = new String(running.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (running.waitFor() != 0) {
            throw new IOException("the ffmpeg program failed: " + said);
        }
        return said;
    }
}
