package amberlens.core.material.shake;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.trace.Stand;
import amberlens.core.motion.camera.Mover;
import amberlens.core.motion.pose.Pose;

/**
 * A shake that lies under the move of a shot.
 *
 * @param amount per cent of the shake as it is, 0 … {@value #MOST}
 * @param from at which of its seconds the shot begins, within ± {@value #LATEST}
 */
public record ShakeLayer(Shake shake, double amount, double from) {
    public static final double MOST = 300;
    public static final double LATEST = 36_000;

    public ShakeLayer {
        if (!(amount >= 0 && amount <= MOST)) {
            throw new IllegalArgumentException("the amount of a shake is 0 to 300 %, not " + amount);
        }
        if (!(Math.abs(from) <= LATEST)) {
            throw new IllegalArgumentException("a shake begins at -36000 to 36000 s, not at " + from);
        }
    }

    public ShakeLayer withAmount(double percent) {
        return new ShakeLayer(shake, percent, from);
    }

    /** The same where the shot begins later by so many seconds. */
    public ShakeLayer later(double seconds) {
        return new ShakeLayer(shake, amount, (from + seconds) % LATEST);
    }

    /** How far off the frame is at a time of the shot, in seconds. */
    public Stand at(double seconds) {
        Stand whole = shake.at(from + seconds);
        double part = amount / 100;
        return new Stand(part * whole.x(), part * whole.y(), Math.pow(whole.scale(), part), part * whole.degrees(), 1);
    }

    /**
     * What takes a frame along as the hand does, about its middle.
     *
     * @param width what the shake is in parts of, in frame pixels: that of the film's frame as it is seen in this one
     */
    public Mover in(Size frame, double width, FrameRate rate) {
        return new Hand(this, frame, width, rate);
    }

    private record Hand(ShakeLayer layer, Size frame, double width, FrameRate rate) implements Mover {
        @Override
        public Pose at(double shotFrame) {
            Stand stand = layer.at(rate.seconds(shotFrame));
            FramePoint middle = frame.centre();
            return new Pose(
                    Scale.uniform(100 * stand.scale()),
                    middle.plus(new FramePoint(stand.x() * width, stand.y() * width)),
                    stand.degrees(),
                    new PicturePoint(middle.x(), middle.y()));
        }
    }
}
