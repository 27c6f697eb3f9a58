package amberlens.trials;

import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import amberlens.core.raster.Rows;
import amberlens.core.render.DeepRaster;
import amberlens.core.render.FrameRaster;
import amberlens.core.time.FrameRate;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import javax.imageio.ImageIO;

/** Good files of every kind, small ones, made when they are needed. */
final class Seeds {
    private static final Size SIZE = new Size(96, 64);
    private static final int FRAMES = 12;

    /** One red pixel, without loss, made by hand from the container's published layout. */
    private static final String WEBP = "UklGRhwAAABXRUJQVlA4TA8AAAAvAAAAAAcQ/Y/+ByKi/wEA";

    /** A good file and the ending of its name. */
    record Seed(byte[] bytes, String ending) {}

    private Seeds() {}

    static List<Seed> of(Kind kind, Path folder) throws IOException, FileProblem {
        return switch (kind) {
            case PROJECT -> List.of(new Seed(resource("everything.amber"), ".amber"));
            case PICTURE -> pictures();
            case FILM -> films(folder);
        };
    }

    private static byte[] resource(String name) throws IOException {
        try (InputStream stream = Seeds.class.getResourceAsStream(name)) {
            if (stream == null) {
                throw new IOException(name + " is not in this build");
            }
            return stream.readAllBytes();
        }
    }

    private static List<Seed> pictures() throws IOException {
        List<Seed> seeds = new ArrayList<>();
        for (String format : List.of("jpg", "png", "bmp", "gif", "tiff")) {
            for (int type :
                    new int[] {BufferedImage.TYPE_INT_RGB, BufferedImage.TYPE_BYTE_GRAY, BufferedImage.TYPE_INT_ARGB}) {
                var bytes = new ByteArrayOutputStream();
                if (ImageIO.write(drawn(type), format, bytes)) {
                    seeds.add(new Seed(bytes.toByteArray(), "." + format));
                }
            }
        }
        seeds.add(new Seed(Base64.getDecoder().decode(WEBP), ".webp"));
        return seeds;
    }

    private static BufferedImage drawn(int type) {
        var image = new BufferedImage(SIZE.width(), SIZE.height(), type);
        for (int y = 0; y < SIZE.height(); y++) {
            for (int x = 0; x < SIZE.width(); x++) {
                image.setRGB(x, y, 0xFF000000 | x * 2 << 16 | y * 3 << 8 | (x ^ y));
            }
        }
        return image;
    }

    private static List<Seed> films(Path folder) throws IOException, FileProblem {
        List<Seed> seeds = new ArrayList<>();
        for (FilmCodec codec : FilmCodec.values()) {
            if (codec == FilmCodec.WEBP) {
                continue; // written, but not read as a film
            }
            String ending = "." + codec.name().toLowerCase(java.util.Locale.ROOT);
            Path file = folder.resolve("seed" + ending);
            film(file, codec);
            seeds.add(new Seed(Files.readAllBytes(file), ending));
            Files.delete(file);
        }
        return seeds;
    }

    private static void film(Path file, FilmCodec codec) throws FileProblem {
        try (var film = new FilmFile(file, codec, Quality.SMALL, SIZE, FrameRate.of(25), Rows.ALONE)) {
            for (int frame = 0; frame < FRAMES; frame++) {
                film.write(codec.deep() ? deep(frame) : plain(frame));
            }
            film.finish();
        }
    }

    private static FrameRaster plain(int frame) {
        int[] argb = new int[Math.toIntExact(SIZE.area())];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = 0xFF000000 | (i * 7 + frame * 40) % 0xFFFFFF;
        }
        return new FrameRaster(SIZE, argb);
    }

    private static DeepRaster deep(int frame) {
        short[] rgba = new short[4 * Math.toIntExact(SIZE.area())];
        for (int i = 0; i < rgba.length; i++) {
            rgba[i] = (short) (i % 4 == 3 ? -1 : i * 31 + frame * 900);
        }
        return new DeepRaster(SIZE, rgba);
    }
}
