package amberlens.trials;

import amberlens.core.model.project.FileProblem;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/** The process that examines files: a line "KIND PATH" in, a line out: "read", "refused", or what was thrown. */
public final class Examiner {
    static final String READ = "read";
    static final String REFUSED = "refused";

    private Examiner() {}

    public static void main(String[] args) throws IOException {
        var asked = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        for (String line = asked.readLine(); line != null; line = asked.readLine()) {
            int space = line.indexOf(' ');
            System.out.println(examined(Kind.valueOf(line.substring(0, space)), Path.of(line.substring(space + 1))));
        }
    }

    private static String examined(Kind kind, Path file) {
        try {
            kind.examine(file);
            return READ;
        } catch (FileProblem e) {
            boolean words = e.getMessage() != null
                    && !e.getMessage().contains("Exception")
                    && !e.getMessage().contains(": null");
            return words ? REFUSED : "words: " + e.getMessage();
        } catch (Throwable e) { // that is what is looked for
            StackTraceElement[] trace = e.getStackTrace();
            String where = trace.length == 0 ? "" : " at " + trace[0];
            return (e.getClass().getName() + where + ": " + e.getMessage()).replace('\n', ' ');
        }
    }
}
