package amberlens.desktop.inspector.looks;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSpace;
import amberlens.core.material.look.Mask;
import amberlens.core.material.look.Vignette;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Property;
import amberlens.desktop.desk.state.Desk;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.IntStream;

/** Where the looks of the selected shot lie in the frame at the playhead, and by what places they are changed. */
public final class LookShapes {
    private static final int STEPS = 72;

    private final Shot shot;
    private final int frame;
    private final Pose pose;
    private final Size picture;
    private final Size output;
    private final Mirror mirror;
    private final List<LookGrip> grips = new ArrayList<>();
    private final List<Line> lines = new ArrayList<>();

    /**
     * A closed line in the frame.
     *
     * @param points frame pixels
     * @param soft whether it only shows how far something fades
     */
    public record Line(List<FramePoint> points, boolean soft) {}

    private LookShapes(Project project, Shot shot, int frame, List<Look> looks) {
        this.shot = shot;
        this.frame = frame;
        pose = project.pose(shot, frame);
        picture = project.mediaOf(shot).size();
        output = project.frameSize();
        mirror = shot.settings().mirror();
        looks.stream().filter(Look::on).forEach(this::add);
    }

    /** Those of a shot at one of its frames. */
    static LookShapes of(Project project, Shot shot, int frame) {
        return new LookShapes(project, shot, frame, shot.looks());
    }

    /** Those that are available: of the selected shot at the playhead, while the Camera shows its looks. */
    public static LookShapes shown(Desk desk, Shot shot) {
        Project project = desk.document().project();
        int frame = desk.cursor().shotFrame();
        boolean atHand = desk.tools().group() == Group.LOOK
                && desk.cursor().insideShot()
                && project.pose(shot, frame).isSeen();
        return new LookShapes(project, shot, frame, atHand ? shot.looks() : List.of());
    }

    public List<LookGrip> grips() {
        return grips;
    }

    public List<Line> lines() {
        return lines;
    }

    private void add(Look look) {
        AppliedLooks alone = AppliedLooks.of(List.of(look), shot.camera(), frame);
        alone.vignettes().forEach(vignette -> addVignette(look, vignette));
        if (look.kind().equals(LookKinds.MASK)) {
            addMask(look);
        } else if (look.kind().equals(LookKinds.CROP)) {
            addCrop(look, alone.left());
        } else if (look.kind().equals(LookKinds.SHADOW)) {
            addShadow(look);
        }
    }

    private <V> V now(Look look, Property<V> amount) {
        return look.at(shot.camera(), amount, frame);
    }

    private <V> void grip(Look look, Property<V> amount, FramePoint at, Function<FramePoint, V> value) {
        grips.add(LookGrip.of(shot, frame, look, amount, at, value));
    }

    /** From the pixels of a space to frame pixels. */
    private FramePoint toFrame(LookSpace space, FramePoint point) {
        if (space == LookSpace.FRAME) {
            return point;
        }
        FramePoint mirrored = mirrored(point);
        return pose.toFrame(new PicturePoint(mirrored.x(), mirrored.y()));
    }

    private FramePoint fromFrame(LookSpace space, FramePoint point) {
        if (space == LookSpace.FRAME) {
            return point;
        }
        PicturePoint on = pose.toPicture(point);
        return mirrored(new FramePoint(on.x(), on.y()));
    }

    private FramePoint mirrored(FramePoint point) {
        return new FramePoint(
                mirror.across() ? picture.width() - point.x() : point.x(),
                mirror.down() ? picture.height() - point.y() : point.y());
    }

    private void addMask(Look look) {
        LookSpace space = look.get(LookKinds.MASK_SPACE);
        boolean inFrame = space == LookSpace.FRAME;
        var ofCentre = inFrame ? LookKinds.MASK_CENTRE_IN_FRAME : LookKinds.MASK_CENTRE;
        var ofSize = inFrame ? LookKinds.MASK_SIZE_IN_FRAME : LookKinds.MASK_SIZE;
        var ofFeather = inFrame ? LookKinds.MASK_FEATHER_IN_FRAME : LookKinds.MASK_FEATHER;
        FramePoint centre = now(look, ofCentre);
        FramePoint half = now(look, ofSize).times(0.5);
        double feather = now(look, ofFeather);
        var plane = new TurnedPlane(centre, now(look, LookKinds.MASK_TURN));
        lines.add(new Line(around(look, plane, half, space), false));
        if (feather > 0) {
            FramePoint faded = half.plus(new FramePoint(2 * feather, 2 * feather));
            lines.add(new Line(around(look, plane, faded, space), true));
        }
        if (look.get(LookKinds.SHAPE) == Mask.Shape.POLYGON) {
            addCorners(look, plane, half, space);
        }
        grip(look, ofCentre, toFrame(space, centre), to -> fromFrame(space, to));
        grip(look, ofSize, toFrame(space, plane.out(half.x(), 0)), to -> {
            double wide = Math.abs(plane.in(fromFrame(space, to)).x());
            return new FramePoint(2 * wide, 2 * half.y());
        });
        grip(look, ofSize, toFrame(space, plane.out(0, half.y())), to -> {
            double high = Math.abs(plane.in(fromFrame(space, to)).y());
            return new FramePoint(2 * half.x(), 2 * high);
        });
        grip(
                look,
                LookKinds.MASK_TURN,
                toFrame(space, plane.out(0, -half.y())),
                to -> plane.turnTo(fromFrame(space, to)));
        grip(
                look,
                ofFeather,
                toFrame(space, plane.out(-half.x() - 2 * feather, 0)),
                to -> Math.max(0, (-plane.in(fromFrame(space, to)).x() - half.x()) / 2));
    }

