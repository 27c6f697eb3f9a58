package amberlens.media.picture;

import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.raster.DecodedPicture;
import amberlens.media.raster.Orientation;
import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.view.FloatSize;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Component;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.zip.GZIPInputStream;

/**
 * A drawing of the SVG format. It has no pixels of its own: it is drawn as a whole multiple of the size it names, so large that its longer side
 * has {@value #LONGER_SIDE} pixels or more; where a move looks more closely, windows of it are drawn larger. Nothing outside the file is read, and nothing in it runs.
 */
final class SvgPicture implements DecodedPicture {
    /** Twice the width of an ordinary screen. */
    private static final int LONGER_SIDE = 4096;

    private static final int LONGEST_SIDE = 16_384;
    private static final long MOST_BYTES = 64L << 20;

    /** What is wrong with a drawing is told in our words; the library's log is not for users. Kept, because loggers are forgotten. */
    private static final Logger LIBRARY = Logger.getLogger("com.github.weisj.jsvg");

    static {
        LIBRARY.setLevel(Level.OFF);
    }

    private final Path path;
    private final SVGDocument drawing;
    private final Size drawn;

    private SvgPicture(Path path, SVGDocument drawing, Size drawn) {
        this.path = path;
        this.drawing = drawing;
        this.drawn = drawn;
    }

    /** Whether a file is one by its first bytes. */
    static boolean isOne(String head, Path path) {
        String text = head.startsWith("\u00EF\u00BB\u00BF") ? head.substring(3) : head;
        String start = text.stripLeading();
        boolean packed = head.startsWith("\u001F\u008B")
                && path.toString().toLowerCase(Locale.ROOT).endsWith(".svgz");
        boolean markup = start.startsWith("<?xml") || start.startsWith("<!--") || start.startsWith("<!DOCTYPE svg");
        return packed || start.startsWith("<svg") || (markup && text.contains("<svg"));
    }

    /**
     * Reads a drawing.
     *
     * @throws FileProblem when it is damaged, or has no size
     */
    static SvgPicture of(Path path) throws FileProblem, IOException {
        if (Files.size(path) > MOST_BYTES) {
            throw new FileProblem(path + " is far too large to be a drawing.");
        }
        SVGDocument drawing = null;
        try (InputStream file = plain(new BufferedInputStream(Files.newInputStream(path)))) {
            var context = LoaderContext.builder()
                    .externalResourcePolicy(ResourcePolicy.DENY_EXTERNAL)
                    .build();
            drawing = new SVGLoader().load(file, null, context);
        } catch (RuntimeException e) {
            throw PictureFile.damaged(path, e);
        }
        if (drawing == null) {
            throw PictureFile.damaged(path, null);
        }
        FloatSize size = drawing.size();
        double longer = Math.max(size.width, size.height);
        double shorter = Math.min(size.width, size.height);
        if (!(shorter > 0) || longer > LONGEST_SIDE || longer / shorter > LONGEST_SIDE) {
            throw new FileProblem(path + " says it is " + size.width + " × " + size.height
                    + " large; drawings with sides up to " + LONGEST_SIDE + " can be used.");
        }
        double times = Math.max(1, Math.ceil(LONGER_SIDE / longer));
        return new SvgPicture(path, drawing, new Size(pixels(size.width * times), pixels(size.height * times)));
    }

    private static int pixels(double side) {
        return (int) Math.max(1, Math.round(side));
    }

    private static InputStream plain(InputStream file) throws IOException {
        file.mark(2);
        boolean packed = file.read() == 0x1F && file.read() == 0x8B;
        file.reset();
        return packed ? new GZIPInputStream(file) : file;
    }

    @Override
    public String format() {
        return "SVG";
    }

    @Override
    public Size stored() {
        return drawn;
    }

    @Override
    public Orientation orientation() {
        return Orientation.UPRIGHT;
    }

    @Override
    public int bits() {
        return 8;
    }

    @Override
    public String colour() {
        return "RGB with alpha";
    }

    @Override
    public Optional<String> remark() {
        return Optional.of("is a drawing; it is drawn with " + drawn + " pixels, and larger where a move needs it.");
    }

    @Override
    public Raster read(Rows rows) throws FileProblem {
        return read(PictureArea.whole(drawn), 1, rows);
    }

    /**
     * A part of it.
     *
     * @param part in pixels as it is drawn otherwise
     * @param times how many times as large it is drawn
     */
    Raster read(PictureArea part, int times, Rows rows) throws FileProblem {
        var image = new BufferedImage(
                part.size().width() * times, part.size().height() * times, BufferedImage.TYPE_INT_ARGB);
        Graphics2D paint = image.createGraphics();
        paint.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        paint.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        FloatSize size = drawing.size();
        // Whole pixels are not quite of the drawing's own shape, and it would leave strips beside itself rather than be
        // stretched.
        double taller = drawn.height() * (double) size.width / (drawn.width() * (double) size.height);
        try {
            paint.scale(1, taller);
            drawing.render(
                    (Component) null,
                    paint,
                    new ViewBox(
                            -(float) part.left() * times,
                            (float) (-part.top() * times / taller),
                            (float) drawn.width() * times,
                            (float) (drawn.height() * times / taller)));
            return ToRaster.convert(image, Optional.empty(), Optional.empty(), Orientation.UPRIGHT, rows);
        } catch (RuntimeException e) {
            throw PictureFile.damaged(path, e);
        } finally {
            paint.dispose();
        }
    }

    @Override
    public boolean damaged() {
        return false;
    }

    @Override
    public void close() {
        // the file was read and closed when it was opened
    }
}
