package amberlens.core.material.look;

import amberlens.core.base.geometry.FramePoint;
import java.util.List;

/** From the middle of the picture to where its shadow lies. */
final class ShadowHandles implements LookHandles {
    @Override
    public void draw(Look look, AppliedLooks alone, Canvas canvas) {
        FramePoint middle = canvas.toFrame(
                LookSpace.PICTURE,
                new FramePoint(canvas.picture().width() / 2.0, canvas.picture().height() / 2.0));
        FramePoint end = middle.plus(canvas.now(look, LookKinds.SHADOW_OFFSET));
        canvas.line(List.of(middle, end), true);
        canvas.grip(look, LookKinds.SHADOW_OFFSET, end, to -> to.minus(middle));
    }
}