    /** Each corner of a polygon is dragged by itself. */
    private void addCorners(Look look, TurnedPlane plane, FramePoint half, LookSpace space) {
        List<Mask.Point> points = look.get(LookKinds.POINTS);
        for (int i = 0; i < points.size(); i++) {
            int corner = i;
            Mask.Point point = points.get(i);
            FramePoint at = plane.out(point.x() / 50 * half.x(), point.y() / 50 * half.y());
            grips.add(
                    new LookGrip(look, "corner of " + look.words().toLowerCase(Locale.ROOT), toFrame(space, at), to -> {
                        FramePoint local = plane.in(fromFrame(space, to));
                        List<Mask.Point> moved = new ArrayList<>(points);
                        moved.set(corner, new Mask.Point(part(local.x(), half.x()), part(local.y(), half.y())));
                        return LookEdits.choose(shot.id(), look, LookKinds.POINTS, moved, frame);
                    }));
        }
    }

    private static double part(double way, double half) {
        return half == 0 ? 0 : Math.clamp(50 * way / half, -Mask.Point.FURTHEST, Mask.Point.FURTHEST);
    }

    private List<FramePoint> around(Look look, TurnedPlane plane, FramePoint half, LookSpace space) {
        List<FramePoint> local =
                switch (look.get(LookKinds.SHAPE)) {
                    case RECTANGLE ->
                        List.of(
                                new FramePoint(-half.x(), -half.y()),
                                new FramePoint(half.x(), -half.y()),
                                half,
                                new FramePoint(-half.x(), half.y()));
                    case ELLIPSE -> ellipse(half.x(), half.y());
                    case POLYGON ->
                        look.get(LookKinds.POINTS).stream()
                                .map((Mask.Point point) ->
                                        new FramePoint(point.x() / 50 * half.x(), point.y() / 50 * half.y()))
                                .toList();
                };
        return local.stream()
                .map(point -> toFrame(space, plane.out(point.x(), point.y())))
                .toList();
    }

    private static List<FramePoint> ellipse(double across, double down) {
        return IntStream.range(0, STEPS)
                .mapToObj(i -> {
                    double angle = 2 * Math.PI * i / STEPS;
                    return new FramePoint(across * Math.cos(angle), down * Math.sin(angle));
                })
                .toList();
    }

    private void addVignette(Look look, Vignette vignette) {
        LookSpace space = vignette.space();
        Size of = space == LookSpace.PICTURE ? picture : output;
        double across = vignette.acrossPerWidth(of.width(), of.height()) / of.width();
        double down = vignette.downPerHeight(of.width(), of.height()) / of.height();
        var centre = new FramePoint(vignette.centreX() * of.width(), vignette.centreY() * of.height());
        for (double radius : new double[] {vignette.inner(), vignette.outer()}) {
            lines.add(new Line(
                    ellipse(radius / across, radius / down).stream()
                            .map(point -> toFrame(space, centre.plus(point)))
                            .toList(),
                    radius == vignette.outer()));
        }
        grip(look, LookKinds.VIGNETTE_CENTRE, toFrame(space, centre), to -> {
            FramePoint at = fromFrame(space, to);
            return new FramePoint(100 * at.x() / of.width(), 100 * at.y() / of.height());
        });
        FramePoint inner = centre.plus(new FramePoint(0, vignette.inner() / down));
        grip(
                look,
                LookKinds.INNER,
                toFrame(space, inner),
                to -> 100 * down * Math.abs(fromFrame(space, to).y() - centre.y()));
        FramePoint outer = centre.plus(new FramePoint(-vignette.outer() / across, 0));
        grip(
                look,
                LookKinds.OUTER,
                toFrame(space, outer),
                to -> 100 * across * Math.abs(fromFrame(space, to).x() - centre.x()));
    }

    private void addCrop(Look look, Portion left) {
        double w = picture.width();
        double h = picture.height();
        double x = left.left() * w;
        double y = left.top() * h;
        double right = x + left.width() * w;
        double bottom = y + left.height() * h;
        lines.add(new Line(
                List.of(onPicture(x, y), onPicture(right, y), onPicture(right, bottom), onPicture(x, bottom)), false));
        double middle = (x + right) / 2;
        double centre = (y + bottom) / 2;
        grip(
                look,
                LookKinds.CROP_LEFT,
                onPicture(x, centre),
                to -> 100 * offPicture(to).x() / w);
        grip(
                look,
                LookKinds.CROP_RIGHT,
                onPicture(right, centre),
                to -> 100 * (1 - offPicture(to).x() / w));
        grip(
                look,
                LookKinds.CROP_TOP,
                onPicture(middle, y),
                to -> 100 * offPicture(to).y() / h);
        grip(
                look,
                LookKinds.CROP_BOTTOM,
                onPicture(middle, bottom),
                to -> 100 * (1 - offPicture(to).y() / h));
    }

    private FramePoint onPicture(double x, double y) {
        return toFrame(LookSpace.PICTURE, new FramePoint(x, y));
    }

    private FramePoint offPicture(FramePoint point) {
        return fromFrame(LookSpace.PICTURE, point);
    }

    /** From the middle of the picture to where its shadow lies. */
    private void addShadow(Look look) {
        FramePoint middle = onPicture(picture.width() / 2.0, picture.height() / 2.0);
        FramePoint offset = now(look, LookKinds.SHADOW_OFFSET);
        lines.add(new Line(List.of(middle, middle.plus(offset)), true));
        grip(look, LookKinds.SHADOW_OFFSET, middle.plus(offset), to -> to.minus(middle));
    }
}
