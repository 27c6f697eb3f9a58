package amberlens.media.footage;

import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_DATA_DISPLAYMATRIX;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_side_data_get;
import static org.bytedeco.ffmpeg.global.avformat.av_guess_sample_aspect_ratio;
import static org.bytedeco.ffmpeg.global.avutil.*;
import static org.bytedeco.ffmpeg.global.swscale.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.raster.HdrCurve;
import amberlens.media.raster.Orientation;
import amberlens.media.raster.RasterRows;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVPixFmtDescriptor;
import org.bytedeco.ffmpeg.avutil.AVRational;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.IntPointer;

/**
 * From decoded pictures to rasters: the library brings them to R′G′B′, at 16 bits where they have more than 8, by the matrix and range they are marked with
 * (BT.601 below 720 lines and BT.709 above where they are not: common practice) and makes their pixels square; turned and
 * interlaced pictures are set upright and deinterlaced on the way. Codes of ordinary films are read as sRGB codes, which is how
 * exports write them; PQ and HLG are tone-mapped, see {@link HdrCurve}.
 */
final class FilmPixels implements AutoCloseable {
    /** The flag of an interlaced picture, AV_FRAME_FLAG_INTERLACED of the library. */
    private static final int INTERLACED = 1 << 3;

    /** Ordinary films: one plane of bytes each for green, blue and red. */
    private static final int EIGHT_BITS = AV_PIX_FMT_GBRP;

    /** A shape of pixels that would make a film wider than this is a fault of its header. */
    private static final int WIDEST = 65_535;

    private static final double MOST_PIXELS = 300e6;
    private static final int SIXTEEN_BITS = AV_PIX_FMT_RGBA64;

    private final Rows rows;
    private final Orientation orientation;
    private final Size stored;
    private final FilmStream film;
    private SwsContext scaler = new SwsContext(null);
    private AVFrame codes = new AVFrame(null);
    private int made = -1;

    FilmPixels(FilmStream film, Rows rows) {
        this.film = film;
        this.rows = rows;
        orientation = orientation(film);
        stored = square(film);
    }

    /** The size with square pixels, before the picture is turned upright. */
    private static Size square(FilmStream film) {
        int width = film.stream().codecpar().width();
        int height = film.stream().codecpar().height();
        AVRational shape = av_guess_sample_aspect_ratio(film.container(), film.stream(), null);
        boolean plain = shape.num() <= 0 || shape.den() <= 0 || shape.num() == shape.den();
        double wide = plain ? width : Math.max(1, Math.rint((double) width * shape.num() / shape.den()));
        boolean possible = wide <= WIDEST && wide * height <= MOST_PIXELS;
        return new Size(possible ? (int) wide : width, height);
    }

    /** The upright size, with square pixels. */
    static Size size(FilmStream film) {
        return orientation(film).upright(square(film));
    }

    static Orientation orientation(FilmStream film) {
        var parameters = film.stream().codecpar();
        var matrix = parameters.nb_coded_side_data() == 0
                ? null
                : av_packet_side_data_get(
                        parameters.coded_side_data(), parameters.nb_coded_side_data(), AV_PKT_DATA_DISPLAYMATRIX);
        if (matrix == null || matrix.isNull()) {
            return Orientation.UPRIGHT;
        }
        double counterClockwise = av_display_rotation_get(new IntPointer(matrix.data()));
        int quarters = Math.floorMod((int) Math.round(-counterClockwise / 90), 4);
        return switch (quarters) {
            case 1 -> Orientation.QUARTER_TURN;
            case 2 -> Orientation.HALF_TURN;
            case 3 -> Orientation.THREE_QUARTER_TURN;
            default -> Orientation.UPRIGHT;
        };
    }

