package amberlens.exchange.outside;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.exchange.MoveFormat;
import amberlens.exchange.MoveOut;
import amberlens.media.export.FrameSource;
import amberlens.media.pixels.PixelCache;
import amberlens.project.ProjectFile;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javax.imageio.ImageIO;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.io.TempDir;

/** A picture with a red disc on it, moved in several ways, and where the disc is seen. */
abstract class DiscTrial {
    @TempDir
    static Path folder;

    static final int WIDTH = 320;
    static final int HEIGHT = 180;
    static final List<Integer> FRAMES = List.of(0, 8, 14, 23, 29);

    private static final Map<String, String> WRITTEN = new HashMap<>();
    private static @Nullable Project opened;
    private static @Nullable FrameSource source;

    private static final int LENGTH = 30;
    private static final int GROUND = 0x305070;

    /** Of legs of every kind: their cameras, in the form of the project file. */
    static final Map<String, String> LEGS = new TreeMap<>(Map.of(
            "eased", """
            "scale": {"keys": [{"at": 0, "value": [50, 50], "leg": {"kind": "curve", "handles": [0.42, 0, 0.58, 1]}}, {"at": 29, "value": [80, 80]}]},
            "position": {"keys": [{"at": 0, "value": [150, 90], "leg": {"kind": "curve", "handles": [0.42, 0, 0.58, 1]}}, {"at": 29, "value": [190, 70]}]}""",
            "held", """
            "position": {"keys": [{"at": 0, "value": [150, 90], "leg": {"kind": "hold"}}, {"at": 14, "value": [180, 100.5], "leg": {"kind": "hold"}},
              {"at": 23, "value": [125.25, 60]}]}""",
            "even", """
            "scale": {"keys": [{"at": 0, "value": [40, 40], "leg": {"kind": "curve", "handles": [0.42, 0, 0.58, 1], "even": true}}, {"at": 29, "value": [120, 120]}]},
            "position": {"keys": [{"at": 0, "value": [150, 90], "leg": {"kind": "linear"}}, {"at": 29, "value": [190, 70]}]}""",
            "turned", """
            "rotation": {"keys": [{"at": 0, "value": -20, "leg": {"kind": "curve", "handles": [0.3, -0.2, 0.6, 1.3]}}, {"at": 29, "value": 400}]},
            "position": {"keys": [{"at": 3, "value": [160, 90], "leg": {"kind": "linear"}}, {"at": 24, "value": [170, 80]}]},
            "anchor": {"value": [440, 280]}""",
            "steep", """
            "scale": {"keys": [{"at": 0, "value": [40, 40], "leg": {"kind": "curve", "handles": [0, 1, 1, 0]}}, {"at": 28, "value": [120, 120]}]},
            "position": {"keys": [{"at": 0, "value": [120, 60], "leg": {"kind": "curve", "handles": [0, 1, 1, 0]}}, {"at": 28, "value": [200, 120]}]}""",
            "smooth", """
            "position": {"keys": [{"at": 0, "value": [150, 90], "leg": {"kind": "smooth"}}, {"at": 9, "value": [200, 50], "leg": {"kind": "smooth"}},
              {"at": 18, "value": [110, 110], "leg": {"kind": "smooth"}}, {"at": 29, "value": [150, 90]}]}""",
            "bent", """
            "position": {"keys": [{"at": 0, "value": [100, 90], "out": [30, -60], "leg": {"kind": "curve", "handles": [0.42, 0, 0.58, 1]}},
              {"at": 29, "value": [225, 90], "in": [-30, -60]}]}""",
            "mirrored", """
            "scale": {"keys": [{"at": -5, "value": [50, 55], "leg": {"kind": "curve", "handles": [0.42, 0, 0.58, 1]}}, {"at": 40, "value": [90, 80]}]},
            "anchor": {"value": [300, 350]}"""));

    /** A leaning one. */
    static final String LEANING = """
            "pitch": {"keys": [{"at": 0, "value": 0, "leg": {"kind": "curve", "handles": [0.42, 0, 0.58, 1]}}, {"at": 29, "value": 35}]},
            "yaw": {"keys": [{"at": 0, "value": -20, "leg": {"kind": "linear"}}, {"at": 29, "value": 20}]},
            "rotation": {"value": 8}""";

