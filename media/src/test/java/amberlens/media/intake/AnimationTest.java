package amberlens.media.intake;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.DeepRaster;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.RenderedFrame;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import amberlens.media.sound.SoundShelf;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class AnimationTest {
    private static final Size SIZE = new Size(40, 30);

    @TempDir
    private Path folder;

    private Path animated(FilmCodec codec, String name, int frames) throws Exception {
        Path file = folder.resolve(name);
        try (var film = new FilmFile(file, codec, Quality.BEST, SIZE, FrameRate.of(10), Rows.ALONE)) {
            for (int frame = 0; frame < frames; frame++) {
                film.write(film.deep() ? deep(frame) : plain(frame));
            }
            film.finish();
        }
        return file;
    }

    private static RenderedFrame plain(int frame) {
        int[] argb = new int[Math.toIntExact(SIZE.area())];
        Arrays.fill(argb, 0xFF000000 | 40 * frame << 16 | 0x40);
        return new FrameRaster(SIZE, argb);
    }

    private static RenderedFrame deep(int frame) {
        short[] codes = new short[Math.toIntExact(4 * SIZE.area())];
        for (int i = 0; i < codes.length; i += 4) {
            codes[i] = (short) (10_000 * frame);
            codes[i + 3] = -1;
        }
        return new DeepRaster(SIZE, codes);
    }

    @ParameterizedTest
    @EnumSource(names = {"GIF", "APNG", "WEBP"})
    void pictures_that_move_are_footage(FilmCodec codec) throws Exception {
        String name =
                "moves" + (codec == FilmCodec.APNG ? ".png" : "." + codec.name().toLowerCase(Locale.ROOT));
        Media media = MediaProbe.file(animated(codec, name, 6)).media();
        assertThat(media.kind()).isEqualTo(Media.Kind.FILM);
        assertThat(SoundShelf.isSilent(media)).isTrue();
        assertThat(media.size()).isEqualTo(SIZE);
        assertThat(media.footage().orElseThrow().frames()).isEqualTo(6);
        assertThat(media.footage().orElseThrow().rate().perSecond()).isEqualTo(10);
    }

    @ParameterizedTest
    @ValueSource(strings = {"gif", "png"})
    void a_single_picture_stays_one(String format) throws Exception {
        Path file = folder.resolve("still." + format);
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), format, file.toFile());
        assertThat(MediaProbe.file(file).media().kind()).isEqualTo(Media.Kind.PHOTO);
    }

    @Test
    void one_that_is_cut_off_within_its_first_picture_is_no_animation() throws Exception {
        byte[] whole = Files.readAllBytes(animated(FilmCodec.GIF, "whole.gif", 4));
        Path cut = Files.write(folder.resolve("cut.gif"), Arrays.copyOf(whole, 40));
        assertThat(Animation.is(cut)).isFalse();
        assertThat(Animation.is(folder.resolve("gone.gif"))).isFalse();
    }
}
