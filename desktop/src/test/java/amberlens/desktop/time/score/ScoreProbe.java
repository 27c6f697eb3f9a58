package amberlens.desktop.time.score;

import amberlens.core.motion.property.Lane;
import amberlens.desktop.desk.state.Desk;
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

    /** The grip of a framing's card that draws a rest out of it. */
    public static Point2D restGrip(Scene scene, int frame) {
        ScoreLayout plan = surface(scene).plan();
        return surface(scene)
                .localToScreen(
                        plan.cardLeft(frame) + ScoreLayout.CARD_WIDTH - ScoreLayout.REST_GRIP / 2,
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

    /** The bead of a key, or of one of its numbers in a tall lane. */
    public static Point2D bead(Scene scene, Desk desk, Lane lane, int frame, int part) {
        ScoreSurface surface = surface(scene);
        return Bead.of(desk.cursor().selectedShot().orElseThrow(), lane, surface.plan(), surface.view()).stream()
                .filter(bead -> bead.key().at() == frame
                        && (bead.part() == part || !surface.plan().band(lane).tall()))
                .findFirst()
                .map(bead -> surface.localToScreen(bead.x(), bead.y()))
                .orElseThrow();
    }

    /** A handle of the ease that begins at a key. */
    public static Point2D handle(Scene scene, Desk desk, Lane lane, int frame, boolean first) {
        ScoreSurface surface = surface(scene);
        return EaseHandle.of(
                        desk.cursor().selectedShot().orElseThrow(),
                        lane,
                        surface.plan(),
                        surface.view(),
                        desk.cursor().selectedKeys())
                .stream()
                .filter(handle -> handle.key().at() == frame && handle.first() == first)
                .findFirst()
                .map(handle -> surface.localToScreen(handle.x(), handle.y()))
                .orElseThrow();
    }

    /** A frame in the Edges strip. */
    public static Point2D edges(Scene scene, double frame) {
        ScoreLayout plan = surface(scene).plan();
        return surface(scene).localToScreen(plan.x(frame), plan.edgesTop() + ScoreLayout.EDGES * 0.8);
    }

    /** A frame on the line of a tracked subject. */
    public static Point2D onTrack(Scene scene, double frame) {
        ScoreLayout plan = surface(scene).plan();
        return surface(scene).localToScreen(plan.x(frame + 0.4), plan.trackTop() + ScoreLayout.TRACK / 2);
    }

    /** The name of a lane, or the grip on its lower border. */
    public static Point2D head(Scene scene, Lane lane, boolean grip) {
        ScoreLayout.Band band = surface(scene).plan().band(lane);
        return surface(scene)
                .localToScreen(
                        grip ? ScoreLayout.LEFT / 2 : 40,
                        grip
                                ? band.top() + band.height() - 3
                                : band.tall() ? band.top() + 14 : band.top() + band.height() / 2);
    }

    /** A place in a lane without beads. */
    public static Point2D inLane(Scene scene, Lane lane, double frame, double part) {
        ScoreLayout plan = surface(scene).plan();
        ScoreLayout.Band band = plan.band(lane);
        return surface(scene).localToScreen(plan.x(frame), band.top() + part * band.height());
    }

    /** A grip of the stretch bar. */
    public static Point2D grip(Scene scene, int frame, boolean first) {
        return surface(scene).localToScreen(surface(scene).plan().x(frame) + (first ? -3 : 3), StretchGrips.top() + 4);
    }

    /** A marker's mark. */
    public static Point2D marker(Scene scene, int frame) {
        return surface(scene).localToScreen(surface(scene).plan().x(frame), 6);
    }

    private static ScoreSurface surface(Scene scene) {
        return (ScoreSurface) scene.lookup("#score-surface");
    }
}