    static void write(Map<String, String> cameras) throws IOException {
        opened = null;
        source = null;
        WRITTEN.clear();
        picture();
        var shots = new StringBuilder();
        int start = 0;
        for (var leg : cameras.entrySet()) {
            String camera = leg.getValue();
            shots.append(shots.isEmpty() ? "" : ",\n")
                    .append(
                            "{\"id\": \"%s\", \"name\": \"%1$s\", \"media\": \"m1\", \"track\": 1, \"start\": %d, \"length\": %d, \"fillsFrame\": true,%s\n\"camera\": {"
                                    .formatted(
                                            leg.getKey(),
                                            start,
                                            LENGTH,
                                            leg.getKey().equals("mirrored") ? " \"mirror\": \"both\"," : ""))
                    .append(missing(camera, "scale", "[60, 60]"))
                    .append(missing(camera, "position", "[160, 90]"))
                    .append(missing(camera, "rotation", "0"))
                    .append(missing(camera, "anchor", "[500, 250]"))
                    .append(camera)
                    .append("}}");
            start += LENGTH;
        }
        Files.writeString(folder.resolve("disc.amber"), """
                {"format": "amber-lens/project", "version": 3, "name": "disc",
                 "frame": {"width": %d, "height": %d, "rate": "25/1", "background": "#204060"},
                 "media": [{"id": "m1", "kind": "photo", "path": "a disc.png", "width": 800, "height": 600}],
                 "shots": [%s]}
                """.formatted(WIDTH, HEIGHT, shots));
    }

    private static String missing(String camera, String property, String value) {
        return camera.contains("\"" + property + "\"") ? "" : "\"" + property + "\": {\"value\": " + value + "}, ";
    }

    private static void picture() throws IOException {
        var image = new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB);
        Graphics2D paint = image.createGraphics();
        paint.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        paint.setColor(new Color(GROUND));
        paint.fillRect(0, 0, 800, 600);
        paint.setColor(new Color(0xE01010));
        paint.fill(new Ellipse2D.Double(488, 238, 24, 24));
        paint.dispose();
        ImageIO.write(image, "png", folder.resolve("a disc.png").toFile());
    }

    /** Where our own frame of a leg has the disc. */
    static FramePoint ours(String leg, int frame) throws FileProblem {
        Project project = project();
        FrameRaster ours = frames().frame(project.shot(leg).orElseThrow().start() + frame, project.frameSize());
        var image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                image.setRGB(x, y, ours.rgb(x, y));
            }
        }
        return disc(image, 0, 0);
    }

    private static Project project() throws FileProblem {
        if (opened == null) {
            opened = ProjectFile.open(folder.resolve("disc.amber"));
        }
        return opened;
    }

    private static FrameSource frames() throws FileProblem {
        if (source == null) {
            source = new FrameSource(project(), new PixelCache(1 << 28, Runnable::run, Rows.ALONE), Rows.ALONE);
        }
        return source;
    }

    /** The move of a leg in a format. */
    static String written(String leg, MoveFormat format) throws FileProblem, IOException {
        String known = WRITTEN.get(leg + format);
        if (known == null) {
            Project project = project();
            Path file = folder.resolve("move" + format.ending());
            MoveOut.write(project, project.shot(leg).orElseThrow(), format, file);
            known = Files.readString(file);
            WRITTEN.put(leg + format, known);
        }
        return known;
    }

    /** The middle of what is red in a frame of a picture, in pixels from the frame's upper left. */
    static FramePoint disc(BufferedImage image, int left, int top) {
        double weight = 0;
        double x = 0;
        double y = 0;
        for (int j = 0; j < HEIGHT; j++) {
            for (int i = 0; i < WIDTH; i++) {
                int rgb = image.getRGB(left + i, top + j);
                double red = Math.max(0, (rgb >> 16 & 0xFF) - Math.max(rgb >> 8 & 0xFF, rgb & 0xFF) - 20);
                weight += red;
                x += red * (i + 0.5);
                y += red * (j + 0.5);
            }
        }
        assertThat(weight).as("a disc is seen").isGreaterThan(1000);
        return new FramePoint(x / weight, y / weight);
    }
}
