package amberlens.desktop.inspector.planes;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.kit.style.Gesture;
import amberlens.desktop.work.services.Services;
import amberlens.media.planes.ThingCut;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.input.MouseEvent;

/**
 * One drag by which something is cut out: straight from corner to corner it is a box around it, and round about it a scribble. Its outline
 * is found in the background.
 */
public final class CutDrag implements Gesture {
    /** A way that is so much longer than the distance between its ends goes round something. */
    private static final double ROUND = 2.2;

    private static final int FEWEST = 8;

    private final Desk desk;
    private final Services services;
    private final Function<MouseEvent, PicturePoint> pointer;
    private final List<PicturePoint> way = new ArrayList<>();
    private double length;

    /** @param pointer on the picture as it is shown */
    public CutDrag(Desk desk, Services services, PicturePoint from, Function<MouseEvent, PicturePoint> pointer) {
        this.desk = desk;
        this.services = services;
        this.pointer = pointer;
        way.add(from);
    }

    private boolean isRound() {
        PicturePoint from = way.getFirst();
        PicturePoint to = way.getLast();
        return way.size() >= FEWEST && length > ROUND * Math.hypot(to.x() - from.x(), to.y() - from.y());
    }

    @Override
    public void drag(MouseEvent event) {
        PicturePoint now = pointer.apply(event);
        PicturePoint last = way.getLast();
        length += Math.hypot(now.x() - last.x(), now.y() - last.y());
        way.add(now);
        if (isRound()) {
            desk.tools().setDrawn(Optional.empty());
            desk.tools().planes().setAhead(way);
        } else {
            desk.tools().planes().setAhead(List.of());
            desk.tools().setDrawn(Optional.of(new Tools.Drawn(way.getFirst(), now, true)));
        }
    }

    @Override
    public void drop(MouseEvent event) {
        Optional<Shot> shot = PlaneCuts.shot(desk);
        boolean round = isRound();
        List<PicturePoint> drawn = List.copyOf(way);
        desk.tools().take(Tool.HAND);
        if (shot.isEmpty()) {
            return;
        }
        UnaryOperator<PicturePoint> toSource = PlaneCuts.shown(desk, shot.get());
        List<PicturePoint> source = drawn.stream().map(toSource).toList();
        PicturePoint from = source.getFirst();
        PicturePoint to = source.getLast();
        if (round) {
            ThingCuts.find(desk, services, shot.get(), picture -> ThingCut.within(picture, source));
        } else if (from.x() != to.x() && from.y() != to.y()) {
            ThingCuts.find(
                    desk, services, shot.get(), picture -> ThingCut.inBox(picture, PictureBox.between(from, to)));
        }
    }

    @Override
    public void click(MouseEvent event) {
        desk.say("Drag a box around something, or scribble around it.");
    }

    @Override
    public void cancel() {
        desk.tools().take(Tool.HAND);
    }
}
