package amberlens.desktop.shelf.looks;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.material.look.LookSet;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.desktop.kit.style.Pictures;
import amberlens.desktop.work.background.Round;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.image.Image;

/** Small pictures of looks on the selected shot, made in the background. What was asked for before the newest round is dropped. */
final class LookPreviews {
    private static final Size SMALL = new Size(68, 38);
    private static final Size LARGE = new Size(208, 117);

    /** How large they are: large on a sheet. */
    static Size size(boolean sheet) {
        return sheet ? LARGE : SMALL;
    }

    private final Round round;

    LookPreviews(Services services) {
        round = new Round(services.background());
    }

    /** Begins anew: older wishes are dropped. */
    void begin() {
        round.begin();
    }

    /**
     * Makes the picture of a shot with looks.
     *
     * @param size of the picture
     * @param at the part of the shot at which it is shown, 0 … 1
     */
    void ask(Project project, Shot shot, Picture picture, LookSet set, double at, Size size, Consumer<Image> receiver) {
        Work.Compute<Image> made = () -> {
            Project dressed = LookEdits.add(Set.of(shot.id()), set).apply(project.only(shot));
            int frame = shot.start() + (int) Math.round(at * shot.lastFrame());
            var seen = LineUpFrame.layers(dressed, frame, size, 1, _ -> picture);
            return Pictures.image(Compositor.compose(seen, project.frame().background(), size, Rows.ALONE));
        };
        round.start(Work.of(made, receiver, _ -> {})); // a card without a picture says enough
    }
}
