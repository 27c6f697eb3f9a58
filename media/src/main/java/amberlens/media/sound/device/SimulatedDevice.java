package amberlens.media.sound.device;

import amberlens.core.material.sound.Samples;
import java.io.BufferedOutputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.function.LongSupplier;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/**
 * A device that nobody hears: it keeps time like one, and writes what it would have played into a WAV file, which is whole after each
 * {@link #drop} and when it is closed. Where nothing is played it writes nothing.
 */
public final class SimulatedDevice implements SoundDevice {
    private static final int AHEAD = Samples.RATE / 10;
    private static final int BYTES = 2 * Samples.CHANNELS;

    private final Path file;
    private final LongSupplier nanos;
    private final Path raw;
    private long start;
    private volatile long written;
    private long kept;
    private volatile long missed;

    /**
     * @param file where it writes
     * @param nanos its clock
     */
    public SimulatedDevice(Path file, LongSupplier nanos) {
        this.file = file;
        this.nanos = nanos;
        raw = file.resolveSibling(file.getFileName() + ".raw");
    }

    @Override
    public void open() throws DeviceProblem {
        try {
            Files.write(raw, new byte[0]);
        } catch (IOException e) {
            throw new DeviceProblem("what would be played cannot be written to " + file, e);
        }
        start = nanos.getAsLong();
        written = 0;
        kept = 0;
        missed = 0;
    }

    /** What a device would have heard by now, were it given all in time. */
    private long due() {
        return (nanos.getAsLong() - start) * Samples.RATE / 1_000_000_000L - missed;
    }

    @Override
    public void write(float[] pairs, int count) throws DeviceProblem {
        if (due() > written) {
            missed += due() - written; // it ran dry, or nobody played
        }
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(raw, StandardOpenOption.APPEND))) {
            for (int i = 0; i < Samples.CHANNELS * count; i++) {
                int sample = Math.round(Math.clamp(pairs[i], -1f, 1f) * Short.MAX_VALUE);
                out.write(sample);
                out.write(sample >> 8);
            }
        } catch (IOException e) {
            throw new DeviceProblem("what would be played cannot be written to " + file, e);
        }
        written += count;
        kept += count;
        while (written - due() > AHEAD) {
            try {
                Thread.sleep(5);
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }

    @Override
    public long played() {
        return Math.clamp(due(), 0, written);
    }

    @Override
    public void drop() {
        long unheard = written - played();
        written -= unheard;
        kept -= unheard;
        keep();
    }

    /** By how many pairs what it was given came too late, since it was opened, pauses too. */
    public long missed() {
        return missed;
    }

    private void keep() {
        var format = new AudioFormat(Samples.RATE, 16, Samples.CHANNELS, true, false);
        try (InputStream heard = Files.newInputStream(raw)) {
            byte[] exact = heard.readNBytes(Math.toIntExact(kept * BYTES));
            try (var whole = new AudioInputStream(new ByteArrayInputStream(exact), format, kept)) {
                AudioSystem.write(whole, AudioFileFormat.Type.WAVE, file.toFile());
            }
            Files.write(raw, exact);
        } catch (IOException | ArithmeticException _) {
            // what was written before stays
        }
    }

    @Override
    public void close() {
        keep();
        try {
            Files.deleteIfExists(raw);
        } catch (IOException _) {
            // it is overwritten next time
        }
    }
}
