package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avutil.*;

import java.util.Optional;

/** How the sound of a film is coded. */
public enum SoundCodec {
    AAC("aac", AV_SAMPLE_FMT_FLTP, 256_000),
    PCM("pcm_s24le", AV_SAMPLE_FMT_S32, 0),
    OPUS("libopus", AV_SAMPLE_FMT_FLT, 192_000),
    FLAC("flac", AV_SAMPLE_FMT_S32, 0);

    private final String encoder;
    private final int samples;
    private final int bitRate;

    SoundCodec(String encoder, int samples, int bitRate) {
        this.encoder = encoder;
        this.samples = samples;
        this.bitRate = bitRate;
    }

    /** That which goes with a film's container; empty for one that cannot hold sound. */
    static Optional<SoundCodec> of(FilmCodec film) {
        return switch (film.container()) {
            case "mp4" -> Optional.of(AAC);
            case "mov" -> Optional.of(PCM);
            case "webm" -> Optional.of(OPUS);
            case "matroska" -> Optional.of(FLAC);
            default -> Optional.empty();
        };
    }

    String encoder() {
        return encoder;
    }

    /** The form of its samples, as the library counts them. */
    int samples() {
        return samples;
    }

    /** Bits a second; 0 for one without loss. */
    int bitRate() {
        return bitRate;
    }
}
