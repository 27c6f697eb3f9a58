package amberlens.desktop.inspector.planes;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.planes.Fill;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import java.util.function.Function;
import javafx.scene.input.MouseEvent;

/** The place from which a copy fills in behind a plane, moved by hand. */
final class BesideDrag extends EditDrag {
    private final Fill before;
    private final PicturePoint from;
    private final Function<MouseEvent, PicturePoint> pointer;

    /** @param pointer in source pixels */
    BesideDrag(Desk desk, Fill before, PicturePoint from, Function<MouseEvent, PicturePoint> pointer) {
        super(desk);
        this.before = before;
        this.from = from;
        this.pointer = pointer;
    }

    @Override
    public void drag(MouseEvent event) {
        PicturePoint now = pointer.apply(event);
        double x = Math.rint(before.byX() + now.x() - from.x());
        double y = Math.rint(before.byY() + now.y() - from.y());
        PlaneCuts.showChange(desk, "copy from beside", plane -> plane.withFill(before.from(x, y)));
    }
}
