package amberlens.media.export;

import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.media.film.FilmEncoder;
import amberlens.media.film.FilmFile;
import amberlens.media.film.PictureCoding;
import amberlens.media.film.Quality;
import amberlens.media.footage.FilmFrames;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** A film of ten frames, made by an encoder and read back: drivers say that they can, and then give green, or nothing. */
final class TenFrames {
    private static final int COUNT = 10;

    /** How far the green of a picture may be off in the mean, in codes: more than coding loses on anything so smooth. */
    private static final double OFF = 6;

    private static final int STEP = 16;

    private TenFrames() {}

    /** @throws FileProblem when the film cannot be made, or is not of the frames that were given */
    static void check(FilmEncoder encoder, Size size, FrameRate rate) throws FileProblem {
        try {
            Path file = Files.createTempFile("ten-frames", ".mp4");
            try {
                write(file, encoder, size, rate);
                compare(file, size);
            } finally {
                Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            throw new FileProblem("ten frames could not be written: " + e.getMessage() + ".", e);
        }
    }

    private static void write(Path file, FilmEncoder encoder, Size size, FrameRate rate) throws FileProblem {
        var coding = PictureCoding.by(encoder, Quality.GOOD, size, rate);
        try (var film = new FilmFile(file, coding, Rows.ALONE, Optional.empty(), Optional.empty())) {
            for (int i = 0; i < COUNT; i++) {
                film.write(frame(size, i));
            }
            film.finish();
        }
    }

    /** A fall of light from a corner to the other, which a bright bar crosses. */
    static FrameRaster frame(Size size, int number) {
        int[] argb = new int[Math.toIntExact(size.area())];
        for (int i = 0; i < argb.length; i++) {
            int code = green(size, number, i % size.width(), i / size.width());
            argb[i] = 0xFF000000 | code << 16 | code << 8 | code / 2;
        }
        return new FrameRaster(size, argb);
    }

    private static int green(Size size, int number, int x, int y) {
        int bar = (number + 1) * size.width() / (COUNT + 2);
        return Math.abs(x - bar) < size.width() / 12 ? 220 : 40 + 60 * x / size.width() + 60 * y / size.height();
    }

    static void compare(Path file, Size size) throws FileProblem {
        try (var frames = new FilmFrames(file, Rows.ALONE)) {
            if (frames.footage().frames() != COUNT) {
                throw new FileProblem("of " + COUNT + " frames its film holds "
                        + frames.footage().frames() + ".");
            }
            for (int i = 0; i < COUNT; i++) {
                double off = off(frames.frame(i), size, i);
                if (off > OFF) {
                    throw new FileProblem("its film does not show what it was given.");
                }
            }
        }
    }

    private static double off(Raster read, Size size, int number) {
        double sum = 0;
        int count = 0;
        for (int y = STEP / 2; y < size.height(); y += STEP) {
            for (int x = STEP / 2; x < size.width(); x += STEP) {
                sum += Math.abs(255 * Srgb.toEncoded(read.at(x, y).green()) - green(size, number, x, y));
                count++;
            }
        }
        return sum / count;
    }
}
