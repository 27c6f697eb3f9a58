package amberlens.desktop.table;

import amberlens.core.geometry.Size;
import amberlens.core.model.Media;
import amberlens.core.motion.Pose;
import amberlens.core.time.Timecode;
import amberlens.desktop.look.Surface;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Store;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;

/** Paints the picture, what the gate takes of it, the other framings and the path. */
final class TableSurface extends Surface {
    private static final double AIR = 26;

    private final Store store;
    private final TableGround ground;

    TableSurface(Store store, Services services) {
        this.store = store;
        ground = new TableGround(store, services, this::redraw);
        setAccessibleText("Table: the whole picture with the gate");
    }

    Optional<TableView> view() {
        return store.selectedShot()
                .map(shot -> TableView.fitting(store.project().mediaOf(shot).size(), getWidth(), getHeight(), AIR));
    }

    Optional<GateShape> gate() {
        return view().flatMap(view -> store.pose().map(pose -> GateShape.of(pose, frame(), view)));
    }

    private Size frame() {
        return store.project().frameSize();
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        var shot = store.selectedShot();
        if (shot.isEmpty()) {
            return;
        }
        TableView view = view().orElseThrow();
        Media media = store.project().mediaOf(shot.get());
        ground.draw(pen, media, view, width, height);
        Pose pose = shot.get().camera().at(store.shotFrame());
        GateShape gate = GateShape.of(pose, frame(), view);
        GatePainter.dimOutside(pen, gate, view, media.size());
        GatePainter.hatchOpen(pen, gate, view, media.size());
        var move = new MovePainter(store, shot.get(), view);
        move.framings(pen);
        GatePainter.gate(pen, gate);
        move.path(pen);
        GatePainter.anchor(pen, view.toScreen(pose.anchor()));
        String time = Timecode.of(store.shotFrame(), store.project().frame().rate());
        GatePainter.label(pen, gate, time, width, height);
    }
}
