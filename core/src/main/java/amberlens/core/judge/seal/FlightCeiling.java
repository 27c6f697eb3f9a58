package amberlens.core.judge.seal;

import amberlens.core.base.geometry.Scale;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.FlightPath;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import java.util.HashSet;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Flights that rise above what the picture allows are flown lower: no framing changes, and the way between them stays the smoothest of
 * its height. Between framings inside the picture that do not turn there always is such a height, because the lowest flight is almost a
 * straight way.
 */
final class FlightCeiling {
    private static final int HALVINGS = 24;

    private FlightCeiling() {}

    /** The move with its open flights as high as they can be; empty where that closes nothing, or not everything. */
    static Optional<SealResult> under(Subject subject, SealTerms terms) {
        Set<Integer> open = openFlights(subject);
        if (open.isEmpty() || lockedWithin(subject.camera(), open, terms)) {
            return Optional.empty();
        }
        if (isOpen(subject, lower(subject.camera(), open, 0))) {
            return Optional.empty();
        }
        double good = 0;
        double bad = 1;
        for (int i = 0; i < HALVINGS; i++) {
            double between = (good + bad) / 2;
            if (isOpen(subject, lower(subject.camera(), open, between))) {
                bad = between;
            } else {
                good = between;
            }
        }
        CameraTrack lowered = lower(subject.camera(), open, good);
        return Optional.of(new SealResult.Sealed(lowered, SealCost.between(subject, lowered), OptionalInt.empty()));
    }

    /** The frames at which flights begin within which an edge is open. */
    private static Set<Integer> openFlights(Subject subject) {
        Channel<Scale> scale = subject.camera().scale();
        Set<Integer> open = new HashSet<>();
        for (int i = 0; subject.camera().flies() && i + 1 < scale.keys().size(); i++) {
            Key<Scale> from = scale.keys().get(i);
            int end = scale.keys().get(i + 1).at();
            if (from.leg() instanceof Leg.Flight) {
                EdgeReport.of(subject.now().getFirst().take()).open().stream()
                        .filter(span ->
                                span.span().to() > from.at() && span.span().from() < end)
                        .findAny()
                        .ifPresent(_ -> open.add(from.at()));
            }
        }
        return open;
    }

    private static boolean lockedWithin(CameraTrack camera, Set<Integer> flights, SealTerms terms) {
        for (int from : flights) {
            int end = camera.scale().keys().stream()
                    .mapToInt(Key::at)
                    .filter(at -> at > from)
                    .min()
                    .orElse(from);
            if (!terms.locked().subSet(from + 1, Math.max(from + 1, end)).isEmpty()) {
                return true;
            }
        }
        return false;
    }

    private static boolean isOpen(Subject subject, CameraTrack camera) {
        return subject.judged().apply(camera).stream()
                .map(Subject.Judgement::take)
                .anyMatch(FlightCeiling::isOpen);
    }

    private static boolean isOpen(Take take) {
        return !EdgeReport.of(take).isSealed();
    }

    /**
     * The flights that begin at some frames, lower.
     *
     * @param part of the height they have above the lowest there is, 0 … 1
     */
    private static CameraTrack lower(CameraTrack camera, Set<Integer> flights, double part) {
        return camera.withScale(camera.scale().mapKeys(key -> lower(key, flights, part)))
                .withPosition(camera.position().mapKeys(key -> lower(key, flights, part)));
    }

    private static <V> Key<V> lower(Key<V> key, Set<Integer> flights, double part) {
        return key.leg() instanceof Leg.Flight flight && flights.contains(key.at())
                ? key.withLeg(flight.withRho(FlightPath.LEAST_RHO + part * (flight.rho() - FlightPath.LEAST_RHO)))
                : key;
    }
}
