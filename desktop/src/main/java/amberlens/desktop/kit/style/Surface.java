package amberlens.desktop.kit.style;

import java.util.List;
import java.util.stream.Stream;
import javafx.beans.property.DoubleProperty;
import javafx.css.CssMetaData;
import javafx.css.SimpleStyleableDoubleProperty;
import javafx.css.StyleConverter;
import javafx.css.Styleable;
import javafx.css.StyleableDoubleProperty;
import javafx.css.StyleableProperty;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.transform.Scale;

/**
 * A region that paints itself: at most once per pulse, after its size or its content has changed.
 *
 * <p>With a larger text size all of it is larger: its own pixels, in which it paints and hears of the mouse, are as many times as large
 * as {@code -amber-scale} of the stylesheet says. What is painted stays as crisp.
 */
public abstract class Surface extends Region {
    private static final CssMetaData<Surface, Number> SCALE =
            new CssMetaData<>("-amber-scale", StyleConverter.getSizeConverter(), 1) {
                @Override
                public boolean isSettable(Surface surface) {
                    return true;
                }

                @Override
                public StyleableProperty<Number> getStyleableProperty(Surface surface) {
                    return surface.scale;
                }
            };

    private static final List<CssMetaData<? extends Styleable, ?>> ALL = Stream.concat(
                    Region.getClassCssMetaData().stream(), Stream.of(SCALE))
            .toList();

    private final Canvas canvas = new Canvas();
    private final Scale larger = new Scale(1, 1);
    private final Scale smaller = new Scale(1, 1);
    private final StyleableDoubleProperty scale = new SimpleStyleableDoubleProperty(SCALE, this, "scale", 1.0);
    private final boolean pictures;
    private double givenWidth;
    private double givenHeight;
    private boolean dirty = true;

    /** @param pictures whether it shows pictures large, which have a dark surround in any appearance */
    @SuppressWarnings("this-escape")
    protected Surface(boolean pictures) {
        this.pictures = pictures;
        getChildren().add(canvas);
        getTransforms().add(larger);
        canvas.getTransforms().add(smaller);
        getStyleClass().add("surface");
        if (pictures) {
            getStyleClass().add("surround");
        }
        setFocusTraversable(true);
        setMinSize(0, 0);
        StackPane.setAlignment(this, Pos.TOP_LEFT);
        BorderPane.setAlignment(this, Pos.TOP_LEFT);
        scale.addListener((_, _, now) -> {
            larger.setX(now.doubleValue());
            larger.setY(now.doubleValue());
            smaller.setX(1 / now.doubleValue());
            smaller.setY(1 / now.doubleValue());
            resize(givenWidth, givenHeight);
            redraw();
        });
    }

    @Override
    public void resize(double width, double height) {
        givenWidth = width;
        givenHeight = height;
        super.resize(width / scale.get(), height / scale.get());
    }

    /** Paints everything; the area has been cleared. */
    protected abstract void draw(GraphicsContext pen, double width, double height);

    /** Asks for painting before the next frame is shown. */
    public final void redraw() {
        dirty = true;
        requestLayout(); // again and again: one that was asked for during a layout is not heard above
    }

    /** Pixels of the screen per pixel of this surface: what is rendered here is rendered for them. */
    protected final double deviceScale() {
        return Pictures.deviceScale(this) * scale.get();
    }

    /** A distance in the pixels of the interface, in those of this surface. */
    public final double own(double pixels) {
        return pixels / scale.get();
    }

    /** Pixels of the interface per pixel of this surface. */
    public final DoubleProperty scaleProperty() {
        return scale;
    }

    @Override
    protected void layoutChildren() {
        double width = Math.max(1, getWidth());
        double height = Math.max(1, getHeight());
        double times = scale.get();
        if (canvas.getWidth() != width * times || canvas.getHeight() != height * times) {
            canvas.setWidth(width * times);
            canvas.setHeight(height * times);
            dirty = true;
        }
        if (dirty) {
            dirty = false;
            GraphicsContext pen = canvas.getGraphicsContext2D();
            pen.clearRect(0, 0, width * times, height * times);
            pen.save();
            pen.scale(times, times);
            Palette.paint(pictures, () -> draw(pen, width, height));
            pen.restore();
        }
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return ALL;
    }
}
