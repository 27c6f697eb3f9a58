package amberlens.demo;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.shake.Shake;
import amberlens.core.material.shake.StockShake;
import amberlens.core.material.trace.MoveAndShake;
import amberlens.core.material.trace.Stand;
import amberlens.core.material.trace.Trace;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.media.WorkPool;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import amberlens.media.pixels.PixelKey;
import amberlens.media.pixels.PixelLoader;
import amberlens.media.track.FilmTracer;
import java.nio.file.Path;
import java.util.List;

/** A short clip of somebody who walks along the south border with a camera in the hand, and the shake that is found in it again. */
final class BorderWalk {
    private static final Size SIZE = new Size(960, 540);
    private static final FrameRate RATE = FrameRate.of(25);
    private static final int FRAMES = 100;
    private static final String NAME = "Border walk";

    /** How the border is seen at first, and how much of it passes, in widths of the frame. */
    private static final double PERCENT = 38;

    private static final PicturePoint FIRST = new PicturePoint(7200, 1640);
    private static final double WAY = 0.55;

    private BorderWalk() {}

    /** Writes the clip, out of the picture of the border. */
    static void write(Media border, Path file) throws FileProblem {
        TimingCurve ease = TimingCurve.ofStrengths(0.5, 0.5);
        Shake shake = StockShake.WALKING.shake();
        Pose neutral = new Pose(Scale.uniform(PERCENT), SIZE.centre(), 0, FIRST);
        try (var rows = WorkPool.ofCores();
                var pixels = new PixelLoader(rows);
                var film = new FilmFile(file, FilmCodec.H264, Quality.SMALL, SIZE, RATE, rows)) {
            Picture picture = new Picture.Pixels(Pyramid.of(pixels.load(PixelKey.of(border, 0)), rows));
            for (int frame = 0; frame < FRAMES; frame++) {
                double part = ease.progress((double) frame / (FRAMES - 1));
                Stand hand = shake.at(RATE.seconds(frame));
                Pose walked =
                        neutral.withPosition(neutral.position().plus(new FramePoint(-WAY * part * SIZE.width(), 0)));
                var seen = LineUpFrame.dressed(
                        picture, Trace.pose(walked, hand, SIZE), Mirror.NONE, AppliedLooks.PLAIN, SIZE, SIZE);
                FrameRaster made = Compositor.compose(List.of(seen), Colour.BLACK, SIZE, rows);
                film.write(made);
            }
            film.finish();
        }
    }

    /** What the hand did, found in the clip. */
    static Shake shake(Media clip) throws FileProblem {
        try (var rows = WorkPool.ofCores();
                var pixels = new PixelLoader(rows)) {
            Trace trace = new FilmTracer(at -> pixels.load(PixelKey.of(clip, at)))
                    .trace(clip.size(), RATE, new FrameSpan(0, FRAMES - 1), _ -> true);
            return Shake.of(NAME, MoveAndShake.apart(trace).shake());
        }
    }
}
