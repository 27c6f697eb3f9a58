package amberlens.core.motion.curve;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import java.util.OptionalDouble;

/**
 * From one picture and frame to others of another size. Without a zoom, what lies in the frame goes with each side of it; with one, it
 * keeps its shape, and the middle of one frame comes to the middle of the other.
 *
 * @param fromPicture source pixels
 * @param toPicture source pixels
 * @param fromFrame frame pixels
 * @param toFrame frame pixels
 * @param zoom pixels of the new frame for one of the old, above 0
 */
public record Resizing(Size fromPicture, Size toPicture, Size fromFrame, Size toFrame, OptionalDouble zoom) {
    private static final Size ANY = new Size(1, 1);

    /** What lies in the frame goes with each side of it. */
    public Resizing(Size fromPicture, Size toPicture, Size fromFrame, Size toFrame) {
        this(fromPicture, toPicture, fromFrame, toFrame, OptionalDouble.empty());
    }

    /** The same picture as one piece into another frame, its middle in the middle. */
    public static Resizing zoomed(Size fromFrame, Size toFrame, double zoom) {
        return new Resizing(ANY, ANY, fromFrame, toFrame, OptionalDouble.of(zoom));
    }

    /** Back again. */
    public Resizing inverse() {
        return new Resizing(
                toPicture,
                fromPicture,
                toFrame,
                fromFrame,
                zoom.isPresent() ? OptionalDouble.of(1 / zoom.getAsDouble()) : zoom);
    }

    public double frameX() {
        return zoom.orElse((double) toFrame.width() / fromFrame.width());
    }

    public double frameY() {
        return zoom.orElse((double) toFrame.height() / fromFrame.height());
    }

    public double pictureX() {
        return (double) toPicture.width() / fromPicture.width();
    }

    public double pictureY() {
        return (double) toPicture.height() / fromPicture.height();
    }

    /** The handles of a path in the frame. */
    public PathHandles bend(PathHandles handles) {
        return new PathHandles(inFrame(handles.in()), inFrame(handles.out()));
    }

    /** A way in the frame. */
    public FramePoint inFrame(FramePoint offset) {
        return new FramePoint(offset.x() * frameX(), offset.y() * frameY());
    }

    /** A place in the frame. */
    public FramePoint placeInFrame(FramePoint place) {
        return zoom.isEmpty()
                ? inFrame(place)
                : inFrame(place.minus(fromFrame.centre())).plus(toFrame.centre());
    }

    /** How a scale changes: as the one that just fills the frame, or by the zoom. */
    public double filling() {
        return zoom.isPresent() ? zoom.getAsDouble() : filling(toPicture, toFrame) / filling(fromPicture, fromFrame);
    }

    /** The scale, 1 for one source pixel a frame pixel, at which an unturned picture just fills the frame. */
    public static double filling(Size picture, Size frame) {
        return Math.max((double) frame.width() / picture.width(), (double) frame.height() / picture.height());
    }
}
