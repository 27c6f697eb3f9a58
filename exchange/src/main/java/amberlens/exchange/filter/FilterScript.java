package amberlens.exchange.filter;

import amberlens.core.model.project.FileProblem;
import amberlens.exchange.move.NumberedName;
import amberlens.exchange.move.ShotMove;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A move as a chain of FFmpeg's filters, from one input (the picture, or the film) to one output (the frames): for
 * {@code -filter_complex_script}, or {@code -/filter_complex} where that is gone.
 */
public final class FilterScript {
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
                    "The picture has pitch, yaw or pulled corners: FFmpeg needs its perspective filter, which GPL builds include.");
        }
        return notes;
    }

    /** The option that opens the picture, the film, or the numbered pictures. */
    private static String input(ShotMove move) {
        String path = move.media().path();
        Optional<NumberedName> numbered = move.isSequence() ? NumberedName.of(path) : Optional.empty();
        if (numbered.isEmpty()) {
            boolean pattern = path.contains("%") && !move.media().moves();
            return (pattern ? "-pattern_type none " : "") + "-i " + quoted(path);
        }
        NumberedName name = numbered.get();
        String rate =
                move.media().footage().map(footage -> footage.rate().written()).orElse("25/1");
        return "-framerate " + rate + " -start_number " + name.padded() + " -i "
                + quoted(literal(name.before()) + "%0" + name.digits() + "d" + literal(name.after()));
    }

    /** In a pattern of numbered names a per cent sign stands for itself when it is there twice. */
    private static String literal(String text) {
        return text.replace("%", "%%");
    }

    private static String quoted(String text) {
        return text.matches("[A-Za-z0-9_./-]+") ? text : "'" + text.replace("'", "'\\''") + "'";
    }
}
