package amberlens.desktop.picture.marks;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.mark.Mark;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Gesture;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.input.MouseEvent;

/** A mark that is selected, moved by its border, or made larger and smaller by a corner. */
public final class MarkDrag implements Gesture {
    private final Desk desk;
    private final MarkDesk marks;
    private final Mark mark;
    private final Optional<Integer> corner;
    private final PicturePoint from;
    private final Function<MouseEvent, PicturePoint> pointer;

    private MarkDrag(
            Desk desk,
            MarkDesk marks,
            Mark mark,
            Optional<Integer> corner,
            PicturePoint from,
            Function<MouseEvent, PicturePoint> pointer) {
        this.desk = desk;
        this.marks = marks;
        this.mark = mark;
        this.corner = corner;
        this.from = from;
        this.pointer = pointer;
    }

    /**
     * What a press on the border of a mark means.
     *
     * @param pointer on the picture as it is seen
     */
    public static Optional<Gesture> choose(
            Desk desk, MarkDesk marks, MarkView view, MouseEvent press, Function<MouseEvent, PicturePoint> pointer) {
        return view.at(press.getX(), press.getY())
                .map(mark -> new MarkDrag(
                        desk,
                        marks,
                        mark,
                        view.corner(mark, press.getX(), press.getY()),
                        pointer.apply(press),
                        pointer));
    }

    /** The box as it is seen, dragged to a place. */
    private Optional<PictureBox> dragged(PicturePoint to) {
        PictureBox box = marks.seen(mark.box());
        if (corner.isEmpty()) {
            return Optional.of(box.plus(to.x() - from.x(), to.y() - from.y()));
        }
        PicturePoint opposite = box.corners().get((corner.get() + 2) % 4);
        return to.x() == opposite.x() || to.y() == opposite.y()
                ? Optional.empty()
                : Optional.of(PictureBox.between(opposite, to));
    }

    @Override
    public void drag(MouseEvent event) {
        marks.select(mark);
        dragged(pointer.apply(event)).ifPresent(box -> desk.tools().marks().setDragged(Optional.of(marks.seen(box))));
    }

    @Override
    public void drop(MouseEvent event) {
        Optional<PictureBox> box = desk.tools().marks().dragged();
        desk.tools().marks().setDragged(Optional.empty());
        box.ifPresent(moved -> marks.change("move mark", mark, one -> one.withBox(moved)));
    }

    @Override
    public void click(MouseEvent event) {
        marks.select(mark);
    }

    @Override
    public void cancel() {
        desk.tools().marks().setDragged(Optional.empty());
    }
}
