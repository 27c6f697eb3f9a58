package amberlens.desktop.kit.style;

import amberlens.core.base.geometry.Size;
import amberlens.core.render.frame.FrameRaster;
import java.nio.IntBuffer;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** Finished frames as images for the screen. */
public final class Pictures {
    private Pictures() {}

    /** Pixels of the screen per pixel of the interface where a node is shown; 1 where that is not known. */
    public static double deviceScale(Node node) {
        return node.getScene() == null || node.getScene().getWindow() == null
                ? 1
                : node.getScene().getWindow().getRenderScaleX();
    }

    /** A size of the interface in pixels of the screen. */
    public static Size onDevice(Size size, double scale) {
        return new Size((int) Math.max(1, Math.round(size.width() * scale)), (int)
                Math.max(1, Math.round(size.height() * scale)));
    }

    /** The memory that an image holds, in bytes. */
    public static long bytes(Image image) {
        return (long) (Integer.BYTES * image.getWidth() * image.getHeight());
    }

    /** Shows the frame's own pixels, without a copy; the frame must not change afterwards. */
    public static Image image(FrameRaster frame) {
        return new WritableImage(new PixelBuffer<>(
                frame.size().width(),
                frame.size().height(),
                IntBuffer.wrap(frame.argb()),
                PixelFormat.getIntArgbPreInstance()));
    }
}
