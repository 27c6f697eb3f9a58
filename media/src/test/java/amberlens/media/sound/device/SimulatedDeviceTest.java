package amberlens.media.sound.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.material.sound.Samples;
import amberlens.media.sound.DecodedSound;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SimulatedDeviceTest {
    private static final int BLOCK = 960;

    @TempDir
    private Path folder;

    private final AtomicLong nanos = new AtomicLong(1_000_000);

    /** A block whose samples are all alike. */
    private static float[] block(float value) {
        float[] pairs = new float[Samples.CHANNELS * BLOCK];
        java.util.Arrays.fill(pairs, value);
        return pairs;
    }

    private static float[] written(Path file) throws Exception {
        try (DecodedSound sound = DecodedSound.of(file, () -> true)) {
            float[] pairs = new float[(int) (2 * sound.length())];
            sound.read(0, (int) sound.length(), pairs, 0);
            return pairs;
        }
    }

    @Test
    void it_keeps_time_and_writes_down_what_it_plays() throws Exception {
        Path file = folder.resolve("heard.wav");
        try (var device = new SimulatedDevice(file, nanos::get)) {
            device.open();
            for (int i = 1; i <= 4; i++) {
                device.write(block(i / 8f), BLOCK);
            }
            assertThat(device.played()).isZero();
            nanos.addAndGet(40_000_000);
            assertThat(device.played()).isEqualTo(2 * BLOCK);
            nanos.addAndGet(1_000_000_000);
            assertThat(device.played()).isEqualTo(4 * BLOCK);
        }
        float[] heard = written(file);
        assertThat(heard).hasSize(2 * 4 * BLOCK);
        assertThat(heard[2 * BLOCK]).isEqualTo(Math.round(0.25 * Short.MAX_VALUE) / 32768f);
    }

    @Test
    void what_is_dropped_was_never_heard() throws Exception {
        Path file = folder.resolve("heard.wav");
        try (var device = new SimulatedDevice(file, nanos::get)) {
            device.open();
            device.write(block(0.5f), BLOCK);
            device.write(block(0.5f), BLOCK);
            nanos.addAndGet(10_000_000);
            device.drop();
            assertThat(device.played()).isEqualTo(480);
            nanos.addAndGet(500_000_000);
            device.write(block(0.25f), BLOCK);
            assertThat(device.played()).isEqualTo(480);
            assertThat(device.missed()).isGreaterThan(20_000);
        }
        float[] heard = written(file);
        assertThat(heard).hasSize(2 * (480 + BLOCK));
        assertThat(heard[2 * 479]).isGreaterThan(0.4f);
        assertThat(heard[2 * 480]).isLessThan(0.3f);
    }

    @Test
    void a_place_that_cannot_be_written_to_is_said() {
        try (var device = new SimulatedDevice(folder.resolve("no/such/heard.wav"), nanos::get)) {
            assertThatThrownBy(device::open).isInstanceOf(DeviceProblem.class).hasMessageContaining("heard.wav");
        }
    }

    /** Machines that run the tests have no sound; where there is some, it plays. */
    @Test
    void without_a_device_the_system_says_so() {
        try (var device = new SystemDevice()) {
            try {
                device.open();
                device.write(block(0), BLOCK);
                assertThat(device.played()).isBetween(0L, (long) BLOCK);
            } catch (DeviceProblem e) {
                assertThat(e).hasMessageContaining("sound device");
            }
        }
    }
}
