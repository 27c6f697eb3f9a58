package amberlens.media.export;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;

/** The kinds of output. */
public enum ExportFormat {
    MP4_H264("h264", "MP4 film (H.264)", ".mp4"),
    PNG_SEQUENCE("png", "PNG sequence", ".png");

    private final String codec;
    private final String words;
    private final String ending;

    ExportFormat(String codec, String words, String ending) {
        this.codec = codec;
        this.words = words;
        this.ending = ending;
    }

    /** The name on the command line. */
    public String codec() {
        return codec;
    }

    public String words() {
        return words;
    }

    /** The ending of file names, with its point. */
    public String ending() {
        return ending;
    }

    /** The format that a file name asks for by its ending. */
    public static Optional<ExportFormat> byEnding(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        for (ExportFormat format : values()) {
            if (name.endsWith(format.ending)) {
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
