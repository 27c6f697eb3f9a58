package amberlens.media.sound.device;

/**
 * Plays pairs of samples at {@value amberlens.core.material.sound.Samples#RATE} Hz as they come, at its own pace: its place is the clock that
 * pictures follow. For one thread; {@link #played} may be asked by any.
 */
public interface SoundDevice extends AutoCloseable {
    /**
     * Gets ready to play.
     *
     * @throws DeviceProblem when there is no device, or somebody else has it
     */
    void open() throws DeviceProblem;

    /**
     * Takes samples; waits while it has enough for the next tenth of a second.
     *
     * @param pairs left and right in turn
     * @param count pairs
     * @throws DeviceProblem when the device has gone
     */
    void write(float[] pairs, int count) throws DeviceProblem;

    /** How many pairs have been heard, or dropped, since it was opened. */
    long played();

    /** Drops what was taken and not heard yet. */
    void drop();

    @Override
    void close();
}
