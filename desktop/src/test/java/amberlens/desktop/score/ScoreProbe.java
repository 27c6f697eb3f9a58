package amberlens.desktop.score;

import javafx.geometry.Point2D;
import javafx.scene.Scene;

/** Tells tests where things are in the Score on the screen. */
public final class ScoreProbe {
    private ScoreProbe() {}

    public static Point2D card(Scene scene, int frame) {
        ScoreLayout plan = surface(scene).plan();
        return surface(scene)
                .localToScreen(
                        plan.cardLeft(frame) + ScoreLayout.CARD_WIDTH / 2,
                        plan.cardTop() + ScoreLayout.CARD_HEIGHT / 2);
    }

    public static Point2D leg(Scene scene, double frame) {
        ScoreLayout plan = surface(scene).plan();
        return surface(scene).localToScreen(plan.x(frame), plan.stripTop() + ScoreLayout.STRIP / 2);
    }

    public static Point2D ruler(Scene scene, int frame) {
        return surface(scene).localToScreen(surface(scene).plan().x(frame), ScoreLayout.RULER / 2);
    }

    public static double perFrame(Scene scene) {
        return surface(scene).plan().perFrame();
    }

    private static ScoreSurface surface(Scene scene) {
        return (ScoreSurface) scene.lookup("#score-surface");
    }
}
