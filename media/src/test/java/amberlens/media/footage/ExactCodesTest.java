package amberlens.media.footage;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.pixels.raster.Light;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.DeepRaster;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Films without any loss give every code back as it was. */
class ExactCodesTest {
    private static final Size SIZE = new Size(64, 16);

    @TempDir
    private Path folder;

    @ParameterizedTest
    @EnumSource(
            value = FilmCodec.class,
            names = {"APNG", "FFV1"})
    void all_greys_and_all_codes_of_each_colour_come_back_exactly(FilmCodec codec) throws Exception {
        int[] codes = new int[(int) SIZE.area()];
        short[] deep = new short[4 * codes.length];
        for (int i = 0; i < codes.length; i++) {
            int code = i % 256;
            codes[i] = 0xFF000000
                    | switch (i / 256) {
                        case 0 -> code * 0x010101;
                        case 1 -> code << 16;
                        case 2 -> code << 8;
                        default -> code;
                    };
            for (int c = 0; c < 4; c++) {
                int shift = c == 3 ? 24 : 16 - 8 * c;
                deep[4 * i + c] = (short) ((codes[i] >>> shift & 255) * 257);
            }
        }
        Path file = folder.resolve(codec == FilmCodec.APNG ? "greys.apng" : "greys.mkv");
        try (var film = new FilmFile(file, codec, Quality.GOOD, SIZE, FrameRate.of(25), Rows.ALONE)) {
            for (int frame = 0; frame < 3; frame++) {
                film.write(new DeepRaster(SIZE, deep));
            }
            film.finish();
        }
        try (var frames = new FilmFrames(file, Rows.ALONE)) {
            Raster read = frames.frame(1);
            for (int i = 0; i < codes.length; i++) {
                Light light = read.at(i % SIZE.width(), i / SIZE.width());
                int rgb = code(light.red()) << 16 | code(light.green()) << 8 | code(light.blue());
                assertThat(rgb).as("pixel %d", i).isEqualTo(codes[i] & 0xFFFFFF);
            }
        }
    }

    private static int code(double light) {
        return (int) Math.round(255 * Srgb.toEncoded(light));
    }
}
