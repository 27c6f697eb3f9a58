package amberlens.desktop.inspector.planes;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.planes.Plane;
import amberlens.core.material.planes.PlaneLimits;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Gesture;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.input.MouseEvent;

/** A point of an outline that is dragged; where there was none on it, a new one. A double-click on a point takes it away. */
public final class OutlineDrag implements Gesture {
    private final Desk desk;
    private final Plane plane;
    private final int point;
    private final boolean isNew;
    private final boolean twice;
    private final Function<MouseEvent, PicturePoint> pointer;

    private OutlineDrag(
            Desk desk,
            Plane plane,
            int point,
            boolean isNew,
            boolean twice,
            Function<MouseEvent, PicturePoint> pointer) {
        this.desk = desk;
        this.plane = plane;
        this.point = point;
        this.isNew = isNew;
        this.twice = twice;
        this.pointer = pointer;
    }

    /**
     * What a press on planes means: on a point or the outline of the selected one, to change it; on a tag or another outline, to take that
     * one available.
     *
     * @param pointer on the picture as it is shown
     */
    public static Optional<Gesture> choose(
            Desk desk, PlaneView view, MouseEvent press, Function<MouseEvent, PicturePoint> pointer) {
        Optional<Plane> atHand = PlaneCuts.selected(desk);
        if (atHand.isPresent()) {
            Plane plane = atHand.get();
            boolean twice = press.getClickCount() == 2;
            if (view.isBesideGrip(plane, press.getX(), press.getY())) {
                UnaryOperator<PicturePoint> toSource = PlaneCuts.shot(desk)
                        .map(shot -> PlaneCuts.shown(desk, shot))
                        .orElse(UnaryOperator.identity());
                return Optional.of(new BesideDrag(
                        desk,
                        plane.fill(),
                        toSource.apply(pointer.apply(press)),
                        event -> toSource.apply(pointer.apply(event))));
            }
            Optional<Gesture> drag = view.pointAt(plane, press.getX(), press.getY())
                    .<Gesture>map(at -> new OutlineDrag(desk, plane, at, false, twice, pointer))
                    .or(() -> view.segmentAt(plane, press.getX(), press.getY())
                            .map(at -> new OutlineDrag(desk, plane, at + 1, true, false, pointer)));
            if (drag.isPresent()) {
                return drag;
            }
        }
        return view.at(press.getX(), press.getY()).map(plane -> new Gesture() {
            @Override
            public void drag(MouseEvent event) {
                // a plane itself stays where it is in the picture
            }

            @Override
            public void click(MouseEvent event) {
                desk.tools().planes().select(Optional.of(plane.id()));
            }
        });
    }

    private List<PicturePoint> with(PicturePoint at) {
        List<PicturePoint> outline = new ArrayList<>(plane.outline());
        if (isNew) {
            outline.add(point, at);
        } else {
            outline.set(point, at);
        }
        return outline;
    }

    @Override
    public void drag(MouseEvent event) {
        Optional<Shot> shot = PlaneCuts.shot(desk);
        if (shot.isEmpty()) {
            return;
        }
        UnaryOperator<PicturePoint> toSource = PlaneCuts.shown(desk, shot.get());
        PicturePoint at = toSource.apply(pointer.apply(event));
        List<PicturePoint> outline = PlaneLimits.within(
                List.of(at), PlaneCuts.media(desk, shot.get()).size(), 0);
        desk.tools().planes().setDragged(Optional.of(with(outline.getFirst())));
    }

    @Override
    public void drop(MouseEvent event) {
        Optional<List<PicturePoint>> outline = desk.tools().planes().dragged();
        desk.tools().planes().setDragged(Optional.empty());
        outline.ifPresent(points -> PlaneCuts.change(desk, "outline", now -> now.withOutline(points)));
    }

    @Override
    public void click(MouseEvent event) {
        if (twice && plane.outline().size() > 3) {
            List<PicturePoint> outline = new ArrayList<>(plane.outline());
            outline.remove(point);
            PlaneCuts.change(desk, "outline", now -> now.withOutline(outline));
        }
    }

    @Override
    public void cancel() {
        desk.tools().planes().setDragged(Optional.empty());
    }
}
