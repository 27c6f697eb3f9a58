package amberlens.cli;

import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/**
 * Runs the commands that do not render once each, so that the virtual machine can keep what a start of them needs (its ahead-of-time
 * cache): the launcher and the package do this once after a build. Takes a project file, the id of one of its shots, and a picture; says
 * nothing.
 */
public final class StartTraining {
    private StartTraining() {}

    public static void main(String[] args) throws IOException {
        String project = args[0];
        Path scratch = Files.createTempDirectory("amber-start");
        String sealed = scratch.resolve("sealed.amber").toString();
        String table = scratch.resolve("move.csv").toString();
        String taken = scratch.resolve("taken.amber").toString();
        String shot = args[1];
        var nobody = new PrintWriter(OutputStream.nullOutputStream(), true, StandardCharsets.UTF_8);
        try {
            for (List<String> command : List.of(
                    List.of("check", project, "--json", "--frames"),
                    List.of("check", project),
                    List.of("seal", project, "-o", sealed),
                    List.of("move", project, "--shot", shot, "--as", "csv", "-o", table),
                    List.of("take", table, "-o", taken),
                    List.of("info", args[2]),
                    List.of("check", "--help"))) {
                Main.run(command.toArray(String[]::new), nobody, nobody);
            }
        } finally {
            for (String file : List.of(sealed, table, taken)) {
                Files.deleteIfExists(Path.of(file));
            }
            Files.deleteIfExists(scratch);
        }
    }
}
