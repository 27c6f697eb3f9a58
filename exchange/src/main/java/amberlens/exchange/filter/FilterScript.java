package amberlens.exchange.filter;

import amberlens.core.model.FileProblem;
import amberlens.exchange.move.ShotMove;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A move as a chain of FFmpeg's filters, from one input (the picture, or the film) to one output (the frames): for
 * {@code -filter_complex_script}, or {@code -/filter_complex} where that is gone.
 */
public final class FilterScript {
    /** A path that ends in digits and an ending. */
    private static final Pattern NUMBERED = Pattern.compile("(.*?)(\\d+)(\\.[^./\\\\]+)", Pattern.DOTALL);

    private FilterScript() {}

    /**
     * The script.
     *
     * @throws FileProblem when the shot's footage does not simply run forwards
     */
    public static String of(ShotMove move) throws FileProblem {
        var chain = new Chain(move);
        List<String> filters = new ArrayList<>(chain.pictures());
        filters.addAll(move.isFlat() ? new FlatGate(move, chain).filters() : new LeaningGate(move, chain).filters());
        filters.addAll(chain.finished());
        return String.join(",\n", filters) + "\n";
    }

    /** What a person should know who uses it, the command first. */
    public static List<String> notes(ShotMove move, Path script) {
        List<String> notes = new ArrayList<>();
        notes.add("ffmpeg " + input(move) + " -filter_complex_script " + quoted(script.toString()) + " move.mp4");
        if (!move.isFlat()) {
            notes.add(
                    "The picture leans: FFmpeg needs its perspective filter for it, which builds under the GPL have.");
        }
        return notes;
    }

    /** The option that opens the picture, the film, or the numbered pictures. */
    private static String input(ShotMove move) {
        String path = move.media().path();
        Matcher numbered = NUMBERED.matcher(path);
        if (!move.isSequence() || !numbered.matches()) {
            return "-i " + quoted(path);
        }
        String digits = numbered.group(2);
        String rate =
                move.media().footage().map(footage -> footage.rate().written()).orElse("25/1");
        return "-framerate " + rate + " -start_number " + digits + " -i "
                + quoted(numbered.group(1) + "%0" + digits.length() + "d" + numbered.group(3));
    }

    private static String quoted(String text) {
        return text.matches("[A-Za-z0-9_./-]+") ? text : "'" + text.replace("'", "'\\''") + "'";
    }
}
