package amberlens.core.edit.ready;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.mark.Aim;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/**
 * The stock moves. Each is drawn without regard to edges where a turn may open them; {@link ReadyMoves} seals it then. Amounts are
 * common practice for moves that should be felt rather than seen: a push of 12 %, a slide of a tenth of the frame.
 */
public enum ReadyMove {
    PUSH_IN("Push-in", "slowly closer to the subject", true, ReadyMove::pushIn),
    PULL_OUT("Pull-out", "slowly away from the subject", true, (stage, wish) -> pushIn(stage, wish)
            .backwards()),
    SLIDE("Slide", "level, to one side", true, ReadyMove::slide),
    TILT("Tilt", "along the height of the picture", true, ReadyMove::tilt),
    DRIFT("Drift", "diagonally, with a little push", true, ReadyMove::drift),
    ROLL("Roll", "a small turn about the middle", true, ReadyMove::roll),
    SPIN("Spin", "a whole turn, coming closer", true, ReadyMove::spin),
    REVEAL("Reveal", "from the subject to the whole", true, ReadyMove::reveal),
    SWEEP("Panorama sweep", "from end to end of a wide picture", true, ReadyMove::sweep),
    PAN_AND_ZOOM("Pan and zoom", "from one place to the subject", true, ReadyMove::panAndZoom),
    LEAN_IN("Lean in", "from tilted back to level, moving closer", true, ReadyMove::leanIn),
    SWAY("Sway", "a fine drift as if held by hand", true, (stage, wish) -> HandHeld.move(stage, wish)),
    BEAT_TO_BEAT("From beat to beat", "another framing on every beat", true, BeatFramings::onBeats),
    BAR_TO_BAR("From bar to bar", "another framing on every bar", true, BeatFramings::onBars),
    PULSE("Pulse", "a small push on every beat", true, Pulses::beats),
    BAR_BY_BAR("Bar by bar", "a step closer with every bar", true, Pulses::bars),
    SETTLE("Settle", "a fast start and a long arrival", true, ReadyMove::settle),
    SLIDE_PAST("Slide past", "to one side, past what is in front", true, PlaneMoves::slidePast),
    PUSH_THROUGH("Push through", "closer, until what is in front has passed", true, PlaneMoves::pushThrough),
    DRIFT_APART(
            "Drift apart",
            "its letters part slowly",
            (stage, wish) -> TitleMoves.standing(stage),
            TitleMoves::driftingApart,
            true),
    TYPE_SETTLE(
            "Type size settle",
            "a little too large at first",
            (stage, wish) -> TitleMoves.standing(stage),
            TitleMoves::settling,
            true),
    STILL("Still", "the picture fills the frame and stays", true, (stage, wish) -> still(stage));

    private static final double PUSH = 0.12;
    private static final double SLIDE_PART = 0.10;
    private static final double SPARE = 1.01;

    /** Less than this part of a way, to show all of what matters at both ends, is too little to be felt. */
    private static final double HELD_WAY = 0.6;

    private final String words;
    private final String use;
    private final boolean fills;
    private final BiFunction<Stage, MoveWish, Draft> draw;
    private final @Nullable BiFunction<Stage, MoveWish, LookSet> looks;
    private final boolean ofTitles;
    private final boolean fadesIn;

    ReadyMove(String words, String use, boolean fills, BiFunction<Stage, MoveWish, Draft> draw) {
        this.words = words;
        this.use = use;
        this.fills = fills;
        this.draw = draw;
        looks = null;
        ofTitles = false;
        fadesIn = false;
    }

    /** One of titles. */
    ReadyMove(
            String words,
            String use,
            BiFunction<Stage, MoveWish, Draft> draw,
            @Nullable BiFunction<Stage, MoveWish, LookSet> looks,
            boolean fadesIn) {
        this.words = words;
        this.use = use;
        fills = false;
        this.draw = draw;
        this.looks = looks;
        ofTitles = true;
        this.fadesIn = fadesIn;
    }

    /** Whether it is of titles; any other move may be given to a title, too. */
    public boolean ofTitles() {
        return ofTitles;
    }

    /** Whether what it moves comes out of nothing. */
    public boolean fadesIn() {
        return fadesIn;
    }

