package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;

/**
 * How the output lies in the Lens, in screen pixels of the Lens.
 *
 * @param zoom screen pixels per frame pixel
 * @param left where the frame's left side lies; may be outside
 * @param top where its top side lies
 * @param frame frame pixels
 */
record LensView(double zoom, double left, double top, Size frame) {
    /** The whole frame, as large as fits. */
    static LensView fitting(Size frame, double width, double height) {
        Size shown = frame.fittedInto(width, height);
        return new LensView(
                (double) shown.width() / frame.width(),
                Math.floor((width - shown.width()) / 2),
                Math.floor((height - shown.height()) / 2),
                frame);
    }

    /** A fixed zoom with a point of the frame in the middle, as far as the frame reaches. */
    static LensView close(Size frame, double zoom, FramePoint middle, double width, double height) {
        return new LensView(
                zoom,
                within(width / 2 - zoom * middle.x(), width, zoom * frame.width()),
                within(height / 2 - zoom * middle.y(), height, zoom * frame.height()),
                frame);
    }

    private static double within(double start, double room, double length) {
        return Math.round(length <= room ? (room - length) / 2 : Math.clamp(start, room - length, 0));
    }

    /** The size of the whole frame on the screen. */
    Size shown() {
        return new Size((int) Math.max(1, Math.round(zoom * frame.width())), (int)
                Math.max(1, Math.round(zoom * frame.height())));
    }

    FramePoint toScreen(FramePoint point) {
        return new FramePoint(left + point.x() * zoom, top + point.y() * zoom);
    }

    FramePoint toFrame(double x, double y) {
        return new FramePoint((x - left) / zoom, (y - top) / zoom);
    }
}
