package amberlens.media.track;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.track.Spot;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;

/**
 * Follows one subject through footage, forwards and backwards from where it was pointed at. Frames are read as they come; backwards they
 * are read in blocks, because films can only be read forwards.
 */
public final class SubjectTracker {
    /** Half the side of the square that counts, of the shorter side of the picture, where nothing else is said. */
    public static final double USUAL_RADIUS = 0.06;

    private static final double SMALLEST_RADIUS = 6;

    /** What footage shows. */
    public interface Frames {
        Raster frame(int frame) throws FileProblem;
    }

    /** Is told what was found. */
    public interface Listener {
        /** Where the subject is in a frame; false to stop there. */
        boolean spot(int frame, Spot spot);
    }

    private final Frames frames;

    public SubjectTracker(Frames frames) {
        this.frames = frames;
    }

    /**
     * Follows a subject from a frame to another one, which may be earlier. The frame itself is not told again.
     *
     * @param at where it is in the first of them
     * @param radius half the side of the square around it that counts, in source pixels
     * @throws FileProblem when footage cannot be read
     * @throws IllegalArgumentException when there is nothing to tell apart at the place
     */
    public void track(int from, Spot at, double radius, int to, Listener listener) throws FileProblem {
        if (from == to) {
            return;
        }
        try (var grey = new GreyFrames(frames, from, to)) {
            Grey first = grey.at(from);
            double reach = Math.max(SMALLEST_RADIUS, radius / first.step());
            var sight = new FrameTracker(
                    first,
                    first.fromSource(at.at().x()),
                    first.fromSource(at.at().y()),
                    reach,
                    new Flow(reach));
            if (!sight.tells()) {
                throw new IllegalArgumentException(
                        "there is nothing to follow at that place: it is all alike there; point at something with edges, or make the area larger");
            }
            double turn = 0;
            int step = Integer.signum(to - from);
            for (int frame = from + step; frame != to + step; frame += step) {
                FrameTracker.Seen seen = sight.next(grey.at(frame));
                turn += Math.IEEEremainder(seen.placing().turn() - turn, 2 * Math.PI);
                if (!listener.spot(frame, spot(seen, turn, first, at))) {
                    return;
                }
            }
        }
    }

    private static Spot spot(FrameTracker.Seen seen, double turn, Grey grey, Spot from) {
        Placing placing = seen.placing();
        return new Spot(
                new PicturePoint(grey.toSource(placing.x()), grey.toSource(placing.y())),
                placing.scale() * from.scale(),
                Math.toDegrees(turn) + from.degrees(),
                seen.confidence());
    }
}
