package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.model.project.FileProblem;
import amberlens.files.FileWords;
import amberlens.files.PartFiles;
import amberlens.files.WholeFile;
import amberlens.media.FfmpegCode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.javacpp.PointerPointer;

/** A file that is being written by the FFmpeg libraries, beside its place until it is whole. For one thread. */
final class Container implements AutoCloseable {
    private final Path destination;
    private final WholeFile part;
    private final AVFormatContext context = new AVFormatContext(null);
    private boolean open = true;

    /**
     * Makes it; its streams are added before it is begun.
     *
     * @param kind by its name in the libraries
     * @throws FileProblem when the place cannot be written to
     */
    Container(Path destination, String kind) throws FileProblem {
        this.destination = destination;
        av_log_set_level(AV_LOG_QUIET);
        part = aside(destination);
        try {
            must(avformat_alloc_output_context2(context, null, kind, part.path().toString()), "the container");
        } catch (FileProblem | RuntimeException | Error e) {
            close();
            throw e;
        }
    }

    private static WholeFile aside(Path destination) throws FileProblem {
        try {
            WholeFile.makeFolder(destination);
            PartFiles.removeBeside(destination);
            return WholeFile.beside(destination);
        } catch (IOException e) {
            throw FileWords.cannotWrite(destination, e);
        }
    }

    AVFormatContext context() {
        return context;
    }

    /** Says something of the file in it; before it is begun. */
    void comment(String words) {
        AVDictionary metadata = dictionary(Map.of("comment", words));
        context.metadata(metadata);
    }

    /** Where it is until it is whole. */
    Path path() {
        return part.path();
    }

    /** Opens the file and writes its header. */
    void begin(Map<String, String> options) throws FileProblem {
        var file = new AVIOContext(null);
        must(avio_open(file, part.path().toString(), AVIO_FLAG_WRITE), "the file");
        context.pb(file);
        AVDictionary muxing = dictionary(options);
        must(avformat_write_header(context, muxing), "the file");
        av_dict_free(muxing);
    }

    static AVDictionary dictionary(Map<String, String> entries) {
        var dictionary = new AVDictionary(null);
        entries.forEach((name, value) -> av_dict_set(dictionary, name, value, 0));
        return dictionary;
    }

    /** Writes what stands at the end. */
    void end() throws FileProblem {
        must(av_write_trailer(context), "the file");
        must(context.pb().error(), "the file");
        release();
    }

    /** Puts the file, which has ended, where it belongs. */
    void intoPlace() throws FileProblem {
        try {
            part.intoPlace();
        } catch (IOException e) {
            throw FileWords.cannotWrite(destination, e);
        } finally {
            part.close();
        }
    }

    private void release() {
        open = false;
        if (!context.isNull()) {
            if (context.pb() != null && !context.pb().isNull()) {
                avio_closep(new PointerPointer<AVIOContext>(1).put(context.pb()));
                context.pb(null);
            }
            avformat_free_context(context);
        }
    }

    /** Refuses an answer of the libraries that is an error. */
    void must(int code, String what) throws FileProblem {
        if (code >= 0) {
            return;
        }
        throw new FileProblem(destination + " cannot be written: " + FfmpegCode.words(code) + " (" + what
                + "); check the free space or choose another place.");
    }

    /** A file that was not put into its place leaves nothing behind. */
    @Override
    public void close() {
        if (open) {
            release();
        }
        part.close();
    }
}
