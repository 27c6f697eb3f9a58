package amberlens.core.edit.ready;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Another framing on every beat: closer or further, elsewhere and a little turned, drawn by chance, the same for the same seed. The camera
 * leaves on the beat at once and takes until the next to arrive. No two framings that follow each other are alike.
 */
final class BeatFramings {
    /** How much closer a framing may be, in parts of the scale that fills the frame. */
    private static final double CLOSER = 0.3;

    /** How far it may be turned, in degrees. */
    private static final double TURN = 2;

    /** So far the picture goes at least from one framing to the next, in parts of the frame's width, or it is scaled by as much. */
    private static final double UNLIKE = 0.06;

    /** So often another one is drawn when one is too much like the one before. */
    private static final int DRAWN = 40;

    private BeatFramings() {}

    static Draft onBeats(Stage stage, MoveWish wish) {
        return framings(stage, wish, Pulses.times(stage, stage.rhythm().beats(), Pulses.USUAL_DISTANCE));
    }

    static Draft onBars(Stage stage, MoveWish wish) {
        return framings(stage, wish, Pulses.times(stage, stage.rhythm().bars(), Pulses.USUAL_BAR));
    }

    private static Draft framings(Stage stage, MoveWish wish, List<Integer> beats) {
        var chance = new Random(wish.seed());
        List<Integer> times = new ArrayList<>(List.of(0));
        times.addAll(beats);
        if (times.getLast() < stage.length() - 1) {
            times.add(stage.length() - 1);
        }
        List<Pose> poses = new ArrayList<>(List.of(drawn(stage, wish, chance)));
        while (poses.size() < times.size()) {
            poses.add(unlike(poses.getLast(), stage, wish, chance));
        }
        return new Draft(poses, false, Optional.of(TimingCurve.FAST_START), times, false);
    }

    private static Pose unlike(Pose before, Stage stage, MoveWish wish, Random chance) {
        Pose best = drawn(stage, wish, chance);
        for (int i = 0; i < DRAWN && unlikeness(before, best, stage) < UNLIKE * Math.min(1, wish.part()); i++) {
            Pose other = drawn(stage, wish, chance);
            best = unlikeness(before, other, stage) > unlikeness(before, best, stage) ? other : best;
        }
        return best;
    }

    /** The greater of how far the middle of the picture goes, in parts of the frame's width, and by how much it is scaled. */
    private static double unlikeness(Pose one, Pose other, Stage stage) {
        FramePoint from = one.toFrame(stage.point());
        FramePoint to = other.toFrame(stage.point());
        double scaled = Math.abs(other.scale().x() / one.scale().x() - 1);
        return Math.max(from.distance(to) / stage.frame().width(), scaled);
    }

    private static Pose drawn(Stage stage, MoveWish wish, Random chance) {
        double closer = stage.fill() * (1 + CLOSER * wish.part() * chance.nextDouble());
        double degrees = TURN * wish.part() * (2 * chance.nextDouble() - 1);
        double roomX = Math.max(0, stage.picture().width() - stage.frame().width() / (closer / 100)) / 2;
        double roomY = Math.max(0, stage.picture().height() - stage.frame().height() / (closer / 100)) / 2;
        double reach = Math.min(1, wish.part());
        PicturePoint at = stage.point()
                .plus(reach * roomX * (2 * chance.nextDouble() - 1), reach * roomY * (2 * chance.nextDouble() - 1));
        return stage.holding(at, closer).turnedAbout(stage.frame().centre(), degrees);
    }
}
