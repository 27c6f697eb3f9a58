package amberlens.core.motion.pose;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Turn;
import java.util.Optional;

/**
 * How a picture leans into the space behind the frame, and where its corners are pulled.
 *
 * @param pitch degrees; positive: the upper side leans away from the viewer
 * @param yaw degrees; positive: the right side leans away
 * @param distance of the viewer, in multiples of the picture's longer side as it is seen, above 0
 * @param corners where the pictured corners are pulled
 * @param setting what it is seen in; empty where only the numbers are known
 */
public record Depth(double pitch, double yaw, double distance, CornerOffsets corners, Optional<Setting> setting) {
    public static final double USUAL_DISTANCE = 2;
    public static final double LEAST_DISTANCE = 0.75;
    public static final double LARGEST_DISTANCE = 100;

    /** The picture lies flat in the frame. */
    public static final Depth FLAT = new Depth(0, 0, USUAL_DISTANCE, CornerOffsets.NONE, Optional.empty());

    /**
     * The sheet that leans, and the frame it is seen in.
     *
     * @param left where the sheet's left side lies among the picture points of the pose: not 0 where only a part of it is judged
     * @param top likewise
     * @param across how many source pixels one picture point's unit is across: not 1 where a part stands for the whole
     * @param down likewise down
     * @param sheet source pixels
     * @param centre of the frame among the frame points of the pose
     * @param over what rigs lay over it: frame points on frame points
     */
    public record Setting(
            double left, double top, double across, double down, Size sheet, FramePoint centre, Laid over) {
        /** A whole picture in a whole frame with nothing laid over it. */
        public static Setting of(Size picture, Size frame) {
            return new Setting(0, 0, 1, 1, picture, frame.centre(), Laid.NOTHING);
        }

        public Setting withOver(Laid laid) {
            return new Setting(left, top, across, down, sheet, centre, laid);
        }

        /** The same as a part of the sheet is judged, in a part of the frame. */
        public Setting judged(double fromLeft, double fromTop, FramePoint origin) {
            return new Setting(
                    left - fromLeft, top - fromTop, across, down, sheet, centre.minus(origin), over.from(origin));
        }

        /** The same when a part of what counts as the picture stands for all of it. */
        Setting within(Portion part, Size picture) {
            return new Setting(
                    (left - part.left() * picture.width()) / part.width(),
                    (top - part.top() * picture.height()) / part.height(),
                    across * part.width(),
                    down * part.height(),
                    sheet,
                    centre,
                    over);
        }

        /** Undoes {@link #within}. */
        Setting outOf(Portion part, Size picture) {
            return new Setting(
                    left * part.width() + part.left() * picture.width(),
                    top * part.height() + part.top() * picture.height(),
                    across / part.width(),
                    down / part.height(),
                    sheet,
                    centre,
                    over);
        }
    }

    public Depth {
        if (!(distance > 0) || !Double.isFinite(pitch) || !Double.isFinite(yaw)) {
            throw new IllegalArgumentException(
                    "a depth has finite turns and a distance above 0, not " + pitch + ", " + yaw + ", " + distance);
        }
    }

    /** Whether the picture simply lies in the frame, whole turns apart. */
    public boolean isFlat() {
        return pitch % 360 == 0 && yaw % 360 == 0 && corners.areNone();
    }

    /** How far the viewer stands before the frame, in frame pixels. */
    double viewer(Scale scale, Setting setting) {
        return distance
                * Math.sqrt(scale.factorX() * scale.factorY() / (setting.across() * setting.down()))
                * Math.max(setting.sheet().width(), setting.sheet().height());
    }

    double cosPitch() {
        return Turn.cos(pitch);
    }

    double sinPitch() {
        return Turn.sin(pitch);
    }

    double cosYaw() {
        return Turn.cos(yaw);
    }

    double sinYaw() {
        return Turn.sin(yaw);
    }

    public Depth withPitch(double degrees) {
        return new Depth(degrees, yaw, distance, corners, setting);
    }

    public Depth withYaw(double degrees) {
        return new Depth(pitch, degrees, distance, corners, setting);
    }

    public Depth withDistance(double multiples) {
        return new Depth(pitch, yaw, multiples, corners, setting);
    }

    public Depth withCorners(CornerOffsets offsets) {
        return new Depth(pitch, yaw, distance, offsets, setting);
    }

    public Depth withCorner(Corner corner, FramePoint offset) {
        return withCorners(corners.with(corner, offset));
    }

    public Depth in(Setting newSetting) {
        return new Depth(pitch, yaw, distance, corners, Optional.of(newSetting));
    }
}
