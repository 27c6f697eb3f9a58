package amberlens.media.picture;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.raster.Orientation;
import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.jspecify.annotations.Nullable;

/**
 * A WebP file of several pictures that follow each other, as the WebP Container Specification (RFC 9649, section 2.7) lays them out: each
 * is a part of a canvas that is laid over, or put in the place of, what was there. The colour behind all of them is passed over, as that
 * document allows: what nothing covers is transparent. For one thread.
 */
public final class AnimatedWebp implements AutoCloseable {
    private static final int RIFF = 0x52494646;
    private static final int WEBP = 0x57454250;
    private static final int EXTENDED = 0x56503858; // VP8X
    private static final int FRAME = 0x414E4D46; // ANMF
    private static final int ANIMATED = 0x02;
    private static final int NOT_BLENDED = 0x02;
    private static final int CLEARED_AFTER = 0x01;
    private static final int FRAME_HEAD = 16;

    /** Pictures that say they are seen for no time are seen so long, in milliseconds: common practice. */
    private static final int UNSAID = 100;

    /**
     * One of the pictures.
     *
     * @param place in the canvas
     * @param millis how long it is seen, above 0
     * @param blended whether it is laid over what was there
     * @param cleared whether its place is transparent afterwards
     */
    private record Part(Rectangle place, int millis, boolean blended, boolean cleared) {
        private boolean startsAnew(Size canvas) {
            return !blended && place.contains(0, 0, canvas.width(), canvas.height());
        }
    }

    private final Path path;
    private final Size canvas;
    private final List<Part> parts;
    private @Nullable ImageReader reader;
    private @Nullable ImageInputStream stream;
    private @Nullable BufferedImage shown;
    private int reached = -1;

    private AnimatedWebp(Path path, Size canvas, List<Part> parts) {
        this.path = path;
        this.canvas = canvas;
        this.parts = parts;
    }

    /** Whether a file is one, with at least two pictures; one that cannot be read is none. */
    public static boolean is(Path path) {
        try {
            return open(path).map(webp -> webp.pictures() > 1).orElse(false);
        } catch (IOException _) {
            return false;
        }
    }

    /**
     * Opens a file and reads how its pictures follow each other.
     *
     * @throws FileProblem when it is none, or nothing can be read of it
     */
    public static AnimatedWebp of(Path path) throws FileProblem {
        PictureFile.checkThere(path);
        try {
            return open(path)
                    .filter(webp -> !webp.parts.isEmpty())
                    .orElseThrow(() -> new FileProblem(path + " is no WebP file of several pictures."));
        } catch (IOException e) {
            throw PictureFile.damaged(path, e);
        }
    }

    private static Optional<AnimatedWebp> open(Path path) throws IOException {
        try (var file = new DataInputStream(new BufferedInputStream(Files.newInputStream(path)))) {
            boolean webp = file.readInt() == RIFF;
            file.skipNBytes(4);
            if (!webp || file.readInt() != WEBP || file.readInt() != EXTENDED) {
                return Optional.empty();
            }
            long length = little(file, 4);
            int flags = file.readUnsignedByte();
            file.skipNBytes(3);
            var canvas = new Size(1 + (int) little(file, 3), 1 + (int) little(file, 3));
            if ((flags & ANIMATED) == 0) {
                return Optional.empty();
            }
            file.skipNBytes(Math.max(0, length - 10));
            return Optional.of(new AnimatedWebp(path, canvas, parts(file)));
        } catch (EOFException _) {
            return Optional.empty();
        }
    }

    /** Those that are there: a file may have been cut off. */
    private static List<Part> parts(DataInputStream file) throws IOException {
        List<Part> parts = new ArrayList<>();
        try {
            while (true) {
                int kind = file.readInt();
                long length = little(file, 4);
                long left = length + (length & 1);
                if (kind == FRAME && length >= FRAME_HEAD) {
                    int x = 2 * (int) little(file, 3);
                    int y = 2 * (int) little(file, 3);
                    int width = 1 + (int) little(file, 3);
                    int height = 1 + (int) little(file, 3);
                    int millis = (int) little(file, 3);
                    int flags = file.readUnsignedByte();
                    file.skipNBytes(left - FRAME_HEAD);
                    parts.add(new Part(
                            new Rectangle(x, y, width, height),
                            millis == 0 ? UNSAID : millis,
                            (flags & NOT_BLENDED) == 0,
                            (flags & CLEARED_AFTER) != 0));
                } else {
                    file.skipNBytes(left);
                }
            }
        } catch (EOFException _) {
            return parts;
        }
    }

