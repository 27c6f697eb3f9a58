package amberlens.desktop.desk.state;

import amberlens.core.base.geometry.PicturePoint;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How pictures are cut into planes: whether planes are available, which one is, and what is being drawn around. Part of {@link Tools}. */
public final class PlaneTools {
    private final Runnable changed;
    private boolean shown;
    private boolean snapping = true;
    private boolean looking;
    private Optional<String> selected = Optional.empty();
    private final List<List<PicturePoint>> ways = new ArrayList<>();
    private List<PicturePoint> ahead = List.of();
    private Optional<List<PicturePoint>> dragged = Optional.empty();

    PlaneTools(Runnable changed) {
        this.changed = changed;
    }

    void reset() {
        shown = false;
        selected = Optional.empty();
        ways.clear();
        ahead = List.of();
        dragged = Optional.empty();
    }

    void setShown(boolean now) {
        shown = now;
    }

    /** Whether the Camera shows the planes of a still picture, and the Table their outlines. */
    public boolean shown() {
        return shown;
    }

    /** Whether what is drawn from point to point goes along contours of the picture. */
    public boolean snapping() {
        return snapping;
    }

    public void setSnapping(boolean now) {
        snapping = now;
        changed.run();
    }

    /** Whether contours around the last point are still being looked for; until then the way to the pointer is straight. */
    public boolean looking() {
        return looking;
    }

    public void setLooking(boolean now) {
        looking = now;
        changed.run();
    }

    /** The id of the selected plane. */
    public Optional<String> selected() {
        return selected;
    }

    public void select(Optional<String> planeId) {
        if (!planeId.equals(selected)) {
            selected = planeId;
            changed.run();
        }
    }

    /** The outline of the selected plane while a hand changes it: nothing is cut anew until it lets go. In source pixels. */
    public Optional<List<PicturePoint>> dragged() {
        return dragged;
    }

    public void setDragged(Optional<List<PicturePoint>> outline) {
        dragged = outline;
        changed.run();
    }

    /** What is drawn so far, on the picture as it is shown. */
    public List<PicturePoint> drawn() {
        return ways.stream().flatMap(List::stream).toList();
    }

    /** Where the next way begins. */
    public Optional<PicturePoint> last() {
        return ways.isEmpty() ? Optional.empty() : Optional.of(ways.getLast().getLast());
    }

    /** The way to where the pointer is. */
    public List<PicturePoint> ahead() {
        return ahead;
    }

    public void setAhead(List<PicturePoint> way) {
        if (!way.equals(ahead)) {
            ahead = List.copyOf(way);
            changed.run();
        }
    }

    /** Goes on drawing. */
    public void draw(List<PicturePoint> way) {
        ways.add(List.copyOf(way));
        ahead = List.of();
        changed.run();
    }

    /** Takes back the last way, if there is one. */
    public void takeBack() {
        if (!ways.isEmpty()) {
            ways.removeLast();
        }
        ahead = List.of();
        changed.run();
    }

    /** Forgets what is drawn. */
    public void forget() {
        ways.clear();
        ahead = List.of();
        changed.run();
    }
}