    /** What it keys beside the camera; mostly nothing. */
    public Optional<LookSet> looks(Stage stage, MoveWish wish) {
        return looks == null ? Optional.empty() : Optional.of(looks.apply(stage, wish));
    }

    public String words() {
        return words;
    }

    /** What it does, in a few words. */
    public String use() {
        return use;
    }

    /** Whether it is meant to fill the frame; a title is not. */
    public boolean fills() {
        return fills;
    }

    /** Whether its direction means something. */
    public boolean directed() {
        return List.of(SLIDE, SLIDE_PAST, TILT, DRIFT, ROLL, SPIN, SWEEP, LEAN_IN)
                .contains(this);
    }

    /** The move as it is drawn, before it is sealed. */
    CameraTrack draft(Stage stage, MoveWish wish) {
        return draw.apply(stage, wish).camera(stage, wish);
    }

    private static Draft pushIn(Stage stage, MoveWish wish) {
        double near = stage.showing(stage.fill() * (1 + stage.push(PUSH, wish.part())));
        return new Draft(List.of(stage.holding(stage.middle(), stage.fill()), stage.aimed(near)), true);
    }

    /** Enough larger than the frame that there is way to go, but no larger than that. */
    static double withWay(Stage stage, double partX, double partY) {
        double fill = stage.fill();
        if (stage.free()) {
            return fill;
        }
        double needX = stage.frame().width() * (1 + partX) / stage.picture().width();
        double needY = stage.frame().height() * (1 + partY) / stage.picture().height();
        return Math.max(fill, 100 * Math.max(needX, needY));
    }

    private static Draft along(Stage stage, double percent, double dx, double dy) {
        double x = dx * stage.frame().width() / (percent / 100) / 2;
        double y = dy * stage.frame().height() / (percent / 100) / 2;
        PicturePoint middle = stage.amid(stage.point(), Math.abs(x), Math.abs(y), percent);
        List<Pose> held =
                List.of(stage.holding(middle.plus(-x, -y), percent), stage.holding(middle.plus(x, y), percent));
        List<Pose> free = List.of(stage.at(middle.plus(-x, -y), percent), stage.at(middle.plus(x, y), percent));
        return new Draft(way(held) >= HELD_WAY * way(free) ? held : free, false);
    }

    private static double way(List<Pose> ends) {
        return ends.getFirst().position().distance(ends.getLast().position());
    }

    private static Draft slide(Stage stage, MoveWish wish) {
        double part = SLIDE_PART * wish.part();
        Direction to = wish.direction();
        double percent = withWay(stage, Math.abs(to.x()) * part, Math.abs(to.y()) * part);
        return along(stage, percent, to.x() * part, to.y() * part);
    }

    /** Uses the height that the picture has to spare, up to half a frame at the usual amount. */
    private static Draft tilt(Stage stage, MoveWish wish) {
        double spare =
                stage.fill() / 100 * stage.picture().height() / stage.frame().height() - 1;
        double part = Math.max(SLIDE_PART * wish.part(), Math.min(spare, 0.5 * wish.part()));
        int sign = wish.direction() == Direction.UP || wish.direction() == Direction.LEFT ? -1 : 1;
        return along(stage, withWay(stage, 0, part), 0, sign * part);
    }

    private static Draft drift(Stage stage, MoveWish wish) {
        double part = 0.06 * wish.part();
        double percent = withWay(stage, part, part);
        int sideways = wish.direction() == Direction.LEFT ? -1 : 1;
        int down = wish.direction() == Direction.UP ? -1 : 1;
        Draft level = along(stage, percent, sideways * part, down * part);
        Pose end = level.poses().getLast().zoomedAbout(stage.frame().centre(), 1 + 0.04 * wish.part());
        return new Draft(List.of(level.poses().getFirst(), end), true);
    }

    private static Draft roll(Stage stage, MoveWish wish) {
        double degrees = 2 * wish.part() * (wish.direction() == Direction.LEFT ? -1 : 1);
        Pose level = stage.aimed(stage.fill());
        return new Draft(
                List.of(
                        level.turnedAbout(stage.frame().centre(), -degrees / 2),
                        level.turnedAbout(stage.frame().centre(), degrees / 2)),
                false);
    }

