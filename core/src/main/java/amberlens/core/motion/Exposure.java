package amberlens.core.motion;

import amberlens.core.geometry.Size;
import amberlens.core.time.Shutter;
import java.util.function.DoubleFunction;

/**
 * The instants of an exposed frame: so many that the fastest corner of the frame moves at most one output pixel from one to the next.
 *
 * @param shutter how long a frame is exposed
 * @param pxPerFramePx output pixels per frame pixel
 * @param most instants
 */
public record Exposure(Shutter shutter, double pxPerFramePx, int most) {
    /** One instant. */
    public static final Exposure NONE = new Exposure(Shutter.OFF, 1, Shutter.MOST);

    /** The way of a corner is measured in so many straight parts. */
    private static final int PARTS = 4;

    /** Never fewer instants than frame pixels ask for, so that a smaller output shows what was judged. */
    public static Exposure of(Shutter shutter, double pxPerFramePx) {
        return new Exposure(shutter, Math.max(1, pxPerFramePx), Shutter.MOST);
    }

    /** With fewer instants, for playing. */
    public Exposure withMost(int instants) {
        return new Exposure(shutter, pxPerFramePx, instants);
    }

    public boolean isNone() {
        return shutter.isOff();
    }

    /**
     * The instants of a frame whose own time is {@code at}, ascending.
     *
     * @param poses of any time
     */
    public double[] moments(double at, DoubleFunction<Pose> poses, Size frame) {
        if (isNone()) {
            return new double[] {at};
        }
        double[] moments = shutter.instants(count(at, poses, frame));
        for (int i = 0; i < moments.length; i++) {
            moments[i] += at;
        }
        return moments;
    }

    private int count(double at, DoubleFunction<Pose> poses, Size frame) {
        double way = 0;
        Pose before = poses.apply(at - shutter.open() / 2);
        for (int part = 1; part <= PARTS; part++) {
            Pose next = poses.apply(at + shutter.open() * ((double) part / PARTS - 0.5));
            way += Travel.between(before, next).furthest(frame);
            before = next;
        }
        return (int) Math.clamp(Math.ceil(way * pxPerFramePx - 1e-9), 1, most);
    }
}
