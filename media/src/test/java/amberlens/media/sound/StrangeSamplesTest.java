package amberlens.media.sound;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.material.sound.Samples;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sounds of floating-point numbers may hold some that are none; one of them must not silence the rest. */
class StrangeSamplesTest {
    private static final int PAIRS = 4800;
    private static final int STRANGE = 2400;

    @TempDir
    private Path folder;

    /** A wave file of 32-bit floats, format 3 (Multimedia Programming Interface and Data Specifications 1.0, and its later formats). */
    private Path wave(float strange) throws IOException {
        int bytes = PAIRS * 8;
        var file = ByteBuffer.allocate(44 + bytes).order(ByteOrder.LITTLE_ENDIAN);
        file.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(36 + bytes);
        file.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII)).putInt(16);
        file.putShort((short) 3).putShort((short) 2).putInt(Samples.RATE).putInt(8 * Samples.RATE);
        file.putShort((short) 8).putShort((short) 32);
        file.put("data".getBytes(StandardCharsets.US_ASCII)).putInt(bytes);
        for (int i = 0; i < PAIRS; i++) {
            file.putFloat(i == STRANGE ? strange : 0.25f).putFloat(0.25f);
        }
        return Files.write(folder.resolve("strange.wav"), file.array());
    }

    @ParameterizedTest
    @ValueSource(floats = {Float.NaN, Float.POSITIVE_INFINITY, Float.NEGATIVE_INFINITY})
    void a_sample_that_is_no_number_is_silence_and_is_told(float strange) throws Exception {
        try (DecodedSound sound = DecodedSound.of(wave(strange), () -> true)) {
            float[] all = new float[2 * PAIRS];
            sound.read(0, PAIRS, all, 0);
            for (int i = 0; i < all.length; i++) {
                assertThat(all[i]).as("number %d", i).isEqualTo(i == 2 * STRANGE ? 0 : 0.25f);
            }
            assertThat(sound.facts().damaged()).isTrue();
        }
    }
}
