package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;

/**
 * How the picture lies on the Table: uniformly scaled and centred, in screen pixels of the Table.
 *
 * @param scale screen pixels per source pixel
 * @param left where the picture's left side lies
 * @param top where its top side lies
 */
record TableView(double scale, double left, double top) {
    /** The whole picture with air around it. */
    static TableView fitting(Size picture, double width, double height, double air) {
        double scale = Math.min(
                Math.max(1, width - 2 * air) / picture.width(), Math.max(1, height - 2 * air) / picture.height());
        return new TableView(scale, (width - scale * picture.width()) / 2, (height - scale * picture.height()) / 2);
    }

    FramePoint toScreen(PicturePoint point) {
        return new FramePoint(left + scale * point.x(), top + scale * point.y());
    }

    PicturePoint toPicture(double x, double y) {
        return new PicturePoint((x - left) / scale, (y - top) / scale);
    }
}
