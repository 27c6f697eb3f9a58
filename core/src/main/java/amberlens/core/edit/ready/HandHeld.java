package amberlens.core.edit.ready;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** A fine slow drift as of a camera held by hand: smooth through framings drawn by chance, the same for the same seed. */
final class HandHeld {
    /** Seconds from one drawn framing to the next. */
    private static final double APART = 1;

    private HandHeld() {}

    static Draft move(Stage stage, MoveWish wish) {
        var chance = new Random(wish.seed());
        double reach = 0.006 * wish.part();
        double percent = stage.fill() * (1 + 3 * reach);
        Pose middle = stage.aimed(percent);
        int first = stage.first(wish);
        int last = stage.last(wish);
        int count = Math.max(2, (last - first) / Math.max(1, stage.rate().frames(APART)) + 1);
        List<Pose> poses = new ArrayList<>();
        List<Integer> times = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double x = stage.frame().width() * reach * chance.nextGaussian() / 2;
            double y = stage.frame().height() * reach * chance.nextGaussian() / 2;
            poses.add(middle.withPosition(middle.position().plus(new FramePoint(x, y)))
                    .turnedAbout(stage.frame().centre(), 0.15 * wish.part() * chance.nextGaussian()));
            times.add(first + Math.round((float) (last - first) * i / (count - 1)));
        }
        return new Draft(poses, false, Optional.empty(), times, true);
    }
}
