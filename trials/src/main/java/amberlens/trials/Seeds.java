package amberlens.trials;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.sound.Samples;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.DeepRaster;
import amberlens.core.render.frame.FrameRaster;
import amberlens.exchange.MoveFormat;
import amberlens.exchange.MoveOut;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import amberlens.media.film.SoundCodec;
import amberlens.media.film.SoundFile;
import amberlens.project.ProjectFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import javax.imageio.ImageIO;

/** Good files of every kind, small ones, made when they are needed. */
final class Seeds {
    private static final Size SIZE = new Size(96, 64);

    /** For what holds no smaller ones. */
    private static final Size LARGER = new Size(256, 120);

    private static final int FRAMES = 12;

    /** One red pixel, without loss, made by hand from the container's published layout. */
    private static final String WEBP = "UklGRhwAAABXRUJQVlA4TA8AAAAvAAAAAAcQ/Y/+ByKi/wEA";

    /** A good file and the ending of its name. */
    record Seed(byte[] bytes, String ending) {}

    private Seeds() {}

    static List<Seed> of(Kind kind, Path folder) throws IOException, FileProblem {
        return switch (kind) {
            case PROJECT -> projects(folder);
            case PICTURE -> pictures();
            case FILM -> films(folder);
            case SOUND -> sounds(folder);
            case TAKEN -> taken(folder);
        };
    }

    /** Of every version: what an older one holds is read as the newer ones are. */
    private static List<Seed> projects(Path folder) throws IOException, FileProblem {
        List<Seed> seeds = new ArrayList<>();
        String first = new String(resource("everything.amber"), StandardCharsets.UTF_8);
        Path file = Files.write(folder.resolve("fernhollow.amber"), resource("fernhollow.amber"));
        Project film = ProjectFile.open(file);
        String latest = Files.readString(file);
        int newest = Integer.parseInt(latest.replaceAll("(?s).*?\"version\": (\\d+).*", "$1"));
        for (int version = 1; version < newest; version++) {
            String older = first.replace("\"version\": 1", "\"version\": " + version);
            seeds.add(new Seed(older.getBytes(StandardCharsets.UTF_8), ".amber"));
        }
        var tall = new Delivery("d1", "tall", new Size(1080, 1920), Extras.NONE);
        ProjectFile.save(film.withDeliveries(List.of(tall)), file);
        seeds.add(new Seed(Files.readAllBytes(file), ".amber"));
        Files.delete(file);
        return seeds;
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
        seeds.add(new Seed(resource("leaf.svg"), ".svg"));
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

    private static List<Seed> sounds(Path folder) throws IOException, FileProblem {
        List<Seed> seeds = new ArrayList<>();
        for (SoundCodec codec : List.of(SoundCodec.FLAC, SoundCodec.PCM)) {
            String ending = codec == SoundCodec.FLAC ? ".flac" : ".wav";
            Path file = folder.resolve("seed" + ending);
            SoundFile.write(file, codec, Seeds::tone, 0, Samples.RATE / 4, _ -> true);
            seeds.add(new Seed(Files.readAllBytes(file), ending));
            Files.delete(file);
        }
        return seeds;
    }

    private static void tone(long from, int count, float[] into) {
        for (int i = 0; i < count; i++) {
            float value = (float) (0.4 * Math.sin(2 * Math.PI * 220 * (from + i) / Samples.RATE));
            into[2 * i] = value;
            into[2 * i + 1] = value;
        }
    }

    /** What our own project becomes in other formats, and what is written in those that we only read. */
    private static List<Seed> taken(Path folder) throws IOException, FileProblem {
        List<Seed> seeds = new ArrayList<>();
        for (String name : List.of("cut.edl", "keys.csv", "keys.json")) {
            seeds.add(new Seed(resource(name), name.substring(name.indexOf('.'))));
        }
        Path file = Files.write(folder.resolve("everything.amber"), resource("everything.amber"));
        Project project = ProjectFile.open(file);
        Path table = folder.resolve("move.csv");
        MoveOut.write(project, project.shots().getFirst(), MoveFormat.CSV, table);
        Path timeline = folder.resolve("film.otio");
        MoveOut.lineUp(project, timeline);
        for (Path written : List.of(table, timeline)) {
            String name = written.getFileName().toString();
            seeds.add(new Seed(Files.readAllBytes(written), name.substring(name.indexOf('.'))));
            Files.delete(written);
        }
        Files.delete(file);
        return seeds;
    }

    private static List<Seed> films(Path folder) throws IOException, FileProblem {
        List<Seed> seeds = new ArrayList<>();
        for (FilmCodec codec : FilmCodec.values()) {
            if (codec == FilmCodec.WEBP || !codec.isMadeHere()) {
                continue; // written, but not read as a film; or made by graphics cards alone
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
        Size size = codec == FilmCodec.DNXHR_HQX ? LARGER : SIZE;
        try (var film = new FilmFile(file, codec, Quality.SMALL, size, FrameRate.of(25), Rows.ALONE)) {
            for (int frame = 0; frame < FRAMES; frame++) {
                film.write(codec.deep() ? deep(frame, size) : plain(frame, size));
            }
            film.finish();
        }
    }

    private static FrameRaster plain(int frame, Size size) {
        int[] argb = new int[Math.toIntExact(size.area())];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = 0xFF000000 | (i * 7 + frame * 40) % 0xFFFFFF;
        }
        return new FrameRaster(size, argb);
    }

    private static DeepRaster deep(int frame, Size size) {
        short[] rgba = new short[4 * Math.toIntExact(size.area())];
        for (int i = 0; i < rgba.length; i++) {
            rgba[i] = (short) (i % 4 == 3 ? -1 : i * 31 + frame * 900);
        }
        return new DeepRaster(size, rgba);
    }
}
