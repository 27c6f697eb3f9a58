package amberlens.desktop.style;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;

/** A region that paints itself: at most once per pulse, after its size or its content has changed. */
public abstract class Surface extends Region {
    private final Canvas canvas = new Canvas();
    private boolean dirty = true;

    @SuppressWarnings("this-escape")
    protected Surface() {
        getChildren().add(canvas);
        setFocusTraversable(true);
        setMinSize(0, 0);
    }

    /** Paints everything; the area has been cleared. */
    protected abstract void draw(GraphicsContext pen, double width, double height);

    /** Asks for painting before the next frame is shown. */
    public final void redraw() {
        dirty = true;
        requestLayout(); // again and again: one that was asked for during a layout is not heard above
    }

    /** Pixels of the screen per pixel of the interface: what is rendered here is rendered for them. */
    protected final double deviceScale() {
        return Pictures.deviceScale(this);
    }

    @Override
    protected void layoutChildren() {
        double width = Math.max(1, getWidth());
        double height = Math.max(1, getHeight());
        if (canvas.getWidth() != width || canvas.getHeight() != height) {
            canvas.setWidth(width);
            canvas.setHeight(height);
            dirty = true;
        }
        if (dirty) {
            dirty = false;
            GraphicsContext pen = canvas.getGraphicsContext2D();
            pen.clearRect(0, 0, width, height);
            pen.save();
            draw(pen, width, height);
            pen.restore();
        }
    }
}
