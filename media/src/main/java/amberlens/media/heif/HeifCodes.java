package amberlens.media.heif;

import static org.bytedeco.ffmpeg.global.avutil.*;
import static org.bytedeco.ffmpeg.global.swscale.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVPixFmtDescriptor;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.IntPointer;

/** The codes of a whole picture, red, green and blue side by side at 16 bits or 8, put together from its tiles. For one thread. */
final class HeifCodes {
    /** The matrix of pictures that are marked with none: BT.601, as JPEG has it (common practice). */
    private static final int USUAL_MATRIX = SWS_CS_ITU601;

    private final Path path;
    private final HeifLayout layout;
    private final Size size;
    private final boolean deep;
    private final byte[] bytes;
    private final short[] shorts;
    private int transfer = AVCOL_TRC_UNSPECIFIED;
    private int primaries = AVCOL_PRI_UNSPECIFIED;

    HeifCodes(Path path, HeifLayout layout) {
        this.path = path;
        this.layout = layout;
        size = layout.shown();
        deep = layout.bits() > 8;
        int codes = Math.toIntExact(3 * size.area());
        bytes = new byte[deep ? 0 : codes];
        shorts = new short[deep ? codes : 0];
    }

    boolean deep() {
        return deep;
    }

    /** The transfer of its tiles, as the libraries count them. */
    int transfer() {
        return transfer;
    }

    /** Their primaries. */
    int primaries() {
        return primaries;
    }

    /** Puts a decoded tile where it stands; what of it is not shown is left out. */
    void put(AVFrame picture, int x, int y) throws FileProblem {
        transfer = picture.color_trc();
        primaries = picture.color_primaries();
        AVFrame plain = av_frame_alloc();
        SwsContext scaler = sws_alloc_context();
        try {
            plain.format(deep ? AV_PIX_FMT_RGB48 : AV_PIX_FMT_RGB24);
            plain.width(picture.width());
            plain.height(picture.height());
            convert(scaler, picture, plain);
            copy(plain, x - layout.left(), y - layout.top());
        } finally {
            sws_freeContext(scaler);
            av_frame_free(plain);
        }
    }

    private void convert(SwsContext scaler, AVFrame picture, AVFrame plain) throws FileProblem {
        scaler.src_w(picture.width()).src_h(picture.height()).src_format(picture.format());
        scaler.dst_w(plain.width()).dst_h(plain.height()).dst_format(plain.format());
        scaler.flags(SWS_BICUBIC | SWS_ACCURATE_RND | SWS_FULL_CHR_H_INT);
        if (sws_init_context(scaler, null, null) < 0 || av_frame_get_buffer(plain, 0) < 0) {
            throw new FileProblem(path + ": its kind of pictures cannot be converted.");
        }
        AVPixFmtDescriptor format = av_pix_fmt_desc_get(picture.format());
        boolean rgb = (format.flags() & AV_PIX_FMT_FLAG_RGB) != 0;
        int full = rgb || picture.color_range() == AVCOL_RANGE_JPEG ? 1 : 0;
        int matrix = picture.colorspace() == AVCOL_SPC_UNSPECIFIED ? USUAL_MATRIX : picture.colorspace();
        IntPointer coefficients = sws_getCoefficients(matrix);
        sws_setColorspaceDetails(
                scaler, coefficients, full, sws_getCoefficients(SWS_CS_DEFAULT), 1, 0, 1 << 16, 1 << 16);
        if (sws_scale_frame(scaler, plain, picture) < 0) {
            throw new FileProblem(path + " is damaged: a part of its picture cannot be converted.");
        }
    }

    private void copy(AVFrame plain, int left, int top) {
        int from = Math.max(0, -left);
        int count = Math.min(plain.width() - from, size.width() - Math.max(0, left));
        if (count <= 0) {
            return;
        }
        ByteBuffer all = plain.data(0)
                .capacity((long) plain.linesize(0) * plain.height())
                .asByteBuffer()
                .order(ByteOrder.nativeOrder());
        for (int row = Math.max(0, -top); row < plain.height() && top + row < size.height(); row++) {
            int to = 3 * ((top + row) * size.width() + Math.max(0, left));
            int at = row * plain.linesize(0) + 3 * from * (deep ? Short.BYTES : 1);
            if (deep) {
                all.position(at)
                        .slice()
                        .order(ByteOrder.nativeOrder())
                        .asShortBuffer()
                        .get(shorts, to, 3 * count);
            } else {
                all.get(at, bytes, to, 3 * count);
            }
        }
    }

    /** Fills a row with four codes of 16 bits for each pixel. */
    void row(int y, int[] rgba) {
        int at = 3 * y * size.width();
        for (int x = 0; x < size.width(); x++) {
            for (int c = 0; c < 3; c++) {
                rgba[4 * x + c] = deep ? shorts[at++] & 0xFFFF : (bytes[at++] & 0xFF) * 257;
            }
            rgba[4 * x + 3] = 65_535;
        }
    }
}
