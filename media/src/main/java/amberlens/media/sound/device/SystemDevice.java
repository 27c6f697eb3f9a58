package amberlens.media.sound.device;

import amberlens.core.material.sound.Samples;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;
import org.jspecify.annotations.Nullable;

/** The device that the system plays sound on. */
public final class SystemDevice implements SoundDevice {
    private static final int BYTES = 2 * Samples.CHANNELS;

    /** As much is ahead, in pairs: a tenth of a second. */
    private static final int AHEAD = Samples.RATE / 10;

    private volatile @Nullable SourceDataLine line;
    private volatile long written;
    private volatile long dropped;

    @Override
    public void open() throws DeviceProblem {
        AudioFormat format = new AudioFormat(Samples.RATE, 16, Samples.CHANNELS, true, false);
        try {
            SourceDataLine found = AudioSystem.getSourceDataLine(format);
            found.open(format, AHEAD * BYTES);
            found.start();
            line = found;
            written = 0;
            dropped = 0;
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException e) {
            throw new DeviceProblem("no sound device can be used", e);
        }
    }

    @Override
    public void write(float[] pairs, int count) throws DeviceProblem {
        SourceDataLine now = line;
        if (now == null || !now.isOpen()) {
            throw new DeviceProblem("the sound device has gone", null);
        }
        byte[] bytes = bytes(pairs, count);
        int taken = now.write(bytes, 0, bytes.length);
        written += taken / BYTES;
        if (taken < bytes.length && !now.isOpen()) {
            throw new DeviceProblem("the sound device has gone", null);
        }
    }

    private static byte[] bytes(float[] pairs, int count) {
        byte[] bytes = new byte[count * BYTES];
        for (int i = 0; i < Samples.CHANNELS * count; i++) {
            int sample = Math.round(Math.clamp(pairs[i], -1f, 1f) * Short.MAX_VALUE);
            bytes[2 * i] = (byte) sample;
            bytes[2 * i + 1] = (byte) (sample >> 8);
        }
        return bytes;
    }

    @Override
    public long played() {
        SourceDataLine now = line;
        return now == null ? written : Math.min(written, now.getLongFramePosition() + dropped);
    }

    @Override
    public void drop() {
        SourceDataLine now = line;
        if (now != null) {
            now.flush();
            dropped += Math.max(0, written - (now.getLongFramePosition() + dropped));
        }
    }

    @Override
    public void close() {
        SourceDataLine now = line;
        line = null;
        if (now != null) {
            now.close();
        }
    }
}