    private static Draft spin(Stage stage, MoveWish wish) {
        double degrees = 360 * Math.max(1, Math.round(wish.part())) * (wish.direction() == Direction.LEFT ? -1 : 1);
        Pose start = stage.aimed(stage.fill());
        Pose end = start.turnedAbout(stage.frame().centre(), degrees)
                .zoomedAbout(stage.frame().centre(), 1 + stage.push(PUSH, wish.part()));
        return new Draft(List.of(start, end), true);
    }

    private static Draft reveal(Stage stage, MoveWish wish) {
        double near = stage.showing(
                Math.max(stage.fill() * SPARE, Math.min(stage.fill() * (1 + 0.8 * wish.part()), stage.limitPercent())));
        return new Draft(List.of(stage.aimed(near), stage.holding(stage.middle(), stage.fill())), true);
    }

    private static Draft sweep(Stage stage, MoveWish wish) {
        boolean wide = stage.relativeShape() >= 1;
        double percent = stage.fill() * (wide ? 1 : SPARE + SLIDE_PART * wish.part());
        double reach = Math.min(1, 0.9 * wish.part());
        PicturePoint middle = stage.middle();
        double x = stage.picture().width() * reach / 2;
        double y = stage.picture().height() * reach / 2;
        boolean back = wish.direction() == Direction.LEFT || wish.direction() == Direction.UP;
        Pose one = stage.at(wide ? middle.plus(-x, 0) : middle.plus(0, -y), percent);
        Pose other = stage.at(wide ? middle.plus(x, 0) : middle.plus(0, y), percent);
        return new Draft(back ? List.of(other, one) : List.of(one, other), false);
    }

    /** From the other side of the picture to the subject; from one face to the next; with neither from third to third. */
    private static Draft panAndZoom(Stage stage, MoveWish wish) {
        Optional<Aim> aim = stage.aim();
        if (aim.isPresent()) {
            return toAim(stage, wish, aim.get());
        }
        PicturePoint to = stage.subject()
                .orElse(new PicturePoint(
                        stage.picture().width() * 2 / 3.0, stage.picture().height() / 2.0));
        var from = new PicturePoint(
                stage.picture().width() - to.x(), stage.picture().height() - to.y());
        return between(stage, wish, Place.point(from), Place.point(to));
    }

    private static Draft toAim(Stage stage, MoveWish wish, Aim aim) {
        double near = near(stage, wish);
        if (aim.parts().size() > 1) {
            return new Draft(List.of(stage.aimed(aim.part(1), near), stage.aimed(aim.part(0), near)), true);
        }
        PicturePoint to = aim.box().middle();
        var from = new PicturePoint(
                stage.picture().width() - to.x(), stage.picture().height() - to.y());
        return new Draft(List.of(stage.at(from, far(stage, wish)), stage.aimed(stage.showing(near))), true);
    }

    private static double near(Stage stage, MoveWish wish) {
        return Math.max(stage.fill() * SPARE, Math.min(stage.fill() * (1 + 0.5 * wish.part()), stage.limitPercent()));
    }

    private static double far(Stage stage, MoveWish wish) {
        return Math.min(near(stage, wish), stage.fill() * (1 + 0.15 * wish.part()));
    }

    /** From place to place. A box is shown as large as the frame allows; a point is looked at from afar first, and then closely. */
    static Draft between(Stage stage, MoveWish wish, Place from, Place to) {
        return new Draft(List.of(stage.at(from, far(stage, wish)), stage.at(to, near(stage, wish))), true);
    }

    /** Its upper side leans away at first, or the side it is sent to. */
    private static Draft leanIn(Stage stage, MoveWish wish) {
        double degrees = 12 * wish.part();
        Depth leaning =
                switch (wish.direction()) {
                    case UP -> Depth.FLAT.withPitch(degrees);
                    case DOWN -> Depth.FLAT.withPitch(-degrees);
                    case RIGHT -> Depth.FLAT.withYaw(degrees);
                    case LEFT -> Depth.FLAT.withYaw(-degrees);
                };
        Draft push = pushIn(stage, wish);
        return new Draft(
                List.of(push.poses().getFirst().withDepth(leaning), push.poses().getLast()), true);
    }

    private static Draft settle(Stage stage, MoveWish wish) {
        return pushIn(stage, wish).with(TimingCurve.FAST_START);
    }

    private static Draft still(Stage stage) {
        return new Draft(List.of(stage.aimed(stage.fill())), false);
    }
}
