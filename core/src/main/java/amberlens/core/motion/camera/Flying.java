package amberlens.core.motion.camera;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.CurveProgress;
import amberlens.core.motion.curve.FlightPath;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.pose.Pose;
import java.util.Optional;

/**
 * What a camera does on a flight: scale and position follow one {@link FlightPath} where their keys coincide; turn and anchor go along by
 * their own legs.
 */
final class Flying {
    private Flying() {}

    /** A scale and a position that belong together. */
    record Flown(Scale scale, FramePoint position) {}

    static boolean in(Channel<Scale> scale) {
        return scale.keys().stream().anyMatch(key -> key.leg() instanceof Leg.Flight);
    }

    /** Empty where no flight is; its ends are no part of it. */
    static Optional<Flown> at(CameraTrack camera, double frame) {
        Channel<Scale> scale = camera.scale();
        int leg = scale.firstAfter(frame) - 1;
        if (leg < 0 || leg + 1 >= scale.keys().size()) {
            return Optional.empty();
        }
        Key<Scale> from = scale.keys().get(leg);
        Key<Scale> to = scale.keys().get(leg + 1);
        if (!(from.leg() instanceof Leg.Flight flight) || frame == from.at() || !together(camera, from, to, frame)) {
            return Optional.empty();
        }
        return between(camera, flight, from, to, frame);
    }

    private static boolean together(CameraTrack camera, Key<Scale> from, Key<Scale> to, double frame) {
        Channel<FramePoint> position = camera.position();
        boolean whole = !camera.scale().muted()
                && !position.muted()
                && camera.scale().axes().isEmpty()
                && position.axes().isEmpty();
        int own = position.firstAfter(frame) - 1;
        return whole
                && own >= 0
                && own + 1 < position.keys().size()
                && position.keys().get(own).at() == from.at()
                && position.keys().get(own + 1).at() == to.at();
    }

    private static Optional<Flown> between(
            CameraTrack camera, Leg.Flight flight, Key<Scale> from, Key<Scale> to, double frame) {
        Scale first = from.value();
        Scale last = to.value();
        if (!(first.x() > 0 && last.x() > 0 && first.y() > 0 && last.y() > 0)) {
            return Optional.empty();
        }
        PicturePoint start = middle(camera, flight, first, from.at());
        PicturePoint end = middle(camera, flight, last, to.at());
        double across = end.x() - start.x();
        double down = end.y() - start.y();
        var path = new FlightPath(
                flight.width() / first.factorX(),
                flight.width() / last.factorX(),
                Math.hypot(across, down),
                flight.rho());
        double part = CurveProgress.of(flight.timing(), (frame - from.at()) / (to.at() - from.at()));
        FlightPath.Place place = path.at(part);
        double x = 100 * flight.width() / place.width();
        double firstRatio = first.y() / first.x();
        double ratio = firstRatio * Math.pow(last.y() / last.x() / firstRatio, part);
        Scale scale = new Scale(x, x * ratio);
        var there = new PicturePoint(start.x() + place.travelled() * across, start.y() + place.travelled() * down);
        FramePoint off = new Pose(
                        scale,
                        FramePoint.ZERO,
                        camera.rotation().at(frame),
                        camera.anchor().at(frame))
                .toFrame(there);
        return Optional.of(new Flown(scale, flight.about().minus(off)));
    }

    /** The picture point in the middle of the gate at a key. */
    private static PicturePoint middle(CameraTrack camera, Leg.Flight flight, Scale scale, int at) {
        return new Pose(
                        scale,
                        camera.position().at(at),
                        camera.rotation().at(at),
                        camera.anchor().at(at))
                .toPicture(flight.about());
    }
}
