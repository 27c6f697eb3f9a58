package amberlens.desktop.time.lineup;

import amberlens.core.model.project.Project;
import java.util.Optional;
import java.util.OptionalInt;

/** Which part of the line-up's time is looked at. Belongs to no project. */
final class LineUpView {
    private static final double LEAST_FRAMES = 20;

    private double from;
    private double shown;
    private boolean open;
    private OptionalInt snapLine = OptionalInt.empty();
    private Optional<String> pointed = Optional.empty();

    /** All of it. */
    void showAll() {
        from = 0;
        shown = 0;
    }

    LineUpLayout layout(Project project, double width, double height) {
        double whole = LineUpLayout.wholeFrames(project);
        double span = shown <= 0 ? whole : Math.min(shown, whole);
        double start = Math.clamp(from, 0, Math.max(0, whole - span));
        return new LineUpLayout(project, width, height, start, span, open);
    }

    /** Whether there is a row above all others, for what is dropped. */
    boolean open() {
        return open;
    }

    void setOpen(boolean opened) {
        open = opened;
    }

    /** Comes closer by a factor below 1, or goes further; the frame under the pointer stays there. */
    void zoom(LineUpLayout now, double x, double factor) {
        double whole = LineUpLayout.wholeFrames(now.project());
        double under = now.from() + (x - LineUpLayout.LEFT) / now.perFrame();
        shown = Math.clamp(now.shown() * factor, Math.min(LEAST_FRAMES, whole), whole);
        from = under - (under - now.from()) * shown / now.shown();
        if (shown >= whole) {
            showAll();
        }
    }

    void scroll(LineUpLayout now, double pixels) {
        from = now.from() - pixels / now.perFrame();
        shown = now.shown();
    }

    /** The clip of sound under the pointer, which shows its handles. */
    Optional<String> pointed() {
        return pointed;
    }

    /** Says which it is, and answers whether it is another one. */
    boolean setPointed(Optional<String> clip) {
        boolean changed = !clip.equals(pointed);
        pointed = clip;
        return changed;
    }

    /** The frame that something dragged has caught on. */
    OptionalInt snapLine() {
        return snapLine;
    }

    void setSnapLine(OptionalInt frame) {
        snapLine = frame;
    }
}
