package amberlens.media.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.stream.IntStream;
import org.bytedeco.ffmpeg.global.avcodec;
import org.bytedeco.javacv.FFmpegFrameRecorder;
import org.bytedeco.javacv.Frame;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FilmFramesTest {
    private static final int FRAMES = 131;

    @TempDir
    private Path folder;

    /** Container, codec and rate as numerator and denominator; the codecs' numbers are those of the FFmpeg library. */
    @ParameterizedTest
    @CsvSource({
        "mp4, h264, 25, 1",
        "mp4, h264, 24000, 1001",
        "mov, h264, 30000, 1001",
        "mov, mpeg4, 24, 1",
        "mkv, h264, 50, 1",
        "mkv, mpeg2, 25, 1",
        "mp4, mpeg2, 24000, 1001",
        "mkv, ffv1, 60000, 1001",
        "webm, vp9, 30, 1",
        "avi, mpeg4, 25, 1",
        "avi, mpeg4, 30000, 1001"
    })
    void the_frame_asked_for_is_the_frame_shown_at_any_jump(
            String container, String codec, int numerator, int denominator) throws Exception {
        Path film = folder.resolve("numbers." + container);
        NumberedFilm.write(film, codec(codec), (double) numerator / denominator, FRAMES, 12);
        try (var frames = new FilmFrames(film, Rows.ALONE)) {
            assertThat(frames.footage().frames()).isEqualTo(FRAMES);
            assertThat(frames.footage().rate()).isEqualTo(new FrameRate(numerator, denominator));
            var chance = new Random(7);
            int[] asked = IntStream.concat(
                            IntStream.of(0, 1, 2, FRAMES - 1, FRAMES - 2, 64, 64, 65, 66, 3, 0, FRAMES - 1),
                            IntStream.generate(() -> chance.nextInt(FRAMES)).limit(40))
                    .toArray();
            for (int frame : asked) {
                assertThat(NumberedFilm.number(frames.frame(frame)))
                        .as("frame %d of %s", frame, film.getFileName())
                        .isEqualTo(frame);
            }
        }
    }

    private static int codec(String name) {
        return switch (name) {
            case "h264" -> avcodec.AV_CODEC_ID_H264;
            case "ffv1" -> avcodec.AV_CODEC_ID_FFV1;
            case "mpeg2" -> avcodec.AV_CODEC_ID_MPEG2VIDEO;
            case "vp9" -> avcodec.AV_CODEC_ID_VP9;
            default -> avcodec.AV_CODEC_ID_MPEG4;
        };
    }

    @Test
    void a_variable_rate_is_read_at_the_nearest_common_rate_and_every_moment_shows_what_is_on_screen_then()
            throws Exception {
        long[] micros = {0, 40_000, 80_000, 120_000, 280_000, 320_000, 360_000, 600_000, 640_000};
        Path film = NumberedFilm.writeAt(folder.resolve("phone.mkv"), avcodec.AV_CODEC_ID_FFV1, micros);
        try (var frames = new FilmFrames(film, Rows.ALONE)) {
            assertThat(frames.info().variable()).isTrue();
            assertThat(frames.footage().rate()).isEqualTo(FrameRate.of(25));
            assertThat(frames.footage().frames()).isEqualTo(17);
            int[] shown = IntStream.range(0, 17)
                    .map(frame -> {
                        try {
                            return NumberedFilm.number(frames.frame(frame));
                        } catch (FileProblem e) {
                            throw new AssertionError(e);
                        }
                    })
                    .toArray();
            assertThat(shown).containsExactly(0, 1, 2, 3, 3, 3, 3, 4, 5, 6, 6, 6, 6, 6, 6, 7, 8);
        }
    }

    @Test
    void frames_beyond_the_ends_are_the_first_and_the_last() throws Exception {
        Path film = NumberedFilm.write(folder.resolve("short.mkv"), avcodec.AV_CODEC_ID_FFV1, 25, 5, 5);
        try (var frames = new FilmFrames(film, Rows.ALONE)) {
            assertThat(NumberedFilm.number(frames.frame(-3))).isZero();
            assertThat(NumberedFilm.number(frames.frame(99))).isEqualTo(4);
        }
    }

    @Test
    void what_is_no_film_says_so_and_names_the_file() throws Exception {
        Path text = Files.writeString(folder.resolve("notes.mp4"), "not a film at all");
        assertThatThrownBy(() -> FilmInfo.of(text))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("notes.mp4")
                .hasMessageContaining("cannot be read as a film");
        assertThatThrownBy(() -> FilmInfo.of(folder.resolve("gone.mp4"))).hasMessageContaining("is not there");
        Path empty = Files.createFile(folder.resolve("empty.mov"));
        assertThatThrownBy(() -> FilmInfo.of(empty)).isInstanceOf(FileProblem.class);
    }

    @Test
    void a_film_without_its_index_is_refused_and_one_cut_off_shows_what_is_left() throws Exception {
        Path whole = NumberedFilm.write(folder.resolve("whole.mp4"), avcodec.AV_CODEC_ID_MPEG4, 25, 100, 12);
        Path headless = folder.resolve("headless.mp4");
        Files.write(headless, java.util.Arrays.copyOf(Files.readAllBytes(whole), (int) Files.size(whole) / 2));
        assertThatThrownBy(() -> FilmInfo.of(headless)).hasMessageContaining("headless.mp4");

        Path cut = NumberedFilm.write(folder.resolve("cut.mkv"), avcodec.AV_CODEC_ID_FFV1, 25, 100, 10);
        try (var file = new RandomAccessFile(cut.toFile(), "rw")) {
            file.setLength(file.length() / 2);
        }
        try (var frames = new FilmFrames(cut, Rows.ALONE)) {
            int left = frames.footage().frames();
            assertThat(left).isBetween(30, 70);
            assertThat(NumberedFilm.number(frames.frame(20))).isEqualTo(20);
            assertThat(NumberedFilm.number(frames.frame(left - 2))).isEqualTo(left - 2);
        }
    }

    @Test
    void damaged_frames_are_named_and_the_whole_ones_are_still_right() throws Exception {
        Path film = NumberedFilm.write(folder.resolve("scratched.mov"), avcodec.AV_CODEC_ID_MPEG4, 25, 100, 10);
        NumberedFilm.scratch(film);
        try (var frames = new FilmFrames(film, Rows.ALONE)) {
            for (int frame = 0; frame < frames.footage().frames(); frame++) {
                Raster shown = frames.frame(frame);
                if (frame < 30) {
                    assertThat(NumberedFilm.number(shown)).isEqualTo(frame);
                }
            }
            assertThat(frames.damaged()).isNotEmpty().allMatch(frame -> frame >= 30 && frame < 80);
        }
    }

    @Test
    void sound_alone_is_no_footage() throws Exception {
        Path tune = folder.resolve("tune.m4a");
        try (var recorder = new FFmpegFrameRecorder(tune.toFile(), 1)) {
            recorder.setAudioCodec(avcodec.AV_CODEC_ID_AAC);
            recorder.setSampleRate(44_100);
            recorder.start();
            recorder.recordSamples(44_100, 1, java.nio.ShortBuffer.allocate(44_100));
        }
        assertThatThrownBy(() -> FilmInfo.of(tune)).hasMessageContaining("only sound");
    }

    /** The two fields of an interlaced picture are of two moments; only the first is shown, so that nothing combs. */
    @Test
    void an_interlaced_picture_shows_one_moment_only() throws Exception {
        Path film = folder.resolve("fields.mkv");
        try (var recorder = new FFmpegFrameRecorder(film.toFile(), 64, 48);
                var image = new org.bytedeco.javacv.Java2DFrameConverter()) {
            recorder.setVideoCodec(avcodec.AV_CODEC_ID_MPEG2VIDEO);
            recorder.setVideoOption("flags", "+ildct+ilme");
            recorder.setVideoQuality(1);
            recorder.setFrameRate(25);
            recorder.setPixelFormat(org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV422P);
            recorder.start();
            var picture = new java.awt.image.BufferedImage(64, 48, java.awt.image.BufferedImage.TYPE_3BYTE_BGR);
            for (int y = 0; y < 48; y += 2) {
                picture.createGraphics().fillRect(0, y, 32, 1); // white on the left in the first field
                picture.createGraphics().fillRect(32, y + 1, 32, 1); // and on the right in the second
            }
            recorder.record(image.convert(picture));
        }
        try (var frames = new FilmFrames(film, Rows.ALONE)) {
            Raster shown = frames.frame(0);
            for (int y = 0; y < 48; y++) {
                assertThat(shown.at(12, y).green()).as("row %d", y).isGreaterThan(0.8);
                assertThat(shown.at(52, y).green()).as("row %d", y).isLessThan(0.05);
            }
        }
    }

    /** Chroma stored for every other pixel is interpolated in between and not repeated, so a ramp of hue rises from pixel to pixel. */
    @Test
    void halved_chroma_is_interpolated() throws Exception {
        Path film = folder.resolve("ramp.mkv");
        try (var recorder = new FFmpegFrameRecorder(film.toFile(), 64, 48);
                var image = new org.bytedeco.javacv.Java2DFrameConverter()) {
            recorder.setVideoCodec(avcodec.AV_CODEC_ID_FFV1);
            recorder.setFrameRate(25);
            recorder.setPixelFormat(org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P);
            recorder.start();
            var picture = new java.awt.image.BufferedImage(64, 48, java.awt.image.BufferedImage.TYPE_3BYTE_BGR);
            for (int x = 0; x < 64; x++) {
                for (int y = 0; y < 48; y++) {
                    picture.setRGB(x, y, 60 + 2 * x << 16 | 120 << 8 | 190 - 2 * x);
                }
            }
            recorder.record(image.convert(picture));
        }
        try (var frames = new FilmFrames(film, Rows.ALONE)) {
            Raster shown = frames.frame(0);
            int still = 0;
            for (int x = 8; x < 56; x++) {
                still += shown.at(x, 24).red() == shown.at(x + 1, 24).red() ? 1 : 0;
            }
            assertThat(still).as("equal neighbours of a ramp").isLessThan(8);
        }
    }

    @Test
    void pixels_that_are_not_square_and_turned_pictures_come_out_upright_and_square() throws Exception {
        Path wide = folder.resolve("anamorphic.mkv");
        try (var recorder = new FFmpegFrameRecorder(wide.toFile(), 72, 48);
                var image = new org.bytedeco.javacv.Java2DFrameConverter()) {
            recorder.setVideoCodec(avcodec.AV_CODEC_ID_FFV1);
            recorder.setFrameRate(25);
            recorder.setAspectRatio(2);
            recorder.setPixelFormat(org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P);
            recorder.start();
            Frame frame = image.convert(
                    new java.awt.image.BufferedImage(72, 48, java.awt.image.BufferedImage.TYPE_3BYTE_BGR));
            recorder.record(frame);
        }
        assertThat(FilmInfo.of(wide).size()).isEqualTo(new Size(144, 48));

        Path turned = folder.resolve("turned.mov");
        try (var recorder = new FFmpegFrameRecorder(turned.toFile(), 64, 48);
                var image = new org.bytedeco.javacv.Java2DFrameConverter()) {
            recorder.setVideoCodec(avcodec.AV_CODEC_ID_MPEG4);
            recorder.setFrameRate(25);
            recorder.setDisplayRotation(-90.0);
            recorder.setPixelFormat(org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P);
            recorder.start();
            var picture = new java.awt.image.BufferedImage(64, 48, java.awt.image.BufferedImage.TYPE_3BYTE_BGR);
            picture.createGraphics().fillRect(0, 0, 32, 24);
            recorder.record(image.convert(picture));
        }
        FilmInfo info = FilmInfo.of(turned);
        assertThat(info.size()).isEqualTo(new Size(48, 64));
        try (var frames = new FilmFrames(turned, Rows.ALONE)) {
            var upright = frames.frame(0);
            assertThat(upright.at(36, 16).green()).isGreaterThan(0.8);
            assertThat(upright.at(12, 16).green()).isLessThan(0.1);
        }
    }
}
