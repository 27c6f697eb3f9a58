package amberlens.media.proof;

import amberlens.core.base.geometry.Size;
import amberlens.core.render.frame.FrameRaster;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/** A frame inside a page, as the address of its own content (RFC 2397). */
final class SmallPicture {
    private static final float QUALITY = 0.85f;

    private SmallPicture() {}

    static String address(FrameRaster frame) throws IOException {
        Size size = frame.size();
        var image = new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, size.width(), size.height(), frame.argb(), 0, size.width());
        var bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (var stream = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(stream);
            ImageWriteParam wanted = writer.getDefaultWriteParam();
            wanted.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            wanted.setCompressionQuality(QUALITY);
            writer.write(null, new IIOImage(image, null, null), wanted);
        } finally {
            writer.dispose();
        }
        return "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(bytes.toByteArray());
    }
}
