package amberlens.desktop.inspector.looks;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.look.Choice;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookHandles;
import amberlens.core.material.look.LookSpace;
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

/** Where the looks of the selected shot lie in the frame at the playhead, and by what places they are changed. */
public final class LookShapes implements LookHandles.Canvas {
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
        look.kind().handles().draw(look, AppliedLooks.of(List.of(look), shot.camera(), frame), this);
    }

    @Override
    public Size picture() {
        return picture;
    }

    @Override
    public Size frame() {
        return output;
    }

    @Override
    public <V> V now(Look look, Property<V> amount) {
        return look.at(shot.camera(), amount, frame);
    }

    @Override
    public void line(List<FramePoint> points, boolean soft) {
        lines.add(new Line(points, soft));
    }

    @Override
    public <V> void grip(Look look, Property<V> amount, FramePoint at, Function<FramePoint, V> value) {
        grips.add(LookGrip.of(shot, frame, look, amount, at, value));
    }

    @Override
    public <V> void grip(Look look, String what, Choice<V> choice, FramePoint at, Function<FramePoint, V> value) {
        grips.add(new LookGrip(
                look,
                what + " of " + look.words().toLowerCase(Locale.ROOT),
                at,
                to -> LookEdits.choose(shot.id(), look, choice, value.apply(to), frame)));
    }

    @Override
    public FramePoint toFrame(LookSpace space, FramePoint point) {
        if (space == LookSpace.FRAME) {
            return point;
        }
        FramePoint mirrored = mirrored(point);
        return pose.toFrame(new PicturePoint(mirrored.x(), mirrored.y()));
    }

    @Override
    public FramePoint fromFrame(LookSpace space, FramePoint point) {
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
}
