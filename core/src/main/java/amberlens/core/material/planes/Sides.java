package amberlens.core.material.planes;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import java.util.Optional;

/** Where an outline runs along a side of its picture. */
final class Sides {
    /** Points as near as this to a side lie on it, in source pixels. */
    private static final double ON_SIDE = 0.5;

    private Sides() {}

    /** The side along which the way from one point to another runs. */
    static Optional<Side> along(PicturePoint from, PicturePoint to, Size picture) {
        for (Side side : Side.values()) {
            if (isOn(from, side, picture) && isOn(to, side, picture)) {
                return Optional.of(side);
            }
        }
        return Optional.empty();
    }

    private static boolean isOn(PicturePoint point, Side side, Size picture) {
        return switch (side) {
            case LEFT -> point.x() <= ON_SIDE;
            case RIGHT -> point.x() >= picture.width() - ON_SIDE;
            case TOP -> point.y() <= ON_SIDE;
            case BOTTOM -> point.y() >= picture.height() - ON_SIDE;
        };
    }
}
