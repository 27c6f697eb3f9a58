package amberlens.media.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.spi.IIORegistry;
import javax.imageio.spi.ImageReaderSpi;
import javax.imageio.stream.ImageInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** One format that three libraries on board can read. */
class DecodersTest {

    @TempDir
    Path folder;

    @Test
    void the_same_library_decodes_a_picture_whatever_order_the_registry_has() throws IOException {
        byte[] tiff = Files.readAllBytes(new TiffBuilder(2, 1, 3, 8, 1, 2, ByteOrder.LITTLE_ENDIAN, new byte[6])
                .write(folder.resolve("three.tif")));
        List<ImageReaderSpi> providers = Decoders.all(stream(tiff))
                .map(ImageReader::getOriginatingProvider)
                .toList();
        assertThat(providers).as("libraries that read TIFF").hasSizeGreaterThan(2);
        IIORegistry registry = IIORegistry.getDefaultInstance();
        for (ImageReaderSpi first : providers) {
            List<ImageReaderSpi> moved = providers.stream()
                    .filter(other -> other != first)
                    .filter(other -> registry.setOrdering(ImageReaderSpi.class, first, other))
                    .toList();
            try {
                assertThat(Decoders.of(stream(tiff)).orElseThrow().getClass().getName())
                        .startsWith("com.twelvemonkeys.");
            } finally {
                moved.forEach(other -> registry.unsetOrdering(ImageReaderSpi.class, first, other));
            }
        }
    }

    @Test
    void what_no_library_knows_has_no_decoder() throws IOException {
        assertThat(Decoders.of(stream(new byte[64]))).isEmpty();
    }

    private static ImageInputStream stream(byte[] bytes) throws IOException {
        return ImageIO.createImageInputStream(new ByteArrayInputStream(bytes));
    }
}
