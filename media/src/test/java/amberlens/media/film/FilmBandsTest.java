package amberlens.media.film;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.DeepRaster;
import amberlens.core.render.frame.RenderedFrame;
import amberlens.media.footage.FilmFrames;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What films of ten bits keep of a smooth fall of light: in 8 bits its steps would be a code high, 0.29 in the mean. */
class FilmBandsTest {
    private static final Size SIZE = new Size(640, 352);
    private static final int COUNT = 12;
    private static final int BLOCK = 16;

    @TempDir
    private Path folder;

    /** A grey that falls off from the middle by 20 codes. */
    private static double exact(int x, int y) {
        double far = Math.hypot(x - 320, y - 176) / 365;
        return 96.3 - 20 * far * far;
    }

    private static DeepRaster sixteenBits() {
        short[] rgba = new short[Math.toIntExact(4 * SIZE.area())];
        for (int i = 0; i < rgba.length; i++) {
            int pixel = i / 4;
            double code = i % 4 == 3 ? 255 : exact(pixel % SIZE.width(), pixel / SIZE.width());
            rgba[i] = (short) Math.round(257 * code);
        }
        return new DeepRaster(SIZE, rgba);
    }

    /** The film's last frame as codes 0 … 255 with what is behind the point. */
    private double[][] filmed(FilmCodec codec, RenderedFrame frame) throws Exception {
        Path path = folder.resolve(codec + "-" + frame.hashCode() + "." + codec.container());
        try (var film = new FilmFile(path, codec, Quality.GOOD, SIZE, FrameRate.of(25), Rows.ALONE)) {
            for (int i = 0; i < COUNT; i++) {
                film.write(frame);
            }
            film.finish();
        }
        double[][] codes = new double[SIZE.height()][SIZE.width()];
        try (var frames = new FilmFrames(path, Rows.ALONE)) {
            Raster decoded = frames.frame(COUNT - 1);
            for (int y = 0; y < SIZE.height(); y++) {
                for (int x = 0; x < SIZE.width(); x++) {
                    codes[y][x] = 255 * Srgb.toEncoded(decoded.at(x, y).green());
                }
            }
        }
        return codes;
    }

    /** How far means of 16 × 16 pixels are from the light itself: the root of the mean square over the frame. */
    private static double height(double[][] codes) {
        double squares = 0;
        int blocks = 0;
        for (int top = 0; top < SIZE.height(); top += BLOCK) {
            for (int left = 0; left < SIZE.width(); left += BLOCK) {
                double off = 0;
                for (int i = 0; i < BLOCK * BLOCK; i++) {
                    int x = left + i % BLOCK;
                    int y = top + i / BLOCK;
                    off += codes[y][x] - exact(x, y);
                }
                squares += off * off / Math.pow(BLOCK, 4);
                blocks++;
            }
        }
        return Math.sqrt(squares / blocks);
    }

    @ParameterizedTest
    @EnumSource(names = {"AV1_TEN", "DNXHR_HQX", "PRORES_HQ"})
    void films_of_ten_bits_have_none(FilmCodec codec) throws Exception {
        double[][] codes = filmed(codec, sixteenBits());
        assertThat(height(codes)).isLessThan(0.2);
    }
}
