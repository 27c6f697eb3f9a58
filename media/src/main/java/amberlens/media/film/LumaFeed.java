package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.RenderedFrame;
import java.nio.ByteBuffer;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.BytePointer;

/**
 * Luma and two quarter-size differences at 8 bits. Several pictures may be under way: one thread makes them, another has them coded, and either
 * may close it.
 */
final class LumaFeed implements PictureFeed {
    private final Size size;
    private final Rows rows;
    private final List<AVFrame> all = new ArrayList<>();
    private final Deque<AVFrame> free = new ArrayDeque<>();
    private boolean closed;

    /**
     * @param size even in both directions
     */
    LumaFeed(Size size, Rows rows) throws FileProblem {
        this.size = size;
        this.rows = rows;
        free.add(another());
    }

    private AVFrame another() throws FileProblem {
        AVFrame picture = av_frame_alloc();
        all.add(picture);
        picture.format(AV_PIX_FMT_YUV420P);
        picture.width(size.width());
        picture.height(size.height());
        if (av_frame_get_buffer(picture, 0) < 0) {
            throw noMemory();
        }
        return picture;
    }

    private FileProblem noMemory() {
        return new FileProblem("There is not enough memory for frames of " + size + ".");
    }

    @Override
    public boolean worksAhead() {
        return true;
    }

    @Override
    public synchronized AVFrame picture(RenderedFrame frame) throws FileProblem {
        if (!(frame instanceof FrameRaster raster)) {
            throw new IllegalArgumentException("a film of 8 bits takes frames of 8 bits");
        }
        if (closed) {
            throw new IllegalStateException("the film is closed");
        }
        AVFrame picture = free.isEmpty() ? another() : free.remove();
        if (av_frame_make_writable(picture) < 0) {
            throw noMemory();
        }
        var luma = new Plane(picture, 0, size.height());
        var blue = new Plane(picture, 1, size.height() / 2);
        var red = new Plane(picture, 2, size.height() / 2);
        rows.inBands(size.height() / 2, () -> band(raster, luma, blue, red));
        return picture;
    }

    private static Rows.Band band(FrameRaster raster, Plane luma, Plane blue, Plane red) {
        Loops loops = Loops.best();
        int width = raster.size().width();
        byte[] upper = new byte[width];
        byte[] lower = new byte[width];
        byte[] blues = new byte[width / 2];
        byte[] reds = new byte[width / 2];
        return (first, last) -> {
            for (int pair = first; pair < last; pair++) {
                int at = 2 * pair * width;
                loops.luma(raster.argb(), at, width, upper, 0);
                loops.luma(raster.argb(), at + width, width, lower, 0);
                loops.chroma(raster.argb(), at, at + width, width / 2, blues, reds);
                luma.row(2 * pair, upper);
                luma.row(2 * pair + 1, lower);
                blue.row(pair, blues);
                red.row(pair, reds);
            }
        };
    }

    @Override
    public synchronized void sent(AVFrame picture) {
        free.add(picture);
    }

    @Override
    public synchronized void close() {
        closed = true;
        free.clear();
        all.forEach(picture -> av_frame_free(picture));
        all.clear();
    }

    /** A plane of 8-bit samples with a row pitch in bytes. */
    private record Plane(ByteBuffer bytes, int pitch) {
        Plane(AVFrame picture, int index, int height) {
            int pitch = picture.linesize(index);
            BytePointer data = picture.data(index).capacity((long) pitch * height);
            this(data.asByteBuffer(), pitch);
        }

        void row(int y, byte[] samples) {
            bytes.put(y * pitch, samples);
        }
    }
}
