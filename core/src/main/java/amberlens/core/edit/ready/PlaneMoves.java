package amberlens.core.edit.ready;

import amberlens.core.base.geometry.PicturePoint;
import java.util.List;

/** Ready moves that show what lies in front of what: they are made for pictures in planes, and fit any other. */
final class PlaneMoves {
    /** What a slide past goes to the side, of the frame's width: more than a slide, for it is what is near that should be felt. */
    private static final double PAST = 0.16;

    /** How far a push goes towards the ground where nothing stands in its way, of the whole way. */
    private static final double THROUGH = 0.4;

    /** And where something does: so much further than it stands, as a part of its distance, that nothing is left of it. */
    private static final double GONE = 0.93;

    private static final double FURTHEST = 0.75;

    private PlaneMoves() {}

    /** Level, to the side, and a little closer all the while. */
    static Draft slidePast(Stage stage, MoveWish wish) {
        double part = PAST * wish.part();
        int sign = wish.direction() == Direction.LEFT || wish.direction() == Direction.UP ? -1 : 1;
        boolean upright = wish.direction() == Direction.UP || wish.direction() == Direction.DOWN;
        double from = ReadyMove.withWay(stage, upright ? 0 : part, upright ? part : 0);
        double to = from * (1 + 0.03 * wish.part());
        double x = upright ? 0 : sign * part * stage.frame().width() / (from / 100) / 2;
        double y = upright ? sign * part * stage.frame().height() / (from / 100) / 2 : 0;
        PicturePoint middle = stage.amid(stage.point(), Math.abs(x), Math.abs(y), from);
        return new Draft(List.of(stage.at(middle.plus(-x, -y), from), stage.at(middle.plus(x, y), to)), true);
    }

    /** From the whole picture towards the subject until the nearest plane has gone by. */
    static Draft pushThrough(Stage stage, MoveWish wish) {
        double way = stage.nearest().isPresent() ? stage.nearest().getAsDouble() * GONE : THROUGH;
        double forward = Math.min(FURTHEST, way * wish.part());
        double near = stage.fill() / (1 - forward);
        return new Draft(List.of(stage.at(stage.middle(), stage.fill()), stage.aimed(near)), true);
    }
}
