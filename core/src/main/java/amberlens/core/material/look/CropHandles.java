package amberlens.core.material.look;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Portion;
import java.util.List;

/** The four sides of a crop. */
final class CropHandles implements LookHandles {
    @Override
    public void draw(Look look, AppliedLooks alone, Canvas canvas) {
        Portion left = alone.left();
        double w = canvas.picture().width();
        double h = canvas.picture().height();
        double x = left.left() * w;
        double y = left.top() * h;
        double right = x + left.width() * w;
        double bottom = y + left.height() * h;
        canvas.line(
                List.of(at(canvas, x, y), at(canvas, right, y), at(canvas, right, bottom), at(canvas, x, bottom)),
                false);
        double middle = (x + right) / 2;
        double centre = (y + bottom) / 2;
        canvas.grip(
                look,
                LookKinds.CROP_LEFT,
                at(canvas, x, centre),
                to -> 100 * on(canvas, to).x() / w);
        canvas.grip(
                look,
                LookKinds.CROP_RIGHT,
                at(canvas, right, centre),
                to -> 100 * (1 - on(canvas, to).x() / w));
        canvas.grip(
                look,
                LookKinds.CROP_TOP,
                at(canvas, middle, y),
                to -> 100 * on(canvas, to).y() / h);
        canvas.grip(
                look,
                LookKinds.CROP_BOTTOM,
                at(canvas, middle, bottom),
                to -> 100 * (1 - on(canvas, to).y() / h));
    }

    private static FramePoint at(Canvas canvas, double x, double y) {
        return canvas.toFrame(LookSpace.PICTURE, new FramePoint(x, y));
    }

    private static FramePoint on(Canvas canvas, FramePoint point) {
        return canvas.fromFrame(LookSpace.PICTURE, point);
    }
}
