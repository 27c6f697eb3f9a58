package amberlens.core.motion;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.Size;

/**
 * From one picture and frame to others of another size.
 *
 * @param fromPicture source pixels
 * @param toPicture source pixels
 * @param fromFrame frame pixels
 * @param toFrame frame pixels
 */
public record Resizing(Size fromPicture, Size toPicture, Size fromFrame, Size toFrame) {
    public double frameX() {
        return (double) toFrame.width() / fromFrame.width();
    }

    public double frameY() {
        return (double) toFrame.height() / fromFrame.height();
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

    /** A place or a way in the frame. */
    public FramePoint inFrame(FramePoint offset) {
        return new FramePoint(offset.x() * frameX(), offset.y() * frameY());
    }

    /** How the scale changes that just fills the frame. */
    public double filling() {
        return filling(toPicture, toFrame) / filling(fromPicture, fromFrame);
    }

    /** The scale, 1 for one source pixel a frame pixel, at which an unturned picture just fills the frame. */
    public static double filling(Size picture, Size frame) {
        return Math.max((double) frame.width() / picture.width(), (double) frame.height() / picture.height());
    }
}
