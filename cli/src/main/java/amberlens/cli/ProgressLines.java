package amberlens.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;

/** What happens, a JSON object a line, for programs that start ours: each has an {@code event}. */
final class ProgressLines {
    private final PrintWriter out;
    private int lastPercent = -1;

    ProgressLines(PrintWriter out) {
        this.out = out;
    }

    /** A line that is filled by whoever knows more, and printed. */
    ObjectNode event(String event) {
        return JsonNodeFactory.instance.objectNode().put("event", event);
    }

    void print(ObjectNode line) {
        out.println(line);
        out.flush();
    }

    /** So much is done; a line for every percent. */
    void progress(int done, int of) {
        int percent = of == 0 ? 100 : (int) (100L * done / of);
        if (percent != lastPercent) {
            lastPercent = percent;
            print(event("progress").put("done", done).put("of", of));
        }
    }

    void done(String output) {
        lastPercent = -1;
        print(event("done").put("output", output));
    }
}
