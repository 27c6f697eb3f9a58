package amberlens.desktop.desk.state;

import amberlens.core.base.geometry.PictureBox;
import java.util.Optional;

/** How marks of pictures are looked at: whether they are shown, which one is selected, and where it is dragged to. Part of {@link Tools}. */
public final class MarkTools {
    private final Runnable changed;
    private boolean shown = true;
    private Optional<Selected> selected = Optional.empty();
    private Optional<Selected> pointed = Optional.empty();
    private Optional<PictureBox> dragged = Optional.empty();

    /** A mark of an item. */
    public record Selected(String media, String mark) {}

    MarkTools(Runnable changed) {
        this.changed = changed;
    }

    void reset() {
        selected = Optional.empty();
        pointed = Optional.empty();
        dragged = Optional.empty();
    }

    /** Whether the Table shows them all. */
    public boolean shown() {
        return shown;
    }

    public void setShown(boolean now) {
        shown = now;
        changed.run();
    }

    public Optional<Selected> selected() {
        return selected;
    }

    public void select(Optional<Selected> mark) {
        selected = mark;
        dragged = Optional.empty();
        changed.run();
    }

    /** The one under the pointer. */
    public Optional<Selected> pointed() {
        return pointed;
    }

    public void point(Optional<Selected> mark) {
        if (!mark.equals(pointed)) {
            pointed = mark;
            changed.run();
        }
    }

    /** Where the selected one is dragged to, before mirroring. */
    public Optional<PictureBox> dragged() {
        return dragged;
    }

    public void setDragged(Optional<PictureBox> box) {
        dragged = box;
        changed.run();
    }
}
