package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.commands.KeptInside;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.picture.handling.Pivot;
import java.util.Optional;
import javafx.scene.input.MouseEvent;

/**
 * The picture zoomed, turned, or its anchor moved by a handle in the Lens. Zooms and turns go about the {@link Pivot}, with alt
 * about the frame's middle; shift turns by 15°; with alt the picture jumps to a moved anchor.
 */
final class HandleDrag extends EditDrag {
    private static final double LEAST_FACTOR = 0.02;
    private static final double STEP = 15;

    private final LensSurface surface;
    private final LensHandle handle;
    private final Pose start;
    private final FramePoint grabbed;
    private final boolean linked;
    private Optional<Pose> wanted = Optional.empty();

    HandleDrag(Desk desk, LensSurface surface, LensHandle handle, MouseEvent press) {
        super(desk);
        this.surface = surface;
        this.handle = handle;
        start = desk.cursor().pose().orElseThrow();
        grabbed = surface.toFrame(press.getX(), press.getY());
        linked = desk.cursor()
                .selectedShot()
                .orElseThrow()
                .camera()
                .scale()
                .axes()
                .isEmpty();
    }

    @Override
    public void drag(MouseEvent event) {
        desk.cursor().enterShot();
        FramePoint now = surface.toFrame(event.getX(), event.getY());
        FramePoint pivot = event.isAltDown()
                ? desk.document().project().frameSize().centre()
                : Pivot.of(start, desk.document().project().frameSize());
        Pose pose =
                switch (handle) {
                    case ANCHOR -> anchored(now, event.isAltDown());
                    case TURN -> turned(now, pivot, event.isShiftDown());
                    default -> zoomed(now, pivot);
                };
        wanted = Optional.of(pose);
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .show(desk.setFraming(name(), shot.id(), desk.cursor().shotFrame(), pose)));
    }

    @Override
    public void drop(MouseEvent event) {
        super.drop(event);
        wanted.ifPresent(pose -> KeptInside.tellWhenStopped(desk, pose, "the picture"));
    }

    private String name() {
        return switch (handle) {
            case ANCHOR -> "move anchor";
            case TURN -> "rotate picture";
            default -> "zoom picture";
        };
    }

    private Pose anchored(FramePoint now, boolean jumping) {
        PicturePoint to = start.toPicture(start.position().plus(now.minus(grabbed)));
        return jumping ? start.withAnchor(to) : start.withAnchorInPlace(to);
    }

    private Pose turned(FramePoint now, FramePoint pivot, boolean stepped) {
        double by = Math.IEEEremainder(direction(pivot, now) - direction(pivot, grabbed), 360);
        double wanted = start.degrees() + by;
        double degrees = stepped ? STEP * Math.round(wanted / STEP) : Math.round(wanted * 100) / 100.0;
        return start.turnedAbout(pivot, degrees - start.degrees());
    }

    private static double direction(FramePoint from, FramePoint to) {
        return Math.toDegrees(Math.atan2(to.y() - from.y(), to.x() - from.x()));
    }

    private Pose zoomed(FramePoint now, FramePoint pivot) {
        FramePoint arm = grabbed.minus(pivot);
        FramePoint to = now.minus(pivot);
        boolean oneAxis = handle.isSide() && !linked;
        FramePoint along =
                !handle.isSide() ? arm : handle.isAcross() ? new FramePoint(arm.x(), 0) : new FramePoint(0, arm.y());
        double length = along.x() * along.x() + along.y() * along.y();
        double factor = Math.max(LEAST_FACTOR, (along.x() * to.x() + along.y() * to.y()) / Math.max(1e-9, length));
        double most = Scale.LARGEST / Math.max(start.scale().x(), start.scale().y());
        factor = Math.min(factor, most);
        if (!oneAxis) {
            return start.zoomedAbout(pivot, factor);
        }
        PicturePoint under = start.toPicture(pivot);
        Scale scale = start.scale();
        Pose stretched = start.withScale(
                handle.isAcross()
                        ? new Scale(scale.x() * factor, scale.y())
                        : new Scale(scale.x(), scale.y() * factor));
        return stretched.withPosition(stretched.position().plus(pivot.minus(stretched.toFrame(under))));
    }
}
