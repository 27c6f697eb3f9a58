package amberlens.desktop.style;

import amberlens.core.render.FrameRaster;
import java.nio.IntBuffer;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** Finished frames as images for the screen. */
public final class Pictures {
    private Pictures() {}

    /** Shows the frame's own pixels, without a copy; the frame must not change afterwards. */
    public static Image image(FrameRaster frame) {
        return new WritableImage(new PixelBuffer<>(
                frame.size().width(),
                frame.size().height(),
                IntBuffer.wrap(frame.argb()),
                PixelFormat.getIntArgbPreInstance()));
    }
}
