package amberlens.media;

import static org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_ALL;
import static org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_DEFAULT;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.model.project.FileProblem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalInt;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;

/**
 * A file opened by the FFmpeg libraries. Only some containers and codecs are opened at all, and files on this machine: the less is opened,
 * the less a damaged file can do. Reading ends where it takes too long. For use by one thread at a time.
 */
public final class OpenMedia implements AutoCloseable {
    private static final int MOST_PROBED = 2500;

    /** A file may name others, even on a network. */
    private static final String PROTOCOLS = "file";

    private final Path path;
    private final FilmTimeout patience;
    private final AVFormatContext container = avformat_alloc_context();
    private boolean open;

    /**
     * Opens a file.
     *
     * @param as what it is to be read as, for people: "a film"
     * @param demuxers the containers that are opened, by their names in the libraries
     * @param decoders the codecs
     * @throws FileProblem when it is not there, is of another kind, or damaged
     */
    public OpenMedia(Path path, String as, String demuxers, String decoders) throws FileProblem {
        this.path = path;
        if (!Files.isRegularFile(path)) {
            throw new FileProblem(path + " is not there; it may have been moved or renamed.");
        }
        av_log_set_level(AV_LOG_QUIET);
        patience = new FilmTimeout(path.toFile().length());
        try {
            open(as, demuxers, decoders);
        } catch (FileProblem | RuntimeException | Error e) {
            close();
            throw e;
        }
    }

    private void open(String as, String demuxers, String decoders) throws FileProblem {
        patience.watch(container);
        container.max_probe_packets(MOST_PROBED);
        var allowed = new AVDictionary(null);
        av_dict_set(allowed, "format_whitelist", demuxers, 0);
        av_dict_set(allowed, "codec_whitelist", decoders, 0);
        av_dict_set(allowed, "protocol_whitelist", PROTOCOLS, 0);
        int opened = avformat_open_input(container, "file:" + path.toAbsolutePath(), null, allowed);
        av_dict_free(allowed);
        refuseIfTooLong();
        if (opened < 0) {
            throw new FileProblem(path + " cannot be read as " + as + ": " + FfmpegCode.words(opened)
                    + "; it may be cut off or of another kind.");
        }
        open = true;
        int found = avformat_find_stream_info(container, (AVDictionary) null);
        refuseIfTooLong();
        if (found < 0) {
            throw new FileProblem(path + " is damaged or cut off; copy it again from its source.");
        }
    }

    /** The best stream of a kind, as the libraries count kinds; empty when there is none. */
    public OptionalInt best(int kind) {
        int index = av_find_best_stream(container, kind, -1, -1, (AVCodec) null, 0);
        return index < 0 ? OptionalInt.empty() : OptionalInt.of(index);
    }

    /** A stream, which alone is read from now on. */
    public AVStream only(int index) {
        for (int i = 0; i < container.nb_streams(); i++) {
            container.streams(i).discard(i == index ? AVDISCARD_DEFAULT : AVDISCARD_ALL);
        }
        return container.streams(index);
    }

    public AVFormatContext container() {
        return container;
    }

    public Path path() {
        return path;
    }

    /** A new task begins, which may take its own time. */
    public void begin() {
        patience.renew();
    }

    /** Whether a task has taken too long. */
    public boolean isTooLong() {
        return patience.isOver();
    }

    /** Whoever waits for an answer gets one. */
    public void refuseIfTooLong() throws FileProblem {
        if (patience.isOver()) {
            throw FileProblem.tooSlow(path.toString());
        }
    }

    @Override
    public void close() {
        if (open) {
            open = false;
            avformat_close_input(container);
        } else if (!container.isNull()) {
            avformat_free_context(container);
            container.setNull();
        }
        patience.close();
    }
}
