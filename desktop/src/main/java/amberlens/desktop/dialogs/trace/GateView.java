package amberlens.desktop.dialogs.trace;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.kit.style.GateSketch;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.Surface;
import amberlens.desktop.work.pictures.Thumbnails;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;

/** The whole picture of a shot with the gate that would move over it. */
final class GateView extends Surface {
    private final Thumbnails thumbnails;
    private final Project project;
    private final Shot shot;
    private List<Pose> poses = List.of();
    private int at;

    GateView(Thumbnails thumbnails, Project project, Shot shot) {
        super(true);
        this.thumbnails = thumbnails;
        this.project = project;
        this.shot = shot;
        setFocusTraversable(false);
        setMouseTransparent(true);
        setId("trace-gate");
    }

    /** @param wanted of all frames, with everything that rides on the shot */
    void show(List<Pose> wanted) {
        poses = wanted;
        redraw();
    }

    void play(int frame) {
        if (frame != at) {
            at = frame;
            redraw();
        }
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        pen.setFill(Palette.GROUND.colour());
        pen.fillRect(0, 0, width, height);
        Media media = project.mediaOf(shot);
        Size fitted = media.size().fittedInto((int) width, (int) height);
        GateSketch view = GateSketch.fitted(pen, media.size(), width, height);
        boolean across = shot.settings().mirror().across();
        thumbnails
                .whole(media, fitted)
                .ifPresent(image -> pen.drawImage(
                        image,
                        across ? view.left() + fitted.width() : view.left(),
                        view.top(),
                        across ? -fitted.width() : fitted.width(),
                        fitted.height()));
        if (poses.isEmpty()) {
            return;
        }
        Pose now = poses.get(Math.clamp(at, 0, poses.size() - 1));
        view.dim(now, project.frameSize());
        view.way(poses, project.frameSize());
        view.gate(poses.getFirst(), project.frameSize(), Palette.PALE.colour(), true);
        view.gate(now, project.frameSize(), Palette.AMBER.colour(), false);
    }
}
