package amberlens.media.sound;

import amberlens.core.model.project.FileProblem;
import java.nio.file.Path;

/**
 * What a file says of its sound before it is decoded.
 *
 * @param rate Hz
 * @param codec for example "flac"
 * @param streams how many sounds the file has; the best is read
 * @param seconds how long it says it is; 0 when it says nothing
 */
public record SoundHeader(int rate, int channels, String codec, int streams, double seconds) {
    /**
     * Reads it.
     *
     * @throws FileProblem when the file is not there, holds no sound, or one that cannot be decoded here
     */
    public static SoundHeader of(Path path) throws FileProblem {
        try (SoundStream stream = new SoundStream(path)) {
            return new SoundHeader(
                    stream.rate(), stream.channels(), stream.codecName(), stream.streams(), stream.saidSeconds());
        }
    }
}
