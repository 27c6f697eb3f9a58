package amberlens.media.sound;

import static org.bytedeco.ffmpeg.global.avfilter.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.material.sound.Samples;
import java.util.Arrays;
import java.util.Locale;
import org.bytedeco.ffmpeg.avfilter.AVFilterContext;
import org.bytedeco.ffmpeg.avfilter.AVFilterGraph;
import org.bytedeco.ffmpeg.avutil.AVChannelLayout;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.javacpp.Pointer;

/** Makes a sound faster or slower at the same pitch, by the FFmpeg libraries' filter {@code atempo}. For one thread. */
final class Stretching implements AutoCloseable {
    /** One filter goes so far down; slower ones follow each other. */
    private static final double SLOWEST = 0.5;

    private final AVFilterGraph graph = avfilter_graph_alloc();
    private final AVFilterContext in;
    private final AVFilterContext out;
    private final AVFrame frame = av_frame_alloc();
    private long taken;

    /** @param tempo 1 as it is, 2 twice as fast; above 0 */
    Stretching(double tempo) {
        in = filter(
                "abuffer",
                "sample_rate=" + Samples.RATE + ":sample_fmt=flt:channel_layout=stereo:time_base=1/" + Samples.RATE);
        AVFilterContext last = in;
        double left = tempo;
        while (left < SLOWEST) {
            last = linked(last, filter("atempo", "tempo=" + SLOWEST));
            left /= SLOWEST;
        }
        last = linked(last, filter("atempo", String.format(Locale.ROOT, "tempo=%.9f", left)));
        last = linked(last, filter("aformat", "sample_fmts=flt:channel_layouts=stereo"));
        out = linked(last, filter("abuffersink", ""));
        require(avfilter_graph_config(graph, null));
    }

    private AVFilterContext filter(String name, String settings) {
        var made = new AVFilterContext(null);
        require(avfilter_graph_create_filter(made, avfilter_get_by_name(name), null, settings, null, graph));
        return made;
    }

    private static AVFilterContext linked(AVFilterContext from, AVFilterContext to) {
        require(avfilter_link(from, 0, to, 0));
        return to;
    }

    private static void require(int answer) {
        if (answer < 0) {
            throw new IllegalStateException("the sound cannot be stretched (" + answer + ")");
        }
    }

    /** Takes pairs of samples, and gives those that are ready. */
    float[] next(float[] pairs) {
        AVFrame given = av_frame_alloc();
        int count = pairs.length / Samples.CHANNELS;
        given.nb_samples(count);
        given.format(AV_SAMPLE_FMT_FLT);
        given.sample_rate(Samples.RATE);
        given.pts(taken);
        taken += count;
        try (var layout = new AVChannelLayout()) {
            av_channel_layout_default(layout, Samples.CHANNELS);
            given.ch_layout(layout);
        }
        require(av_frame_get_buffer(given, 0));
        new FloatPointer(given.data(0)).put(pairs);
        require(av_buffersrc_add_frame(in, given));
        av_frame_free(given);
        return ready();
    }

    /** What is left at the end. */
    float[] end() {
        require(av_buffersrc_add_frame(in, null));
        return ready();
    }

    private float[] ready() {
        float[] all = new float[0];
        while (av_buffersink_get_frame(out, frame) >= 0) {
            float[] some = new float[Samples.CHANNELS * frame.nb_samples()];
            new FloatPointer((Pointer) frame.data(0)).get(some);
            int before = all.length;
            all = Arrays.copyOf(all, before + some.length);
            System.arraycopy(some, 0, all, before, some.length);
            av_frame_unref(frame);
        }
        return all;
    }

    @Override
    public void close() {
        av_frame_free(frame);
        avfilter_graph_free(graph);
    }
}
