package amberlens.demo;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.render.frame.FrameRaster;
import amberlens.media.WorkPool;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import amberlens.media.film.SoundCodec;
import amberlens.media.film.SoundFile;
import amberlens.media.intake.Fingerprints;
import amberlens.media.intake.MediaProbe;
import amberlens.media.pixels.PixelKey;
import amberlens.media.pixels.PixelLoader;
import amberlens.media.track.Tracking;
import amberlens.project.ProjectFile;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/** Writes the demo's pictures and its project into a folder. */
public final class Main {
    private static final int LARGEST_FILE = 3_900_000;

    /** As cameras write: a key picture every half second. */
    private static final double KEY_SECONDS = 0.5;

    /** The awning and what is under it, in source pixels. */
    private static final double FERRY_RADIUS = 80;

    private Main() {}

    /** Takes one argument: the folder. */
    public static void main(String[] args) throws IOException, FileProblem {
        Path folder = Path.of(args[0]).toAbsolutePath();
        Path pictures = Files.createDirectories(folder.resolve("pictures"));
        List<Media> media = new ArrayList<>();
        media.add(written("m1", pictures.resolve("garden-plan.jpg"), PlantingPlan.draw()));
        media.add(written("m2", pictures.resolve("seed-cabinet.jpg"), SeedCabinet.draw()));
        media.add(written("m3", pictures.resolve("specimen-sheet.jpg"), SpecimenSheet.draw()));
        media.add(written("m4", pictures.resolve("glasshouse.jpg"), GlasshouseElevation.draw()));
        media.add(written("m5", pictures.resolve("south-border.jpg"), SouthBorder.draw()));
        media.add(pond("m6", pictures.resolve("mill-pond.mp4")));
        media.add(seeds("m7", pictures.resolve("seeds")));
        media.add(walk("m8", media.get(4), pictures.resolve("border-walk.mp4")));
        ProjectFile.save(
                heard(FernhollowFilm.of(media, BorderWalk.shake(media.get(7))), folder.resolve("sound")),
                folder.resolve("fernhollow.amber"));
    }

    /** The film with its sounds, which are written beside its pictures. */
    static Project heard(Project film, Path folder) throws IOException, FileProblem {
        Files.createDirectories(folder);
        float[] tune = PluckedTune.pairs();
        float[] murmur = Murmur.pairs();
        return FernhollowSound.with(
                film,
                sound("a1", folder.resolve("tune.flac"), tune),
                Samples.of(tune),
                sound("a2", folder.resolve("murmur.flac"), murmur),
                Samples.of(murmur));
    }

    private static Media sound(String id, Path file, float[] pairs) throws FileProblem {
        Samples samples = Samples.of(pairs);
        SoundFile.write(
                file,
                SoundCodec.FLAC,
                (from, count, into) -> samples.read(from, count, into, 0),
                0,
                samples.length(),
                _ -> true);
        return MediaProbe.file(file).media().withId(id);
    }

    private static Media written(String id, Path file, BufferedImage image) throws IOException {
        byte[] bytes = jpeg(image, 0.9f);
        for (float quality = 0.84f; bytes.length > LARGEST_FILE; quality -= 0.06f) {
            bytes = jpeg(image, quality);
        }
        Files.write(file, bytes);
        return FernhollowFilm.media(id, file, new Size(image.getWidth(), image.getHeight()))
                .withFingerprint(Fingerprints.of(file));
    }

    private static Media pond(String id, Path file) throws FileProblem {
        Size size = new Size(MillPond.WIDTH, MillPond.HEIGHT);
        try (var rows = WorkPool.ofCores();
                var film =
                        new FilmFile(file, FilmCodec.H264, Quality.SMALL, size, FrameRate.of(25), rows, KEY_SECONDS)) {
            for (int frame = 0; frame < MillPond.FRAMES; frame++) {
                BufferedImage image = MillPond.draw(frame);
                int[] argb = image.getRGB(0, 0, size.width(), size.height(), null, 0, size.width());
                film.write(new FrameRaster(size, argb));
            }
            film.finish();
        }
        Media media = MediaProbe.file(file).media().withId(id);
        try (var rows = WorkPool.ofCores();
                var pixels = new PixelLoader(rows)) {
            return media.withTracks(List.of(ferry(media, pixels)));
        }
    }

    /** The way of the ferry, followed from the middle of the film. */
    private static Track ferry(Media media, PixelLoader pixels) throws FileProblem {
        int middle = MillPond.FRAMES / 2;
        Point2D at = MillPond.ferryAt(middle);
        return new Tracking(frame -> pixels.load(PixelKey.of(media, frame)))
                .begin(
                        "t1",
                        "Ferry",
                        middle,
                        new PicturePoint(at.getX(), at.getY()),
                        FERRY_RADIUS,
                        new FrameSpan(0, MillPond.FRAMES - 1),
                        _ -> true);
    }

    private static Media walk(String id, Media border, Path file) throws FileProblem {
        BorderWalk.write(border, file);
        return MediaProbe.file(file).media().withId(id);
    }

    private static Media seeds(String id, Path folder) throws IOException, FileProblem {
        Files.createDirectories(folder);
        List<Path> files = new ArrayList<>();
        for (int day = 0; day < SeedOpening.PICTURES; day++) {
            Path file = folder.resolve(String.format(Locale.ROOT, "seed-opening-%04d.jpg", day + 1));
            Files.write(file, jpeg(SeedOpening.draw(day), 0.8f));
            files.add(file);
        }
        return MediaProbe.sequence(files, FrameRate.of(25)).media().withId(id);
    }

    private static byte[] jpeg(BufferedImage image, float quality) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam settings = writer.getDefaultWriteParam();
        settings.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        settings.setCompressionQuality(quality);
        var bytes = new ByteArrayOutputStream();
        try (var stream = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, null), settings);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
