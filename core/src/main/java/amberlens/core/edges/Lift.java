package amberlens.core.edges;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Take;
import amberlens.core.sharpness.Enlargement;
import java.util.Locale;

/**
 * The seal by one zoom factor k ≥ 1 on the whole move: s′ = k·s and P′ = F + k·(P − F) on every key and constant, path
 * handles times k.
 *
 * <p>All channels are blended by sums that keep a common factor and offset, so every frame between keys is lifted by the
 * same k: the gate's centre u = A + S⁻¹R(−θ)(F − P) stays where it was, and so does every ease. About that centre the
 * turned frame reaches hx = (w|cos θ| + h|sin θ|)/2 along the picture's width and hy likewise, whatever k, while the
 * picture's sides move out with k. The least k for a frame is therefore the greatest of hx / (sx·u.x),
 * hx / (sx·(W − u.x)), hy / (sy·u.y) and hy / (sy·(H − u.y)), and the least k for the move the greatest over its frames.
 * There is none when a gate centre lies on or outside a side.
 */
public final class Lift {
    private Lift() {}

    /**
     * Closes the open edges of a take.
     *
     * @param limitPercent the greatest enlargement allowed, in per cent
     */
    public static SealResult seal(Take take, double limitPercent) {
        if (EdgeReport.of(take).isSealed()) {
            return new SealResult.AlreadySealed();
        }
        double factor = 1;
        int decisive = 0;
        for (int frame = 0; frame < take.length(); frame++) {
            double needed = factorFor(take.pose(frame), take.picture(), take.frame());
            if (Double.isInfinite(needed)) {
                return centreOutside(frame);
            }
            if (needed > factor) {
                factor = needed;
                decisive = frame;
            }
        }
        return verified(take, factor, decisive, limitPercent);
    }

    /** The move lifted by a factor. */
    public static CameraTrack lifted(CameraTrack camera, double factor, Size frame) {
        FramePoint centre = frame.centre();
        return camera.withScale(camera.scale().mapValues(scale -> scale.times(factor)))
                .withPosition(camera.position()
                        .mapValues(
                                position -> centre.plus(position.minus(centre).times(factor)))
                        .mapBends(handles -> handles.times(factor)));
    }

    /** The least factor that seals one pose, which may be below 1; infinite when its gate centre is not inside. */
    static double factorFor(Pose pose, Size picture, Size frame) {
        PicturePoint centre = pose.gateCentre(frame);
        double nearestX = Math.min(centre.x(), picture.width() - centre.x())
                * pose.scale().factorX();
        double nearestY = Math.min(centre.y(), picture.height() - centre.y())
                * pose.scale().factorY();
        if (!(nearestX > 0 && nearestY > 0)) {
            return Double.POSITIVE_INFINITY;
        }
        double cos = Math.abs(pose.cos());
        double sin = Math.abs(pose.sin());
        double halfX = (frame.width() * cos + frame.height() * sin) / 2;
        double halfY = (frame.width() * sin + frame.height() * cos) / 2;
        return Math.max(halfX / nearestX, halfY / nearestY);
    }

    private static SealResult verified(Take take, double factor, int decisive, double limitPercent) {
        var camera = lifted(take.camera(), factor, take.frame());
        Take result = take.withCamera(camera);
        EdgeReport edges = EdgeReport.of(result);
        double enlargement = Enlargement.greatest(result).percent();
        if (!edges.isSealed()) {
            return new SealResult.Refused(
                    edges.worstFrame(), "the lifted move did not stand the check at frame " + edges.worstFrame());
        }
        if (enlargement > limitPercent) {
            return new SealResult.Refused(
                    decisive,
                    String.format(
                            Locale.ROOT,
                            "frame %d needs %.1f %% more scale, which would enlarge the picture to %.1f %%,"
                                    + " above the limit of %s %%; raise the limit, turn less or use a larger picture",
                            decisive,
                            (factor - 1) * 100,
                            enlargement,
                            plain(limitPercent)));
        }
        return new SealResult.Sealed(camera, factor, enlargement);
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    }

    private static SealResult centreOutside(int frame) {
        return new SealResult.Refused(
                frame,
                "the middle of the gate leaves the picture at frame " + frame
                        + ", where no zoom can help; move that framing inside first");
    }
}
