package amberlens.media.picture;

import java.io.IOException;
import java.util.Optional;
import java.util.zip.InflaterInputStream;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import org.w3c.dom.NodeList;

/** The ICC profile in a PNG file's iCCP chunk. Source: PNG specification (W3C), section 11.3.2.3. */
final class PngProfile {
    private static final String TREE = "javax_imageio_png_1.0";

    private PngProfile() {}

    static Optional<byte[]> of(IIOMetadata metadata) throws IOException {
        NodeList chunks = ((IIOMetadataNode) metadata.getAsTree(TREE)).getElementsByTagName("iCCP");
        if (chunks.getLength() == 0
                || !(((IIOMetadataNode) chunks.item(0)).getUserObject() instanceof byte[] deflated)) {
            return Optional.empty();
        }
        try (var inflated = new InflaterInputStream(new java.io.ByteArrayInputStream(deflated))) {
            return Optional.of(inflated.readAllBytes());
        }
    }
}
