package amberlens.demo;

import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import amberlens.core.model.Media;
import amberlens.project.ProjectFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/** Writes the demo's pictures and its project into a folder. */
public final class Main {
    private static final int LARGEST_FILE = 3_900_000;

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
        ProjectFile.save(FernhollowFilm.of(media), folder.resolve("fernhollow.amber"));
    }

    private static Media written(String id, Path file, BufferedImage image) throws IOException {
        byte[] bytes = jpeg(image, 0.9f);
        for (float quality = 0.84f; bytes.length > LARGEST_FILE; quality -= 0.06f) {
            bytes = jpeg(image, quality);
        }
        Files.write(file, bytes);
        return FernhollowFilm.media(id, file, new Size(image.getWidth(), image.getHeight()));
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
