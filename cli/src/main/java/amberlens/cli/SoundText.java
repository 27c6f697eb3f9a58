package amberlens.cli;

import amberlens.core.base.words.Figures;
import amberlens.core.material.sound.Beats;
import amberlens.core.material.sound.Loudness;
import amberlens.core.material.sound.Samples;
import amberlens.core.model.project.FileProblem;
import amberlens.media.sound.DecodedSound;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Locale;

/**
 * What a file sounds like, in words or as a line of JSON.
 *
 * @param beats whether its beats are looked for
 */
record SoundText(PrintWriter out, boolean beats, boolean json) {
    void print(Path file) throws FileProblem {
        try (DecodedSound sound = DecodedSound.of(file, () -> true)) {
            Beats found = beats ? Beats.of(sound, _ -> true) : Beats.NONE;
            if (json) {
                out.println(line(sound, found));
            } else {
                words(file, sound, found);
            }
        }
    }

    private String line(DecodedSound sound, Beats found) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        if (beats) {
            node.put("tempo", rounded(found.tempo()));
            var times = node.putArray("beats");
            found.times().forEach(time -> times.add(rounded(time)));
        } else {
            node.put("codec", sound.facts().codec());
            node.put("rate", sound.facts().rate());
            node.put("channels", sound.facts().channels());
            node.put("seconds", rounded((double) sound.length() / Samples.RATE));
        }
        return JsonText.of(node);
    }

    /** To a tenth of a millisecond. */
    private static double rounded(double value) {
        return Math.round(value * 1e4) / 1e4;
    }

    private void words(Path file, DecodedSound sound, Beats found) {
        Loudness loudness = Loudness.of(sound);
        out.println(file);
        out.println("  format       " + sound.facts().codec()
                + (sound.facts().streams() > 1
                        ? ", the best of " + sound.facts().streams() + " sounds"
                        : "")
                + (sound.facts().damaged() ? ", damaged or cut off" : ""));
        out.println("  rate         " + sound.facts().rate() + " Hz");
        out.println("  channels     " + sound.facts().channels());
        out.println("  length       " + Figures.fixed((double) sound.length() / Samples.RATE, 3) + " s");
        out.println("  loudness     "
                + (Double.isInfinite(loudness.integrated())
                        ? "silent"
                        : String.format(
                                Locale.ROOT,
                                "%.1f LUFS, true peak %.1f dBTP",
                                loudness.integrated(),
                                loudness.truePeak())));
        if (beats) {
            out.println("  beats        "
                    + (found.times().isEmpty()
                            ? "none found"
                            : String.format(
                                    Locale.ROOT,
                                    "%d at %.1f a minute",
                                    found.times().size(),
                                    found.tempo())));
        }
    }
}
