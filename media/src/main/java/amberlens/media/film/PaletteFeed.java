package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avfilter.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.core.render.frame.RenderedFrame;
import org.bytedeco.ffmpeg.avfilter.AVFilterContext;
import org.bytedeco.ffmpeg.avfilter.AVFilterGraph;
import org.bytedeco.ffmpeg.avfilter.AVFilterInOut;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.Pointer;

/** Every frame in 256 colours of its own, chosen and dithered by the library's palette filters. */
final class PaletteFeed implements PictureFeed {
    private static final String PALETTE =
            "split[a][b];[a]palettegen=stats_mode=single:reserve_transparent=0[p];[b][p]paletteuse=new=1:dither=sierra2_4a";

    private final RgbPicture source;
    private final AVFilterGraph graph = avfilter_graph_alloc();
    private final AVFilterContext in = new AVFilterContext(null);
    private final AVFilterContext out = new AVFilterContext(null);
    private final AVFrame picture = av_frame_alloc();
    private long count;

    PaletteFeed(Size size, FrameRate rate) throws FileProblem {
        source = new RgbPicture(size, false);
        String arguments = "video_size=" + size.width() + "x" + size.height() + ":pix_fmt=" + AV_PIX_FMT_BGRA
                + ":time_base=" + rate.denominator() + "/" + rate.numerator() + ":pixel_aspect=1/1";
        int made = avfilter_graph_create_filter(in, avfilter_get_by_name("buffer"), "in", arguments, null, graph);
        made = made < 0
                ? made
                : avfilter_graph_create_filter(
                        out, avfilter_get_by_name("buffersink"), "out", null, (Pointer) null, graph);
        if (made < 0 || !connect()) {
            close();
            throw new FileProblem("This build cannot choose the colours of a GIF; export a WebP or PNG instead.");
        }
    }

    private boolean connect() {
        AVFilterInOut outputs = avfilter_inout_alloc();
        outputs.name(new BytePointer(av_strdup("in"))).filter_ctx(in).pad_idx(0).next(null);
        AVFilterInOut inputs = avfilter_inout_alloc();
        inputs.name(new BytePointer(av_strdup("out")))
                .filter_ctx(out)
                .pad_idx(0)
                .next(null);
        boolean connected = avfilter_graph_parse_ptr(graph, PALETTE, inputs, outputs, null) >= 0
                && avfilter_graph_config(graph, null) >= 0;
        avfilter_inout_free(inputs);
        avfilter_inout_free(outputs);
        return connected;
    }

    @Override
    public AVFrame picture(RenderedFrame frame) throws FileProblem {
        AVFrame filled = source.fill(frame);
        filled.pts(count++);
        if (av_buffersrc_add_frame_flags(in, filled, AV_BUFFERSRC_FLAG_KEEP_REF) < 0
                || av_buffersink_get_frame(out, picture) < 0) {
            throw new FileProblem("A frame could not be converted for the GIF.");
        }
        return picture;
    }

    @Override
    public void sent(AVFrame coded) {
        av_frame_unref(picture);
    }

    @Override
    public void close() {
        source.close();
        avfilter_graph_free(graph);
        av_frame_free(picture);
    }
}
