package amberlens.media.export;

import amberlens.media.film.FilmCodec;
import amberlens.media.film.SoundCodec;
import amberlens.media.film.StillFile;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The kinds of output. */
public enum ExportFormat {
    MP4_H264("h264", "MP4 film (H.264)", "plays everywhere", ".mp4", FilmCodec.H264, null),
    MP4_HEVC("hevc", "MP4 film (HEVC)", "half as large, by a graphics card", ".mp4", FilmCodec.HEVC, null),
    WEBM_VP9("vp9", "WebM film (VP9)", "for the web, slow to make", ".webm", FilmCodec.VP9, null),
    MP4_AV1("av1", "MP4 film (AV1)", "smallest, quick to make", ".mp4", FilmCodec.AV1, null),
    MP4_AV1_TEN("av1-10", "MP4 film (AV1, 10 bits)", "small, smooth skies", ".mp4", FilmCodec.AV1_TEN, null),
    PRORES_HQ("prores", "MOV film (ProRes 422 HQ)", "for the edit", ".mov", FilmCodec.PRORES_HQ, null),
    PRORES_4444(
            "prores4444", "MOV film (ProRes 4444)", "for the edit, with alpha", ".mov", FilmCodec.PRORES_4444, null),
    DNXHR_HQX("dnxhr", "MOV film (DNxHR HQX)", "for the edit, 10 bits", ".mov", FilmCodec.DNXHR_HQX, null),
    FFV1("ffv1", "MKV film (FFV1)", "lossless, with alpha", ".mkv", FilmCodec.FFV1, null),
    GIF("gif", "GIF animation", "256 colours a frame", ".gif", FilmCodec.GIF, null),
    APNG("apng", "APNG animation", "lossless, with alpha", ".apng", FilmCodec.APNG, null),
    WEBP("webp", "WebP animation", "small, with alpha", ".webp", FilmCodec.WEBP, null),
    PNG_SEQUENCE("png", "PNG sequence", "one file for each frame", ".png", null, StillFile.Kind.PNG),
    TIFF_SEQUENCE(
            "tiff16",
            "TIFF sequence, 16 bits",
            "one file for each frame, with alpha",
            ".tif",
            null,
            StillFile.Kind.TIFF),
    WAV("wav", "WAV sound", "sound only, 24 bits", ".wav", SoundCodec.PCM),
    FLAC("flac", "FLAC sound", "sound only, lossless and smaller", ".flac", SoundCodec.FLAC);

    private final String codec;
    private final String words;
    private final String use;
    private final String ending;
    private final @Nullable FilmCodec film;
    private final StillFile.@Nullable Kind stills;
    private final @Nullable SoundCodec soundAlone;

    ExportFormat(String codec, String words, String use, String ending, SoundCodec soundAlone) {
        this.codec = codec;
        this.words = words;
        this.use = use;
        this.ending = ending;
        film = null;
        stills = null;
        this.soundAlone = soundAlone;
    }

    ExportFormat(
            String codec,
            String words,
            String use,
            String ending,
            @Nullable FilmCodec film,
            StillFile.@Nullable Kind stills) {
        this.codec = codec;
        this.words = words;
        this.use = use;
        this.ending = ending;
        this.film = film;
        this.stills = stills;
        soundAlone = null;
    }

    /** The name on the command line. */
    public String codec() {
        return codec;
    }

    public String words() {
        return words;
    }

    /** What it is good for, in a few words. */
    public String use() {
        return use;
    }

    /** The ending of file names, with its point. */
    public String ending() {
        return ending;
    }

    /** How its film is coded; empty for single pictures and for sound alone. */
    public Optional<FilmCodec> film() {
        return Optional.ofNullable(film);
    }

    /** The kind of its single pictures; empty for a film and for sound alone. */
    public Optional<StillFile.Kind> stills() {
        return Optional.ofNullable(stills);
    }

    /** How it is coded where it is sound alone; empty for whatever can be seen. */
    public Optional<SoundCodec> soundAlone() {
        return Optional.ofNullable(soundAlone);
    }

    /** Whether it can be made without a graphics card. */
    public boolean isMadeHere() {
        return film == null || film.isMadeHere();
    }

    /** Whether it is one file, not one for each frame. */
    public boolean isOneFile() {
        return stills == null;
    }

    /** Whether it can hold sound. */
    public boolean holdsSound() {
        return soundAlone != null || film().flatMap(FilmCodec::sound).isPresent();
    }

    /** Whether it can keep what is transparent. */
    public boolean alpha() {
        return stills != null || film != null && film.alpha();
    }

    /** The format that a file name asks for by its ending, the most usual one. */
    public static Optional<ExportFormat> byEnding(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        for (ExportFormat format : values()) {
            boolean longTiff = format == TIFF_SEQUENCE && name.endsWith(".tiff");
            if (name.endsWith(format.ending) || longTiff) {
                return Optional.of(format);
            }
        }
        return Optional.empty();
    }

    /** The format with this name on the command line. */
    public static Optional<ExportFormat> byCodec(String codec) {
        for (ExportFormat format : values()) {
            if (format.codec.equalsIgnoreCase(codec)) {
                return Optional.of(format);
            }
        }
        return Optional.empty();
    }
}
