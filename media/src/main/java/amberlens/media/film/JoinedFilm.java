package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.model.FileProblem;
import amberlens.media.OpenMedia;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVRational;

/** Puts the pieces of a film together without coding anything again: the pictures of each, one after the other, and the sound of the first. */
public final class JoinedFilm {
    static final String DEMUXERS = "mov,mp4,m4a,3gp,3g2,mj2,matroska,webm";
    static final String DECODERS =
            "h264,vp9,libvpx-vp9,av1,libdav1d,prores,ffv1,aac,opus,libopus,flac,pcm_s24le,pcm_s24be,pcm_s16le";

    private final List<Path> files;
    private final Path destination;
    private final String kind;

    /** A piece that was opened. */
    private record Opened(Path path, OpenMedia media, PieceMark mark) {}

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
        List<Opened> opened = new ArrayList<>();
        try {
            for (Path file : files) {
                var media = new OpenMedia(file, "a piece of a film", DEMUXERS, DECODERS);
                Optional<PieceMark> mark = FilmRemark.of(media).flatMap(PieceMark::read);
                if (mark.isEmpty()) {
                    media.close();
                    throw new FileProblem(file + " is not a piece of a film; pieces are rendered with --part K/N.");
                }
                opened.add(new Opened(file, media, mark.get()));
            }
            opened.sort(Comparator.comparingInt(piece -> piece.mark.piece().number()));
            requireWhole(opened);
            write(opened);
            return opened.getFirst().mark.frames();
        } finally {
            opened.forEach(piece -> piece.media.close());
        }
    }

    private static void requireWhole(List<Opened> opened) throws FileProblem {
        PieceMark first = opened.getFirst().mark;
        for (int i = 0; i < opened.size(); i++) {
            Opened piece = opened.get(i);
            PieceMark mark = piece.mark;
            boolean same = mark.piece().of() == first.piece().of()
                    && mark.frames() == first.frames()
                    && mark.piece().origin().equals(first.piece().origin());
            if (!same) {
                throw new FileProblem(piece.path + " is a piece of another film than " + opened.getFirst().path + ".");
            }
            if (i > 0 && mark.piece().number() == opened.get(i - 1).mark.piece().number()) {
                throw new FileProblem(piece.path + " and " + opened.get(i - 1).path + " are both piece "
                        + mark.piece().number() + ".");
            }
            if (mark.piece().number() != i + 1) {
                throw missing(i + 1, first);
            }
        }
        if (opened.size() < first.piece().of()) {
            throw missing(opened.size() + 1, first);
        }
    }

    private static FileProblem missing(int number, PieceMark mark) {
        return new FileProblem("Piece " + number + " of " + mark.piece().of() + " is missing.");
    }

    private void write(List<Opened> opened) throws FileProblem {
        try (var container = new Container(destination, kind)) {
            OpenMedia first = opened.getFirst().media;
            AVStream video = copied(container, stream(first, AVMEDIA_TYPE_VIDEO).orElseThrow(() -> damaged(first)));
            Optional<AVStream> heard = stream(first, AVMEDIA_TYPE_AUDIO);
            Optional<AVStream> audio =
                    heard.isPresent() ? Optional.of(copied(container, heard.get())) : Optional.empty();
            AVRational rate = first.container()
                    .streams(first.best(AVMEDIA_TYPE_VIDEO).orElseThrow())
                    .avg_frame_rate();
            container.begin(muxing(video));
            try (Sounds sounds = new Sounds(container, opened.getFirst().path, audio)) {
                for (Opened piece : opened) {
                    pictures(piece, container, video, rate, sounds);
                }
                sounds.upTo(Double.POSITIVE_INFINITY);
            }
            container.end();
            container.intoPlace();
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

    private static void pictures(Opened piece, Container container, AVStream to, AVRational rate, Sounds sounds)
            throws FileProblem {
        OpenMedia media = piece.media;
        int index = media.best(AVMEDIA_TYPE_VIDEO).orElseThrow(() -> damaged(media));
        AVStream from = media.only(index);
        AVRational frame = new AVRational().num(rate.den()).den(rate.num());
        long shift = av_rescale_q(piece.mark.first(), frame, to.time_base());
        AVPacket packet = av_packet_alloc();
        try {
            while (av_read_frame(media.container(), packet) >= 0) {
                if (packet.stream_index() == index) {
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
            media = new OpenMedia(path, "a piece of a film", DEMUXERS, DECODERS);
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
