package amberlens.desktop.kit.style;

import amberlens.core.motion.curve.Leg;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polyline;

/** A leg drawn small: progress upwards over time to the right; a flight as what it is, a hill. */
public final class EaseGlyph extends Pane {
    private static final int STEPS = 24;

    /** How steep a flight is drawn. */
    private static final double HILL = 2;

    public EaseGlyph(Leg leg, double width, double height) {
        setMinSize(width, height);
        setPrefSize(width, height);
        setMaxSize(width, height);
        setMouseTransparent(true);
        Polyline line = new Polyline();
        double[] points = points(leg, 3, 3, width - 6, height - 6);
        for (double number : points) {
            line.getPoints().add(number);
        }
        if (leg instanceof Leg.Flight) {
            Polyline ground = new Polyline(3, height - 3, width - 3, height - 3);
            ground.getStyleClass().add("ease-line");
            ground.setOpacity(0.4);
            getChildren().add(ground);
        }
        line.getStyleClass().add("ease-line");
        getChildren().add(line);
    }

    /** The points x, y, x, y, … of the curve within a box. */
    public static double[] points(Leg leg, double left, double top, double width, double height) {
        double[] points = new double[2 * (STEPS + 1)];
        for (int i = 0; i <= STEPS; i++) {
            double time = (double) i / STEPS;
            points[2 * i] = left + width * time;
            points[2 * i + 1] = top + height * (1 - progress(leg, time));
        }
        return points;
    }

    private static double progress(Leg leg, double time) {
        return switch (leg) {
            case Leg.Hold _ -> time < 1 ? 0 : 1;
            case Leg.Linear _ -> time;
            case Leg.Curve curve -> curve.timing().progress(time);
            case Leg.Smooth _ -> time * time * (3 - 2 * time);
            case Leg.Flight _ -> {
                double wide = Math.cosh(HILL) / Math.cosh(HILL * (2 * time - 1)); // out, across and in
                yield (wide - 1) / (Math.cosh(HILL) - 1);
            }
        };
    }
}
