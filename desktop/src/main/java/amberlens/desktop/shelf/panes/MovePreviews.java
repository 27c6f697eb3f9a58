package amberlens.desktop.shelf.panes;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.ready.Stage;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.look.LookSet;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.Seen;
import amberlens.desktop.kit.style.Pictures;
import amberlens.desktop.work.background.Round;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.image.Image;

/** Small pictures of moves at some of their moments, made in the background. What was asked for before the newest round is dropped. */
final class MovePreviews {
    private static final Size SMALL = new Size(68, 38);
    private static final Size LARGE = new Size(208, 117);

    /** How large they are: large on a sheet. */
    static Size size(boolean sheet) {
        return sheet ? LARGE : SMALL;
    }

    static final int MOMENTS = 16;

    /**
     * What a move does.
     *
     * @param looks what it keys beside the camera
     */
    record Moving(CameraTrack camera, Optional<LookSet> looks) {
        static Moving of(CameraTrack camera) {
            return new Moving(camera, Optional.empty());
        }

        private Seen seen(Picture picture, double at, Size frame, Size size) {
            AppliedLooks worn = looks.map(set -> AppliedLooks.of(set.looks(), set.camera(), at))
                    .orElse(AppliedLooks.PLAIN);
            return LineUpFrame.dressed(picture, camera.at(at), Mirror.NONE, worn, frame, size);
        }
    }

    private final Round round;

    MovePreviews(Services services) {
        round = new Round(services.background());
    }

    /** Begins anew: older wishes are dropped. */
    void begin() {
        round.begin();
    }

    /**
     * Makes the pictures of one move.
     *
     * @param size of each
     * @param move worked out in the background too; nothing is shown when it is empty
     */
    void ask(Picture picture, Stage stage, Size size, Supplier<Optional<Moving>> move, Consumer<List<Image>> receiver) {
        Work.Watched<List<Image>> made = work -> {
            Optional<Moving> moving = move.get();
            List<Image> images = new ArrayList<>();
            for (int i = 0; i < MOMENTS && moving.isPresent() && work.isWanted(); i++) {
                double at = (stage.length() - 1.0) * i / (MOMENTS - 1);
                Seen seen = moving.get().seen(picture, at, stage.frame(), size);
                images.add(Pictures.image(Compositor.compose(List.of(seen), Colour.BLACK, size, Rows.ALONE)));
            }
            return images;
        };
        round.start(Work.watched(made, receiver, _ -> {})); // a card without pictures says enough
    }
}
