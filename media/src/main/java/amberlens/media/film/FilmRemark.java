package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avutil.av_dict_get;

import amberlens.core.model.project.FileProblem;
import amberlens.media.OpenMedia;
import java.nio.file.Path;
import java.util.Optional;
import org.bytedeco.ffmpeg.avutil.AVDictionaryEntry;

/** What a film says of itself in its file. */
public final class FilmRemark {
    private FilmRemark() {}

    /** Empty for one that says nothing, and for what cannot be read as a film. */
    public static Optional<String> in(Path file) {
        try (var media = new OpenMedia(file, "a film", PieceSet.DEMUXERS, PieceSet.DECODERS)) {
            return of(media);
        } catch (FileProblem _) {
            return Optional.empty();
        }
    }

    static Optional<String> of(OpenMedia media) {
        AVDictionaryEntry entry = av_dict_get(media.container().metadata(), "comment", null, 0);
        return entry == null || entry.isNull()
                ? Optional.empty()
                : Optional.of(entry.value().getString());
    }
}
