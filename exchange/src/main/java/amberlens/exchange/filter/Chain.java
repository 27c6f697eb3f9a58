package amberlens.exchange.filter;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.footage.SourceTime;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.curve.Channel;
import amberlens.exchange.move.ShotMove;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Locale;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What every chain of filters has around the one that moves: the picture's frames in time, reduced to the largest size they are seen in, and at
 * the end the frame in the colours of films.
 */
final class Chain {
    /** Of colour around a picture that does not fill the frame: as far as cubic kernels look. */
    private static final int BORDER = 4;

    /** How many times finer than the frame is taken out of a picture that is seen much smaller at some time than at another. */
    private static final int FINEST = 3;

    private final ShotMove move;
    private final DoubleSummaryStatistics stretches;
    private final Size reduced;
    private final int border;

    Chain(ShotMove move) {
        this.move = move;
        stretches = IntStream.range(0, move.length())
                .mapToObj(this::stretches)
                .flatMapToDouble(s -> s)
                .summaryStatistics();
        double factor = Math.min(1, stretches.getMax());
        reduced = new Size(
                side(move.picture().width(), factor), side(move.picture().height(), factor));
        border = move.isOpen() ? BORDER : 0;
    }

    private static int side(int pixels, double factor) {
        return Math.max(1, (int) Math.ceil(pixels * factor));
    }

    /** How many frame pixels a source pixel covers at the corners of the frame. */
    private DoubleStream stretches(int at) {
        ProjectiveMap map = move.map(at);
        ProjectiveMap back = map.inverse();
        return Stream.of(Corner.values())
                .map(corner -> corner.of(move.frame()))
                .mapToDouble(c -> map.mostStretch(back.x(c.x(), c.y()), back.y(c.x(), c.y())))
                .filter(Double::isFinite);
    }

    /** The size of the reduced picture with what is put around it. */
    Size bordered() {
        return new Size(reduced.width() + 2 * border, reduced.height() + 2 * border);
    }

    /** From source pixels to pixels of the reduced picture with what is around it. */
    ProjectiveMap toBordered() {
        return ProjectiveMap.IDENTITY
                .thenScaled(
                        reduced.width() / (double) move.picture().width(),
                        reduced.height() / (double) move.picture().height())
                .thenShifted(border, border);
    }

    /** Frame pixels for each pixel of the reduced picture, at most. */
    double stretch() {
        return stretches.getMax() * move.picture().width() / reduced.width();
    }

    /** How many times finer than the frame the gate is taken out, so that fine lines do not shimmer where the picture is small. */
    int fineness() {
        double widest = stretches.getMin() / Math.max(1, stretches.getMax()) * stretch();
        return Math.clamp(Math.round(1 / Math.max(1e-3, widest)), 1, FINEST);
    }

    String background() {
        return move.project().frame().background().toString().replace("#", "0x");
    }

    /** The frames of the picture, each as large as {@link #bordered}. */
    List<String> pictures() throws FileProblem {
        List<String> chain = new ArrayList<>();
        if (move.media().moves()) {
            chain.addAll(film());
        }
        chain.add("format=gbrp");
        chain.add("scale=%d:%d:flags=lanczos".formatted(reduced.width(), reduced.height()));
        if (border > 0) {
            chain.add("pad=%d:%d:%d:%d:color=%s"
                    .formatted(bordered().width(), bordered().height(), border, border, background()));
        }
        return chain;
    }

    /** A still picture once for each frame; nothing for a film. */
    List<String> repeated() {
        return move.media().moves()
                ? List.of()
                : List.of(
                        "loop=loop=%d:size=1".formatted(move.length() - 1),
                        "trim=end_frame=" + move.length(),
                        "settb=1/(%s)"
                                .formatted(move.rate().written()), // a frame is one tick, whatever the picture came in
                        "setpts=N",
                        fps());
    }

    private String fps() {
        return "fps=" + move.rate().written();
    }

    private List<String> film() throws FileProblem {
        SourceTime time = move.project().sourceTime(move.shot()).orElseThrow();
        Channel<Double> speed = time.speed();
        boolean steady = !speed.animated() || speed.muted();
        if (!steady || !(speed.constant() > 0)) {
            throw new FileProblem(
                    "\"" + move.shot().name()
                            + "\" freezes, runs backwards or changes its speed, which FFmpeg filters cannot express; csv and otio can.");
        }
        double start = time.footage().rate().seconds(Math.max(0, time.source().in()));
        return List.of(
                String.format(Locale.ROOT, "trim=start=%.6f", start),
                "settb=AVTB",
                String.format(Locale.ROOT, "setpts=(PTS-STARTPTS)*%.9f", 100 / speed.constant()),
                fps(),
                "tpad=stop=-1:stop_mode=clone",
                "trim=end_frame=" + move.length(),
                "setpts=PTS-STARTPTS");
    }

    /** The frame in the colours of films. */
    List<String> finished() {
        Size frame = move.frame();
        boolean even = frame.width() % 2 == 0 && frame.height() % 2 == 0;
        return List.of(
                "scale=%d:%d:flags=bicubic:out_color_matrix=bt709:out_range=tv"
                        .formatted(frame.width(), frame.height()),
                "format=" + (even ? "yuv420p" : "yuv444p"),
                "setsar=1");
    }

    /** Where a place of the reduced picture with its border, mirrored if the shot is, lies in the frame. */
    FramePoint inFrame(int at, double x, double y) {
        ProjectiveMap map = toBordered().inverse().then(move.pose(at).map());
        return new FramePoint(map.x(x, y), map.y(x, y));
    }
}
