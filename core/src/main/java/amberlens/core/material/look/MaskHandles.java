package amberlens.core.material.look;

import amberlens.core.base.geometry.FramePoint;
import java.util.ArrayList;
import java.util.List;

/** The outline of a mask and how far it fades; its centre, extent, turn and feather, and each corner of a polygon. */
final class MaskHandles implements LookHandles {
    @Override
    public void draw(Look look, AppliedLooks alone, Canvas canvas) {
        LookSpace space = look.get(LookKinds.MASK_SPACE);
        boolean inFrame = space == LookSpace.FRAME;
        var ofCentre = inFrame ? LookKinds.MASK_CENTRE_IN_FRAME : LookKinds.MASK_CENTRE;
        var ofSize = inFrame ? LookKinds.MASK_SIZE_IN_FRAME : LookKinds.MASK_SIZE;
        var ofFeather = inFrame ? LookKinds.MASK_FEATHER_IN_FRAME : LookKinds.MASK_FEATHER;
        FramePoint centre = canvas.now(look, ofCentre);
        FramePoint half = canvas.now(look, ofSize).times(0.5);
        double feather = canvas.now(look, ofFeather);
        var plane = new TurnedPlane(centre, canvas.now(look, LookKinds.MASK_TURN));
        canvas.line(around(look, plane, half, canvas), false);
        if (feather > 0) {
            FramePoint faded = half.plus(new FramePoint(2 * feather, 2 * feather));
            canvas.line(around(look, plane, faded, canvas), true);
        }
        if (look.get(LookKinds.SHAPE) == Mask.Shape.POLYGON) {
            corners(look, plane, half, canvas);
        }
        canvas.grip(look, ofCentre, canvas.toFrame(space, centre), to -> canvas.fromFrame(space, to));
        canvas.grip(look, ofSize, canvas.toFrame(space, plane.out(half.x(), 0)), to -> {
            double wide = Math.abs(plane.in(canvas.fromFrame(space, to)).x());
            return new FramePoint(2 * wide, 2 * half.y());
        });
        canvas.grip(look, ofSize, canvas.toFrame(space, plane.out(0, half.y())), to -> {
            double high = Math.abs(plane.in(canvas.fromFrame(space, to)).y());
            return new FramePoint(2 * half.x(), 2 * high);
        });
        canvas.grip(
                look,
                LookKinds.MASK_TURN,
                canvas.toFrame(space, plane.out(0, -half.y())),
                to -> plane.turnTo(canvas.fromFrame(space, to)));
        canvas.grip(
                look,
                ofFeather,
                canvas.toFrame(space, plane.out(-half.x() - 2 * feather, 0)),
                to -> Math.max(0, (-plane.in(canvas.fromFrame(space, to)).x() - half.x()) / 2));
    }

    /** Each corner of a polygon is dragged by itself. */
    private static void corners(Look look, TurnedPlane plane, FramePoint half, Canvas canvas) {
        LookSpace space = look.get(LookKinds.MASK_SPACE);
        List<Mask.Point> points = look.get(LookKinds.POINTS);
        for (int i = 0; i < points.size(); i++) {
            int corner = i;
            Mask.Point point = points.get(i);
            FramePoint at = plane.out(point.x() / 50 * half.x(), point.y() / 50 * half.y());
            canvas.grip(look, "corner", LookKinds.POINTS, canvas.toFrame(space, at), to -> {
                FramePoint local = plane.in(canvas.fromFrame(space, to));
                List<Mask.Point> moved = new ArrayList<>(points);
                moved.set(corner, new Mask.Point(part(local.x(), half.x()), part(local.y(), half.y())));
                return moved;
            });
        }
    }

    private static double part(double way, double half) {
        return half == 0 ? 0 : Math.clamp(50 * way / half, -Mask.Point.FURTHEST, Mask.Point.FURTHEST);
    }

    private static List<FramePoint> around(Look look, TurnedPlane plane, FramePoint half, Canvas canvas) {
        List<FramePoint> local =
                switch (look.get(LookKinds.SHAPE)) {
                    case RECTANGLE ->
                        List.of(
                                new FramePoint(-half.x(), -half.y()),
                                new FramePoint(half.x(), -half.y()),
                                half,
                                new FramePoint(-half.x(), half.y()));
                    case ELLIPSE -> LookHandles.ellipse(half.x(), half.y());
                    case POLYGON ->
                        look.get(LookKinds.POINTS).stream()
                                .map((Mask.Point point) ->
                                        new FramePoint(point.x() / 50 * half.x(), point.y() / 50 * half.y()))
                                .toList();
                };
        LookSpace space = look.get(LookKinds.MASK_SPACE);
        return local.stream()
                .map(point -> canvas.toFrame(space, plane.out(point.x(), point.y())))
                .toList();
    }
}
