package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_VIDEO;

import amberlens.core.model.project.FileProblem;
import amberlens.files.FileWords;
import amberlens.media.OpenMedia;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;

/** The pieces of one film, opened and in their order. */
final class PieceSet implements AutoCloseable {
    static final String DEMUXERS = "mov,mp4,m4a,3gp,3g2,mj2,matroska,webm";
    static final String DECODERS =
            "h264,vp9,libvpx-vp9,av1,libdav1d,prores,ffv1,aac,opus,libopus,flac,pcm_s24le,pcm_s24be,pcm_s16le";

    /**
     * One of them.
     *
     * @param frames how many pictures it has to hold
     */
    record Opened(Path path, OpenMedia media, PieceMark mark, int frames) {}

    private final List<Opened> pieces;

    private PieceSet(List<Opened> pieces) {
        this.pieces = pieces;
    }

    /**
     * Opens pieces, named in any order.
     *
     * @throws FileProblem naming the piece that is missing, twice there, or of another film
     */
    static PieceSet of(List<Path> files) throws FileProblem {
        List<Opened> opened = new ArrayList<>();
        try {
            for (Path file : files) {
                opened.add(opened(file));
            }
            opened.sort(Comparator.comparingInt(piece -> piece.mark.piece().number()));
            requireWhole(opened);
            return new PieceSet(counted(opened));
        } catch (FileProblem | RuntimeException | Error e) {
            opened.forEach(piece -> piece.media.close());
            throw e;
        }
    }

    private static Opened opened(Path file) throws FileProblem {
        try {
            if (Files.isRegularFile(file) && ContainerEnd.isMissing(file)) {
                throw new FileProblem(file + " is cut off; copy it again, or render that piece again.");
            }
        } catch (IOException e) {
            throw new FileProblem(file + " cannot be read: " + FileWords.reason(e) + ".", e);
        }
        var media = new OpenMedia(file, "a piece of a film", DEMUXERS, DECODERS);
        var mark = FilmRemark.of(media).flatMap(PieceMark::read);
        if (mark.isEmpty()) {
            media.close();
            throw new FileProblem(file + " is not a piece of a film; pieces are rendered with --part K/N.");
        }
        return new Opened(file, media, mark.get(), 0);
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
                throw ofAnother(piece, opened.getFirst());
            }
            if (i > 0 && mark.piece().number() == opened.get(i - 1).mark.piece().number()) {
                throw new FileProblem(piece.path + " and " + opened.get(i - 1).path + " are both piece "
                        + mark.piece().number() + ".");
            }
            if (mark.piece().number() != i + 1) {
                throw missing(i + 1, first);
            }
            if (!coded(piece, opened.getFirst())) {
                throw ofAnother(piece, opened.getFirst());
            }
        }
        if (opened.size() < first.piece().of()) {
            throw missing(opened.size() + 1, first);
        }
    }

    private static FileProblem ofAnother(Opened piece, Opened first) {
        return new FileProblem(piece.path + " is a piece of another film than " + first.path + ".");
    }

    private static FileProblem missing(int number, PieceMark mark) {
        return new FileProblem("Piece " + number + " of " + mark.piece().of() + " is missing.");
    }

    /** Whether both are coded alike, so that one decoder can read them one after the other. */
    private static boolean coded(Opened one, Opened other) throws FileProblem {
        AVCodecParameters mine = parameters(one);
        AVCodecParameters theirs = parameters(other);
        return mine.codec_id() == theirs.codec_id()
                && mine.width() == theirs.width()
                && mine.height() == theirs.height()
                && mine.format() == theirs.format()
                && Arrays.equals(extra(mine), extra(theirs));
    }

    private static byte[] extra(AVCodecParameters parameters) {
        byte[] extra = new byte[Math.max(0, parameters.extradata_size())];
        if (extra.length > 0) {
            parameters.extradata().position(0).get(extra);
        }
        return extra;
    }

    private static AVCodecParameters parameters(Opened piece) throws FileProblem {
        int index = piece.media
                .best(AVMEDIA_TYPE_VIDEO)
                .orElseThrow(() -> new FileProblem(piece.path + " has no pictures; render that piece again."));
        return piece.media.container().streams(index).codecpar();
    }

    /** How many frames each holds follows from where the next one begins. */
    private static List<Opened> counted(List<Opened> opened) throws FileProblem {
        List<Opened> counted = new ArrayList<>();
        for (int i = 0; i < opened.size(); i++) {
            Opened piece = opened.get(i);
            int from = piece.mark.first();
            int to = i + 1 < opened.size() ? opened.get(i + 1).mark.first() : piece.mark.frames();
            if (to <= from || (i == 0 && from != 0)) {
                throw new FileProblem(piece.path + " says it begins at frame " + from
                        + ", which is impossible; render that piece again.");
            }
            counted.add(new Opened(piece.path, piece.media, piece.mark, to - from));
        }
        return counted;
    }

    List<Opened> pieces() {
        return pieces;
    }

    Opened first() {
        return pieces.getFirst();
    }

    @Override
    public void close() {
        pieces.forEach(piece -> piece.media.close());
    }
}