    private static long little(DataInputStream file, int bytes) throws IOException {
        long number = 0;
        for (int i = 0; i < bytes; i++) {
            number |= (long) file.readUnsignedByte() << 8 * i;
        }
        return number;
    }

    /** Of its canvas. */
    public Size size() {
        return canvas;
    }

    public int pictures() {
        return parts.size();
    }

    /** How long a picture is seen, in milliseconds. */
    public int millis(int picture) {
        return parts.get(picture).millis();
    }

    /**
     * The canvas with a picture on it.
     *
     * @param picture from 0
     * @throws FileProblem when it, or one that it is laid over, is damaged
     */
    public Raster picture(int picture, Rows rows) throws FileProblem {
        try {
            return read(picture, rows);
        } catch (FileProblem e) {
            close(); // what was drawn so far may be half of something
            throw e;
        }
    }

    private Raster read(int picture, Rows rows) throws FileProblem {
        return Budget.read(path, budget -> {
            budget.extendFor(canvas.area() * (1 + Math.max(0, picture - start(picture))));
            BufferedImage drawn = drawn(picture);
            return ToRaster.convert(drawn, Optional.empty(), Optional.empty(), Orientation.UPRIGHT, rows);
        });
    }

    /** The latest picture at or before one that does not depend on those before it. */
    private int start(int picture) {
        int start = picture;
        while (start > 0 && !parts.get(start).startsAnew(canvas)) {
            start--;
        }
        return reached >= start && reached <= picture ? reached : start;
    }

    private BufferedImage drawn(int picture) throws IOException, FileProblem {
        int start = start(picture);
        BufferedImage image = shown;
        if (image == null || start != reached) {
            PictureFile.checkSize(path, canvas.width(), canvas.height());
            image = new BufferedImage(canvas.width(), canvas.height(), BufferedImage.TYPE_4BYTE_ABGR);
            shown = image;
            reached = start - 1;
        }
        while (reached < picture) {
            if (reached >= 0 && parts.get(reached).cleared()) {
                clear(image, parts.get(reached).place());
            }
            lay(image, parts.get(reached + 1), reached + 1);
            reached++;
        }
        return image;
    }

    private static void clear(BufferedImage image, Rectangle place) {
        Graphics2D pen = image.createGraphics();
        pen.setComposite(AlphaComposite.Clear);
        pen.fill(place);
        pen.dispose();
    }

    private void lay(BufferedImage image, Part part, int index) throws IOException, FileProblem {
        BufferedImage decoded = reader().read(index);
        Graphics2D pen = image.createGraphics();
        pen.setComposite(part.blended() ? AlphaComposite.SrcOver : AlphaComposite.Src);
        pen.drawImage(decoded, part.place().x, part.place().y, null);
        pen.dispose();
    }

    private ImageReader reader() throws IOException, FileProblem {
        ImageReader now = reader;
        if (now == null) {
            stream = ImageIO.createImageInputStream(path.toFile());
            if (stream == null) {
                throw new FileProblem(path + " cannot be opened; check that you may read it.");
            }
            now = Decoders.of(stream).orElseThrow(() -> PictureFile.damaged(path, null));
            now.setInput(stream, false, true);
            reader = now;
        }
        return now;
    }

    @Override
    public void close() {
        if (reader != null) {
            reader.dispose();
            reader = null;
        }
        if (stream != null) {
            try {
                stream.close();
            } catch (IOException _) {
                // Nothing was written.
            }
            stream = null;
        }
        shown = null;
        reached = -1;
    }
}
