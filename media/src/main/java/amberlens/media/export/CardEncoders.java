package amberlens.media.export;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmEncoder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The encoders of this machine's graphics cards. Each is tried before it is trusted with a film; what came of that is remembered. */
public final class CardEncoders {
    /** Those that the libraries know. */
    public static final CardEncoders OF_THIS_MACHINE = new CardEncoders(FilmEncoder::ofCards, TenFrames::check);

    /** Tries an encoder. */
    @FunctionalInterface
    public interface Trial {
        /** @throws FileProblem when its film is none, or not of the frames that it was given */
        void check(FilmEncoder encoder, Size size, FrameRate rate) throws FileProblem;
    }

    /**
     * What came of the trials.
     *
     * @param encoder the first that made a film; empty where none did
     * @param words the outcome, a sentence for people
     */
    public record Choice(Optional<FilmEncoder> encoder, String words) {}

    private record Asked(FilmCodec codec, Size size, FrameRate rate) {}

    private static final Logger LOG = LoggerFactory.getLogger(CardEncoders.class);

    private final Function<FilmCodec, List<FilmEncoder>> known;
    private final Trial trial;
    private final Map<Asked, Choice> tried = new ConcurrentHashMap<>();

    /**
     * @param known the encoders that there may be, those to be tried first before the others
     */
    public CardEncoders(Function<FilmCodec, List<FilmEncoder>> known, Trial trial) {
        this.known = known;
        this.trial = trial;
    }

    /** Whether there is any encoder of a card to be tried. */
    public boolean mayBe(FilmCodec codec) {
        return !known.apply(codec).isEmpty();
    }

    /** Tries the encoders of a codec, one after the other; takes as long as some frames at that size. */
    public Choice choose(FilmCodec codec, Size size, FrameRate rate) {
        return tried.computeIfAbsent(new Asked(codec, size, rate), this::choose);
    }

    private Choice choose(Asked asked) {
        List<String> why = new ArrayList<>();
        for (FilmEncoder encoder : known.apply(asked.codec)) {
            try {
                trial.check(encoder, asked.size, asked.rate);
                return new Choice(Optional.of(encoder), "A graphics card makes it, by " + encoder.name() + ".");
            } catch (FileProblem e) {
                LOG.info("{} at {}: {}", encoder.name(), asked.size, e.getMessage());
                why.add(encoder.name());
            }
        }
        return new Choice(
                Optional.empty(),
                why.isEmpty()
                        ? "No graphics card makes such films."
                        : "No graphics card here makes such films; tried " + String.join(", ", why) + ".");
    }
}
