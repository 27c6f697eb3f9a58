package amberlens.desktop.time.hearing;

/**
 * How loud what is heard now is.
 *
 * @param left the greatest sample of the last block, 0 and more; above 1 it is cut off
 * @param right likewise
 * @param momentary the last 400 ms in LUFS; −∞ for silence
 */
public record Levels(double left, double right, double momentary) {
    public static final Levels SILENT = new Levels(0, 0, Double.NEGATIVE_INFINITY);
}
