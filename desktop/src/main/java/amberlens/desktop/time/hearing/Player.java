package amberlens.desktop.time.hearing;

import amberlens.core.material.sound.Loudness;
import amberlens.core.material.sound.Mix;
import amberlens.core.material.sound.Samples;
import amberlens.media.sound.device.DeviceProblem;
import amberlens.media.sound.device.SoundDevice;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Feeds a device in a thread of its own: the line-up from a place on, or short grains. The device's own pace is the clock of whoever
 * shows pictures. Where there is no device, or it goes away, that is told once and everything goes on without.
 */
final class Player implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Player.class);
    private static final int BLOCK = 1024;

    /** A device that stands still for longer has gone, and one that has not begun by then is not waited for, in nanoseconds. */
    private static final long PATIENCE = 1_500_000_000L;

    /** What the thread is to do; a newer one takes the place of an older. */
    private sealed interface Task {
        record Run(long from) implements Task {}

        record Scrub(long at) implements Task {}

        record Stop() implements Task {}

        record End() implements Task {}
    }

    private final SoundDevice device;
    private final Supplier<Mix> mix;
    private final Consumer<String> gone;
    private final AtomicReference<@Nullable Task> next = new AtomicReference<>();
    private final Thread thread;
    private final Deque<Metered> metered = new ArrayDeque<>();
    private volatile @Nullable Running running;
    private volatile boolean silent;
    private volatile OptionalLong beginning = OptionalLong.empty();

    /** The line-up from a place on, and what the device had played when it began. */
    private record Running(long from, long played, Pace pace) {}

    /** When the device was last seen to go on. */
    private static final class Pace {
        private long last = -1;
        private long since = System.nanoTime();

        synchronized boolean stands(long played) {
            long now = System.nanoTime();
            if (played != last) {
                last = played;
                since = now;
            }
            return now - since > PATIENCE;
        }
    }

    /** How loud a block is that ends at a place of the device. */
    private record Metered(long end, Levels levels) {}

    /**
     * @param mix what is heard now; asked for each block
     * @param gone is told why nothing can be heard, once, in the player's thread
     */
    Player(SoundDevice device, Supplier<Mix> mix, Consumer<String> gone) {
        this.device = device;
        this.mix = mix;
        this.gone = gone;
        thread = Thread.ofPlatform().name("sound").daemon().start(this::work);
    }

    /** Whether there is anything to hear on. */
    boolean isSilent() {
        return silent;
    }

    /** Whether the device was asked to play and does not begin: it is being opened still, or the sound cannot be read. */
    boolean isLate() {
        OptionalLong since = beginning;
        return since.isPresent() && System.nanoTime() - since.getAsLong() > PATIENCE;
    }

    /** Plays from a place of the line-up on, in pairs of samples. */
    void play(long from) {
        give(new Task.Run(from));
    }

    /** Sounds a place while nothing plays. */
    void scrub(long at) {
        if (running == null) {
            give(new Task.Scrub(at));
        }
    }

    void stop() {
        running = null;
        give(new Task.Stop());
    }

    private void give(Task task) {
        if (task instanceof Task.Run) {
            running = null;
        }
        next.set(task);
        synchronized (next) {
            next.notifyAll();
        }
    }

    /** Where on the line-up is heard now, in seconds; empty while the device is not playing it yet, or has gone. */
    OptionalDouble seconds() {
        Running now = running;
        if (now == null || silent) {
            return OptionalDouble.empty();
        }
        long played = device.played();
        if (now.pace().stands(played)) {
            fail(new DeviceProblem("the sound device does not respond", null));
            return OptionalDouble.empty();
        }
        return OptionalDouble.of((double) (now.from() + Math.max(0, played - now.played())) / Samples.RATE);
    }

    /** How loud is what is heard now. */
    Levels levels() {
        if (running == null) {
            return Levels.SILENT;
        }
        long played = device.played();
        synchronized (metered) {
            while (metered.size() > 1 && metered.peekFirst().end() <= played) {
                metered.removeFirst();
            }
            return metered.isEmpty() ? Levels.SILENT : metered.peekFirst().levels();
        }
    }

    private void work() {
        try {
            boolean open = false;
            while (true) {
                Task task = awaited();
                if (task instanceof Task.End) {
                    break;
                }
                if (!open && !(task instanceof Task.Stop)) {
                    beginning = OptionalLong.of(System.nanoTime());
                    device.open();
                    open = true;
                }
                switch (task) {
                    case Task.Run run -> run(run.from());
                    case Task.Scrub scrub -> scrubbed(scrub.at());
                    default -> {}
                }
                beginning = OptionalLong.empty();
            }
        } catch (DeviceProblem e) {
            fail(e);
        } catch (RuntimeException | LinkageError e) { // the system's sound is broken, or a part of it is missing
            fail(new DeviceProblem("the sound device does not work", e));
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        } finally {
            beginning = OptionalLong.empty();
            device.close();
        }
    }

    private Task awaited() throws InterruptedException {
        synchronized (next) {
            Task task = next.getAndSet(null);
            while (task == null) {
                next.wait();
                task = next.getAndSet(null);
            }
            return task;
        }
    }

    private void run(long from) throws DeviceProblem {
        beginning = OptionalLong.of(System.nanoTime());
        device.drop();
        long began = device.played();
        synchronized (metered) {
            metered.clear();
        }
        var meter = new Loudness.Meter();
        float[] pairs = new float[Samples.CHANNELS * BLOCK];
        Running mine = new Running(from, began, new Pace());
        long written = 0;
        boolean told = false;
        while (next.get() == null) {
            read(from + written, pairs);
            device.write(pairs, BLOCK);
            written += BLOCK;
            meter(meter, pairs, began + written);
            if (!told) {
                running = mine;
                beginning = OptionalLong.empty();
                told = true;
            }
        }
        if (running == mine) {
            running = null;
        }
        device.drop();
    }

    /** A sound that has vanished is silent. */
    private void read(long from, float[] pairs) {
        try {
            mix.get().read(from, BLOCK, pairs);
        } catch (RuntimeException e) {
            LOG.debug("a sound could not be read", e);
            Arrays.fill(pairs, 0);
        }
    }

    private void meter(Loudness.Meter meter, float[] pairs, long end) {
        double left = 0;
        double right = 0;
        for (int i = 0; i < BLOCK; i++) {
            left = Math.max(left, Math.abs(pairs[2 * i]));
            right = Math.max(right, Math.abs(pairs[2 * i + 1]));
        }
        meter.take(pairs, BLOCK);
        synchronized (metered) {
            metered.addLast(new Metered(end, new Levels(left, right, meter.momentary())));
        }
    }

    private void scrubbed(long at) throws DeviceProblem {
        device.drop();
        try {
            device.write(Grain.at(mix.get(), at), Grain.LENGTH);
        } catch (RuntimeException e) {
            LOG.debug("a sound could not be read", e);
        }
    }

    private void fail(DeviceProblem problem) {
        if (!silent) {
            silent = true;
            running = null;
            LOG.debug("playback continues without sound", problem);
            gone.accept(problem.getMessage());
        }
    }

    @Override
    public void close() {
        give(new Task.End());
        try {
            thread.join(1000);
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
    }
}
