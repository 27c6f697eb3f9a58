package amberlens.media.footage;

import amberlens.core.pixels.raster.Raster;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.bytedeco.ffmpeg.global.avcodec;
import org.bytedeco.ffmpeg.global.avutil;
import org.bytedeco.javacv.FFmpegFrameRecorder;
import org.bytedeco.javacv.Java2DFrameConverter;

/** Films whose every frame carries its number as ten black or white squares, written with the FFmpeg library. */
public final class NumberedFilm {
    private static final int BITS = 10;
    private static final int SQUARE = 16;
    public static final int WIDTH = BITS * SQUARE;
    public static final int HEIGHT = 48;

    private NumberedFilm() {}

    public static BufferedImage picture(int number) {
        var image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D pen = image.createGraphics();
        for (int bit = 0; bit < BITS; bit++) {
            pen.setColor((number >> bit & 1) == 1 ? Color.WHITE : Color.BLACK);
            pen.fillRect(bit * SQUARE, 0, SQUARE, HEIGHT);
        }
        pen.dispose();
        return image;
    }

    /** Which number a picture carries. */
    public static int number(Raster picture) {
        int number = 0;
        for (int bit = 0; bit < BITS; bit++) {
            double brightness =
                    picture.at(bit * SQUARE + SQUARE / 2, HEIGHT / 2).green();
            number |= brightness > 0.4 ? 1 << bit : 0;
        }
        return number;
    }

    /** Writes so many frames, each shown at its number times the duration of a frame. */
    public static Path write(Path file, int codec, double rate, int frames, int keyDistance) throws Exception {
        try (var recorder = new FFmpegFrameRecorder(file.toFile(), WIDTH, HEIGHT);
                var converter = new Java2DFrameConverter()) {
            recorder.setVideoCodec(codec);
            recorder.setFrameRate(rate);
            recorder.setGopSize(keyDistance);
            recorder.setVideoBitrate(2_000_000);
            if (codec == avcodec.AV_CODEC_ID_MPEG2VIDEO) {
                recorder.setMaxBFrames(3); // pictures that no other one needs
            }
            recorder.setPixelFormat(avutil.AV_PIX_FMT_YUV420P);
            recorder.start();
            for (int number = 0; number < frames; number++) {
                recorder.record(converter.convert(picture(number)));
            }
        }
        return file;
    }

    /** Overwrites some bytes in the middle of a film. */
    public static void scratch(Path film) throws IOException {
        byte[] bytes = Files.readAllBytes(film);
        var chance = new Random(5);
        for (int i = 0; i < 400; i++) {
            bytes[bytes.length / 2 + i] = (byte) chance.nextInt(256);
        }
        Files.write(film, bytes);
    }

    /** Likewise, but each frame is shown at its own time. */
    public static Path writeAt(Path file, int codec, long[] micros) throws Exception {
        try (var recorder = new FFmpegFrameRecorder(file.toFile(), WIDTH, HEIGHT);
                var converter = new Java2DFrameConverter()) {
            recorder.setVideoCodec(codec);
            recorder.setFrameRate(1000);
            recorder.setGopSize(10);
            recorder.setVideoBitrate(2_000_000);
            recorder.setPixelFormat(avutil.AV_PIX_FMT_YUV420P);
            recorder.start();
            for (int number = 0; number < micros.length; number++) {
                recorder.setTimestamp(micros[number]);
                recorder.record(converter.convert(picture(number)));
            }
        }
        return file;
    }
}
