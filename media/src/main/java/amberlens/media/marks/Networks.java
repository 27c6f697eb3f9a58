package amberlens.media.marks;

import amberlens.media.vision.Vision;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.opencv.core.MatOfByte;
import org.opencv.dnn.Dnn;
import org.opencv.dnn.Net;

/** The networks that ship, see the text beside them for where they come from. */
final class Networks {
    private Networks() {}

    static Net read(String resource) {
        Vision.require();
        try (InputStream in = Networks.class.getResourceAsStream(resource)) {
            if (in == null) {
                throw new IOException(resource + " is missing in this package");
            }
            return Dnn.readNetFromTFLite(new MatOfByte(in.readAllBytes()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
