package amberlens.core.base.geometry;

/** The shapes of other deliveries, to see what they would crop: common practice. */
public enum DeliveryGuide {
    WIDE("2.39:1", 2.39),
    SQUARE("1:1", 1),
    PORTRAIT("4:5", 4.0 / 5),
    TALL("9:16", 9.0 / 16);

    private final String words;
    private final double ratio;

    DeliveryGuide(String words, double ratio) {
        this.words = words;
        this.ratio = ratio;
    }

    public String words() {
        return words;
    }

    /** The largest size of this shape in the middle of a frame, in whole frame pixels. */
    public Size in(Size frame) {
        return frame.width() >= frame.height() * ratio
                ? new Size(Math.max(1, (int) Math.round(frame.height() * ratio)), frame.height())
                : new Size(frame.width(), Math.max(1, (int) Math.round(frame.width() / ratio)));
    }
}
