package amberlens.desktop.shelf;

import amberlens.core.colour.Colour;
import amberlens.core.geometry.Size;
import amberlens.core.motion.CameraTrack;
import amberlens.core.raster.Rows;
import amberlens.core.ready.Stage;
import amberlens.core.render.Compositor;
import amberlens.core.render.LineUpFrame;
import amberlens.core.sampling.Pyramid;
import amberlens.desktop.services.Services;
import amberlens.desktop.style.Pictures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.image.Image;

/** Small pictures of moves at some of their moments, made in the background. What was asked for before the newest round is dropped. */
final class MovePreviews {
    static final Size SIZE = new Size(68, 38);
    static final int MOMENTS = 16;

    private final Services services;
    private final AtomicInteger round = new AtomicInteger();

    MovePreviews(Services services) {
        this.services = services;
    }

    /** Begins anew: older wishes are dropped. */
    void begin() {
        round.incrementAndGet();
    }

    /**
     * Makes the pictures of one move.
     *
     * @param move worked out in the background too; nothing is shown when it is empty
     */
    void ask(Pyramid picture, Stage stage, Supplier<Optional<CameraTrack>> move, Consumer<List<Image>> receiver) {
        int mine = round.get();
        services.background().execute(() -> {
            if (round.get() != mine) {
                return;
            }
            Optional<CameraTrack> camera = move.get();
            List<Image> images = new ArrayList<>();
            for (int i = 0; i < MOMENTS && camera.isPresent() && round.get() == mine; i++) {
                double at = (stage.length() - 1.0) * i / (MOMENTS - 1);
                var layer = LineUpFrame.layer(picture, camera.get().at(at), stage.frame(), SIZE);
                images.add(Pictures.image(Compositor.compose(List.of(layer), Colour.BLACK, SIZE, Rows.ALONE)));
            }
            if (round.get() == mine) {
                Platform.runLater(() -> receiver.accept(images));
            }
        });
    }
}
