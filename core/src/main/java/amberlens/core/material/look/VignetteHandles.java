package amberlens.core.material.look;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;

/** Where a vignette begins, where it ends, and its centre; none where it changes nothing. */
final class VignetteHandles implements LookHandles {
    @Override
    public void draw(Look look, AppliedLooks alone, Canvas canvas) {
        alone.vignettes().forEach(vignette -> draw(look, vignette, canvas));
    }

    private static void draw(Look look, Vignette vignette, Canvas canvas) {
        LookSpace space = vignette.space();
        Size of = space == LookSpace.PICTURE ? canvas.picture() : canvas.frame();
        double across = vignette.acrossPerWidth(of.width(), of.height()) / of.width();
        double down = vignette.downPerHeight(of.width(), of.height()) / of.height();
        var centre = new FramePoint(vignette.centreX() * of.width(), vignette.centreY() * of.height());
        for (double radius : new double[] {vignette.inner(), vignette.outer()}) {
            canvas.line(
                    LookHandles.ellipse(radius / across, radius / down).stream()
                            .map(point -> canvas.toFrame(space, centre.plus(point)))
                            .toList(),
                    radius == vignette.outer());
        }
        canvas.grip(look, LookKinds.VIGNETTE_CENTRE, canvas.toFrame(space, centre), to -> {
            FramePoint at = canvas.fromFrame(space, to);
            return new FramePoint(100 * at.x() / of.width(), 100 * at.y() / of.height());
        });
        FramePoint inner = centre.plus(new FramePoint(0, vignette.inner() / down));
        canvas.grip(
                look,
                LookKinds.INNER,
                canvas.toFrame(space, inner),
                to -> 100 * down * Math.abs(canvas.fromFrame(space, to).y() - centre.y()));
        FramePoint outer = centre.plus(new FramePoint(-vignette.outer() / across, 0));
        canvas.grip(
                look,
                LookKinds.OUTER,
                canvas.toFrame(space, outer),
                to -> 100 * across * Math.abs(canvas.fromFrame(space, to).x() - centre.x()));
    }
}
