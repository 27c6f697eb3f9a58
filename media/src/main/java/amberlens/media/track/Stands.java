package amberlens.media.track;

import amberlens.core.base.geometry.Size;
import amberlens.core.material.trace.Stand;
import java.util.ArrayList;
import java.util.List;

/** From where pixels of a small grey picture are found to how the picture of a film stands. */
final class Stands {
    private Stands() {}

    /**
     * How the picture stands, frame by frame; what is a guess lies between what is not.
     *
     * @param poses how the first frame stands in each
     * @param sure how much agrees
     */
    static List<Stand> of(List<Placing> poses, List<Double> sure, Grey grey, Size size) {
        double x = grey.fromSource(size.width() / 2.0);
        double y = grey.fromSource(size.height() / 2.0);
        double width = (double) size.width() / grey.step();
        List<Stand> stands = new ArrayList<>();
        double degrees = 0;
        for (int i = 0; i < poses.size(); i++) {
            Placing pose = poses.get(i);
            double turned = Math.toDegrees(pose.turn());
            degrees = turned + 360 * Math.rint((degrees - turned) / 360);
            stands.add(new Stand(
                    (pose.toX(x, y) - x) / width, (pose.toY(x, y) - y) / width, pose.scale(), degrees, sure.get(i)));
        }
        return bridged(stands);
    }

    private static List<Stand> bridged(List<Stand> stands) {
        List<Stand> bridged = new ArrayList<>(stands);
        int known = 0;
        for (int i = 1; i < stands.size(); i++) {
            if (stands.get(i).sure() == 0) {
                continue;
            }
            for (int guess = known + 1; guess < i; guess++) {
                double part = (double) (guess - known) / (i - known);
                bridged.set(
                        guess, stands.get(known).towards(stands.get(i), part).guessed());
            }
            known = i;
        }
        return bridged;
    }
}
