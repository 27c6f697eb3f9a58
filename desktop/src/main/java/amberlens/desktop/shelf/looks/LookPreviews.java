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
import amberlens.desktop.work.services.Services;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.image.Image;

/** Small pictures of looks on the selected shot, made in the background. What was asked for before the newest round is dropped. */
final class LookPreviews {
    static final Size SIZE = new Size(68, 38);

    private final Services services;
    private final AtomicInteger round = new AtomicInteger();

    LookPreviews(Services services) {
        this.services = services;
    }

    /** Begins anew: older wishes are dropped. */
    void begin() {
        round.incrementAndGet();
    }

    /**
     * Makes the picture of a shot with looks.
     *
     * @param at the part of the shot at which it is shown, 0 … 1
     */
    void ask(Project project, Shot shot, Picture picture, LookSet set, double at, Consumer<Image> receiver) {
        int mine = round.get();
        services.background().execute(() -> {
            if (round.get() != mine) {
                return;
            }
            Project dressed = LookEdits.add(Set.of(shot.id()), set).apply(project.only(shot));
            int frame = shot.start() + (int) Math.round(at * shot.lastFrame());
            var seen = LineUpFrame.layers(dressed, frame, SIZE, 1, (_, _) -> picture);
            Image image =
                    Pictures.image(Compositor.compose(seen, project.frame().background(), SIZE, Rows.ALONE));
            if (round.get() == mine) {
                Platform.runLater(() -> receiver.accept(image));
            }
        });
    }
}
