package amberlens.desktop.time.hearing;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.time.FrameRate;
import amberlens.core.material.sound.Mix;
import amberlens.media.sound.device.DeviceProblem;
import amberlens.media.sound.device.SoundDevice;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Devices that do not do what a device should: whoever shows pictures never stands still for one. */
@Timeout(120)
class PlayerTest {
    private static final Mix NOTHING = new Mix(FrameRate.of(25), 0);

    private final List<String> told = new CopyOnWriteArrayList<>();

    @Test
    void a_device_that_takes_long_to_open_is_late_until_it_plays_and_is_kept() {
        var opened = new CountDownLatch(1);
        var device = new Device() {
            @Override
            public void open() throws DeviceProblem {
                try {
                    opened.await();
                } catch (InterruptedException e) {
                    throw new DeviceProblem("interrupted", e);
                }
            }
        };
        try (var player = new Player(device, () -> NOTHING, told::add)) {
            player.play(48_000);
            assertThat(player.isLate()).as("at once").isFalse();
            until(player::isLate);
            assertThat(player.seconds()).isEmpty();
            player.stop();
            opened.countDown();
            until(() -> !player.isLate());
            player.play(96_000);
            until(() -> player.seconds().isPresent());
            assertThat(player.seconds().orElseThrow()).isGreaterThanOrEqualTo(2);
            assertThat(player.isSilent()).isFalse();
            assertThat(told).isEmpty();
        }
    }

    @Test
    void a_system_whose_sound_is_broken_is_silent_and_says_so_once() {
        var device = new Device() {
            @Override
            public void open() {
                throw new UnsatisfiedLinkError("a part of the system's sound is missing");
            }
        };
        try (var player = new Player(device, () -> NOTHING, told::add)) {
            player.play(0);
            until(() -> !told.isEmpty());
            assertThat(player.isSilent()).isTrue();
            player.play(0);
            assertThat(told).containsExactly("the sound device does not work");
            assertThat(player.isLate()).isFalse();
        }
    }

    private static void until(BooleanSupplier condition) {
        while (!condition.getAsBoolean()) {
            Thread.onSpinWait();
        }
    }

    /** Hears what it is given, a block in a millisecond. */
    private static class Device implements SoundDevice {
        private volatile long played;

        @Override
        public void open() throws DeviceProblem {}

        @Override
        public void write(float[] pairs, int count) throws DeviceProblem {
            try {
                Thread.sleep(1);
            } catch (InterruptedException e) {
                throw new DeviceProblem("interrupted", e);
            }
            played += count;
        }

        @Override
        public long played() {
            return played;
        }

        @Override
        public void drop() {}

        @Override
        public void close() {}
    }
}
