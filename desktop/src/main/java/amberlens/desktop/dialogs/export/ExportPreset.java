package amberlens.desktop.dialogs.export;

import amberlens.core.material.sound.EvenLoudness;
import amberlens.media.export.ExportFormat;
import amberlens.media.film.Quality;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The answers of the export dialog for one use.
 *
 * @param percent of the frame's size
 * @param loudness what the sound is brought to, in LUFS; empty for as it is
 * @param fast whether a graphics card makes it, where one can
 * @param frames which of them
 * @param shape in which of the film's frames
 */
record ExportPreset(
        String name,
        ExportFormat format,
        Quality quality,
        int percent,
        Optional<Double> loudness,
        boolean transparent,
        boolean fast,
        Frames frames,
        Shape shape) {
    /** Which frames. */
    enum Frames {
        LINE_UP,
        AT_PLAYHEAD
    }

    /** In which frames of the film. */
    enum Shape {
        AS_SEEN,
        UPRIGHT
    }

    private static final Pattern BETWEEN = Pattern.compile(" ");
    private static final int FIELDS = 8;

    static List<ExportPreset> usual() {
        return List.of(
                film("For the edit", ExportFormat.PRORES_HQ, Quality.BEST, Optional.empty(), Shape.AS_SEEN),
                film("For the web", ExportFormat.MP4_H264, Quality.GOOD, streaming(), Shape.AS_SEEN),
                film("Upright clip", ExportFormat.MP4_H264, Quality.GOOD, streaming(), Shape.UPRIGHT),
                new ExportPreset(
                        "Still at the playhead",
                        ExportFormat.PNG_SEQUENCE,
                        Quality.BEST,
                        100,
                        Optional.empty(),
                        false,
                        false,
                        Frames.AT_PLAYHEAD,
                        Shape.AS_SEEN));
    }

    private static Optional<Double> streaming() {
        return Optional.of(EvenLoudness.STREAMING);
    }

    private static ExportPreset film(
            String name, ExportFormat format, Quality quality, Optional<Double> loudness, Shape shape) {
        return new ExportPreset(name, format, quality, 100, loudness, false, false, Frames.LINE_UP, shape);
    }

    /** Its answers as they are kept beside its name. */
    String written() {
        return String.join(
                " ",
                format.codec(),
                quality.name(),
                String.valueOf(percent),
                loudness.map(String::valueOf).orElse("-"),
                String.valueOf(transparent),
                String.valueOf(fast),
                frames.name(),
                shape.name());
    }

    /** Read again; empty for what was never written. */
    static Optional<ExportPreset> read(String name, String written) {
        String[] parts = BETWEEN.split(written);
        if (parts.length != FIELDS) {
            return Optional.empty();
        }
        try {
            return Optional.of(new ExportPreset(
                    name,
                    ExportFormat.byCodec(parts[0]).orElseThrow(IllegalArgumentException::new),
                    Quality.valueOf(parts[1]),
                    Integer.parseInt(parts[2]),
                    parts[3].equals("-") ? Optional.empty() : Optional.of(Double.valueOf(parts[3])),
                    Boolean.parseBoolean(parts[4]),
                    Boolean.parseBoolean(parts[5]),
                    Frames.valueOf(parts[6]),
                    Shape.valueOf(parts[7])));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** Whether a name is one of those that are always there. */
    static boolean isUsual(String name) {
        return usual().stream().anyMatch(preset -> preset.name.equalsIgnoreCase(name));
    }
}