    Raster read(AVFrame picture) throws FileProblem {
        boolean sameSize = picture.width() == stored.width() && picture.height() == stored.height();
        if (sameSize && (picture.flags() & INTERLACED) == 0 && ComponentRows.suits(picture)) {
            return RasterRows.convert(
                    stored,
                    orientation,
                    RasterRows.Depth.EIGHT_BITS,
                    rows,
                    () -> new ComponentRows(picture, stored.width()));
        }
        prepare(picture);
        if (sws_scale_frame(scaler, codes, picture) < 0) {
            throw new FileProblem(film.path() + ": a picture could not be converted; the film is damaged there.");
        }
        boolean interlaced = (picture.flags() & INTERLACED) != 0;
        if (codes.format() == EIGHT_BITS) {
            if (orientation == Orientation.UPRIGHT && !interlaced) {
                return PlainPictures.raster(codes, stored, rows);
            }
            return RasterRows.convert(
                    stored,
                    orientation,
                    interlaced ? RasterRows.Depth.TEN_BITS : RasterRows.Depth.EIGHT_BITS,
                    rows,
                    () -> FilmRows.ofEightBits(codes, stored.width(), interlaced));
        }
        boolean opaque = (av_pix_fmt_desc_get(picture.format()).flags() & AV_PIX_FMT_FLAG_ALPHA) == 0;
        HdrCurve hdr = HdrCurve.of(picture.color_trc());
        return RasterRows.convert(
                stored,
                orientation,
                RasterRows.Depth.SIXTEEN_BITS,
                rows,
                () -> FilmRows.ofSixteenBits(codes, stored.width(), interlaced, opaque, hdr));
    }

    private void prepare(AVFrame picture) throws FileProblem {
        int key = picture.format() * 31 + picture.width() * 17 + picture.height() + picture.colorspace() * 7;
        if (key == made) {
            return;
        }
        close();
        made = key;
        int codesFormat = deep(picture) ? SIXTEEN_BITS : EIGHT_BITS;
        scaler = sws_alloc_context();
        scaler.src_w(picture.width()).src_h(picture.height()).src_format(picture.format());
        scaler.dst_w(stored.width()).dst_h(stored.height()).dst_format(codesFormat);
        scaler.flags(SWS_BICUBIC | SWS_ACCURATE_RND | SWS_FULL_CHR_H_INT);
        scaler.threads(Runtime.getRuntime().availableProcessors());
        if (sws_init_context(scaler, null, null) < 0) {
            throw new FileProblem(film.path() + ": its kind of pictures cannot be converted.");
        }
        int matrix = picture.colorspace() != AVCOL_SPC_UNSPECIFIED
                ? picture.colorspace()
                : picture.height() >= 720 ? SWS_CS_ITU709 : SWS_CS_ITU601;
        IntPointer coefficients = sws_getCoefficients(matrix);
        boolean rgb = (av_pix_fmt_desc_get(picture.format()).flags() & AV_PIX_FMT_FLAG_RGB) != 0;
        int full = rgb || picture.color_range() == AVCOL_RANGE_JPEG ? 1 : 0;
        sws_setColorspaceDetails(
                scaler, coefficients, full, sws_getCoefficients(SWS_CS_DEFAULT), 1, 0, 1 << 16, 1 << 16);
        codes = av_frame_alloc();
        codes.format(codesFormat);
        codes.width(stored.width());
        codes.height(stored.height());
        if (av_frame_get_buffer(codes, 0) < 0) {
            throw new FileProblem(film.path() + " is too large for the memory of this machine.");
        }
    }

    /**
     * Whether a picture has more than 8 bits, alpha, or is tone-mapped, which needs them; codes of R′G′B′ are passed on exactly
     * only there.
     */
    private static boolean deep(AVFrame picture) {
        AVPixFmtDescriptor format = av_pix_fmt_desc_get(picture.format());
        return format.comp(0).depth() > 8
                || (format.flags() & (AV_PIX_FMT_FLAG_RGB | AV_PIX_FMT_FLAG_ALPHA)) != 0
                || HdrCurve.of(picture.color_trc()) != HdrCurve.NONE;
    }

    @Override
    public void close() {
        made = -1;
        if (!codes.isNull()) {
            av_frame_free(codes);
            codes = new AVFrame(null);
        }
        if (scaler != null && !scaler.isNull()) {
            sws_freeContext(scaler);
            scaler = new SwsContext(null);
        }
    }
}
