package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.model.project.FileProblem;
import amberlens.media.OpenMedia;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVRational;

/** Puts the pieces of a film together without coding anything again: the pictures of each, one after the other, and the sound of the first. */
public final class JoinedFilm {
    /** So many bytes of nothing in a row are no coded picture, but a stretch of a disk that was never written. */
    private static final int LONGEST_GAP = 512;

    /** In small pictures it is one when it is half of them, but not less than this. */
    private static final int LEAST_GAP = 16;

    private final List<Path> files;
    private final Path destination;
    private final String kind;

    private JoinedFilm(List<Path> files, Path destination, String kind) {
        this.files = files;
        this.destination = destination;
        this.kind = kind;
    }

    /**
     * Joins pieces, named in any order.
     *
     * @param codec by which the destination's container is known
     * @return how many frames the film has
     * @throws FileProblem naming the piece that is missing, twice there, or of another film
     */
    public static int join(List<Path> files, Path destination, FilmCodec codec) throws FileProblem {
        return new JoinedFilm(files, destination, codec.container()).join();
    }

    private int join() throws FileProblem {
        try (PieceSet set = PieceSet.of(files)) {
            write(set);
            return set.first().mark().frames();
        }
    }

    private void write(PieceSet set) throws FileProblem {
        try (var container = new Container(destination, kind)) {
            OpenMedia first = set.first().media();
            AVStream video = copied(container, stream(first, AVMEDIA_TYPE_VIDEO).orElseThrow(() -> damaged(first)));
            Optional<AVStream> heard = stream(first, AVMEDIA_TYPE_AUDIO);
            Optional<AVStream> audio =
                    heard.isPresent() ? Optional.of(copied(container, heard.get())) : Optional.empty();
            requireHeld(container, video);
            if (audio.isPresent()) {
                requireHeld(container, audio.get());
            }
            AVRational rate = first.container()
                    .streams(first.best(AVMEDIA_TYPE_VIDEO).orElseThrow())
                    .avg_frame_rate();
            container.begin(muxing(video));
            try (Sounds sounds = new Sounds(container, set.first().path(), audio)) {
                for (PieceSet.Opened piece : set.pieces()) {
                    pictures(piece, container, video, rate, sounds);
                }
                sounds.upTo(Double.POSITIVE_INFINITY);
            }
            container.end();
            container.intoPlace();
        }
    }

    private void requireHeld(Container container, AVStream stream) throws FileProblem {
        int held = avformat_query_codec(
                container.context().oformat(), stream.codecpar().codec_id(), FF_COMPLIANCE_NORMAL);
        if (held == 0) {
            throw new FileProblem(
                    destination + " cannot hold what the pieces are coded as; let its name end as theirs do.");
        }
    }

    private Map<String, String> muxing(AVStream video) {
        return kind.equals("mp4") || kind.equals("mov")
                ? Map.of(
                        "movflags",
                        "+faststart",
                        "video_track_timescale",
                        String.valueOf(video.time_base().den()))
                : Map.of();
    }

    private static FileProblem damaged(OpenMedia media) {
        return new FileProblem(media.path() + " has no pictures; render that piece again.");
    }

    private static Optional<AVStream> stream(OpenMedia media, int kind) {
        OptionalInt index = media.best(kind);
        return index.isPresent() ? Optional.of(media.container().streams(index.getAsInt())) : Optional.empty();
    }

    private static AVStream copied(Container container, AVStream from) throws FileProblem {
        AVStream to = avformat_new_stream(container.context(), null);
        container.must(avcodec_parameters_copy(to.codecpar(), from.codecpar()), "the stream");
        to.codecpar().codec_tag(0);
        to.time_base(from.time_base());
        to.avg_frame_rate(from.avg_frame_rate());
        to.r_frame_rate(from.r_frame_rate());
        return to;
    }

    private static void pictures(
            PieceSet.Opened piece, Container container, AVStream to, AVRational rate, Sounds sounds)
            throws FileProblem {
        OpenMedia media = piece.media();
        int index = media.best(AVMEDIA_TYPE_VIDEO).orElseThrow(() -> damaged(media));
        AVStream from = media.only(index);
        AVRational frame = new AVRational().num(rate.den()).den(rate.num());
        long shift = av_rescale_q(piece.mark().first(), frame, to.time_base());
        AVPacket packet = av_packet_alloc();
        int frames = 0;
        try {
            while (av_read_frame(media.container(), packet) >= 0) {
                if (packet.stream_index() == index) {
                    frames++;
                    requireWritten(packet, piece.path());
                    av_packet_rescale_ts(packet, from.time_base(), to.time_base());
                    packet.pts(packet.pts() + shift);
                    packet.dts(packet.dts() + shift);
                    packet.stream_index(to.index());
                    packet.pos(-1);
                    sounds.upTo(packet.dts() * av_q2d(to.time_base()));
                    container.must(av_interleaved_write_frame(container.context(), packet), "the file");
                }
                av_packet_unref(packet);
            }
            media.refuseIfTooLong();
        } finally {
            av_packet_free(packet);
        }
        if (frames != piece.frames()) {
            throw new FileProblem(piece.path() + " holds " + frames + " frames and should hold " + piece.frames()
                    + ": it is cut off, or was changed; render that piece again.");
        }
    }

    private static void requireWritten(AVPacket packet, Path path) throws FileProblem {
        byte[] data = new byte[packet.size()];
        packet.data().position(0).get(data);
        int most = Math.clamp(data.length / 2, LEAST_GAP, LONGEST_GAP);
        int gap = 0;
        for (byte one : data) {
            gap = one == 0 ? gap + 1 : 0;
            if (gap >= most) {
                throw new FileProblem(path + " is damaged: a part of it was never written; render that piece again.");
            }
        }
        if (data.length == 0 || (packet.flags() & AV_PKT_FLAG_CORRUPT) != 0) {
            throw new FileProblem(path + " is damaged; render that piece again.");
        }
    }

    /** The sound of the first piece, which is that of the whole film, read beside its pictures. */
    private static final class Sounds implements AutoCloseable {
        private final Container container;
        private final OpenMedia media;
        private final Optional<AVStream> to;
        private final AVPacket packet = av_packet_alloc();
        private boolean held;
        private boolean ended;

        /** @param to where it goes; empty where nothing is heard */
        Sounds(Container container, Path path, Optional<AVStream> to) throws FileProblem {
            this.container = container;
            this.to = to;
            ended = to.isEmpty();
            media = new OpenMedia(path, "a piece of a film", PieceSet.DEMUXERS, PieceSet.DECODERS);
            media.best(AVMEDIA_TYPE_AUDIO).ifPresent(media::only);
        }

        /** Writes what is heard until then. */
        void upTo(double seconds) throws FileProblem {
            while (!ended) {
                if (!held && !next()) {
                    return;
                }
                if (packet.dts() * av_q2d(to.orElseThrow().time_base()) > seconds) {
                    return;
                }
                held = false;
                container.must(av_interleaved_write_frame(container.context(), packet), "the file");
            }
        }

        private boolean next() {
            AVStream target = to.orElseThrow();
            int index = media.best(AVMEDIA_TYPE_AUDIO).orElseThrow();
            while (av_read_frame(media.container(), packet) >= 0) {
                if (packet.stream_index() == index) {
                    av_packet_rescale_ts(
                            packet, media.container().streams(index).time_base(), target.time_base());
                    packet.stream_index(target.index());
                    held = true;
                    return true;
                }
                av_packet_unref(packet);
            }
            ended = true;
            return false;
        }

        @Override
        public void close() {
            av_packet_free(packet);
            media.close();
        }
    }
}
