package amberlens.core.motion;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;

/** The kinds of values a camera has. */
public final class ValueKinds {
    public static final ValueKind<Scale> SCALE = new ValueKind.OfScale();
    public static final ValueKind<FramePoint> POSITION = new ValueKind.OfPosition();
    public static final ValueKind<Double> DEGREES = new ValueKind.OfNumber();
    public static final ValueKind<PicturePoint> ANCHOR = new ValueKind.OfAnchor();

    /** One axis of a property, or a property of one number. */
    public static final ValueKind<Double> NUMBER = new ValueKind.OfNumber();

    private ValueKinds() {}
}
