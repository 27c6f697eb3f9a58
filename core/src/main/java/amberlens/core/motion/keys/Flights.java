package amberlens.core.motion.keys;

import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.FlightPath;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** Runs of framings that become flights. */
public final class Flights {
    private Flights() {}

    /**
     * The framings that lead on to another one, among some.
     *
     * @param chosen frames of framings; the legs that begin at them
     */
    public static Set<Integer> possible(CameraTrack camera, Set<Integer> chosen) {
        List<Integer> framings = Framings.of(camera);
        Set<Integer> possible = new TreeSet<>(framings);
        possible.retainAll(chosen);
        if (!framings.isEmpty()) {
            possible.remove(framings.getLast());
        }
        return possible;
    }

    /**
     * The legs that begin at some framings, as flights with gentle ends. Where scale or position has no key at one of their ends it gets
     * one, which does not change the framing; keys between the framings go.
     *
     * @param from frames of framings that lead on to another one, see {@link #possible}
     * @param frame frame pixels
     * @throws IllegalArgumentException when an axis has keys of its own, for people
     */
    public static CameraTrack fly(CameraTrack camera, Set<Integer> from, Size frame, double rho) {
        if (camera.scale().axes().isPresent() || camera.position().axes().isPresent()) {
            throw new IllegalArgumentException("scale and position fly together; link their axes first");
        }
        List<Integer> framings = Framings.of(camera);
        TimingCurve timing = ((Leg.Curve) Ease.GENTLE_BOTH.leg()).timing();
        Leg leg = Leg.Flight.in(frame, rho, timing);
        CameraTrack flying = camera;
        for (int start : possible(camera, from)) {
            int end = framings.get(framings.indexOf(start) + 1);
            flying = flying.withScale(leg(flying.scale(), start, end, leg))
                    .withPosition(leg(flying.position(), start, end, leg))
                    .withRotation(turning(flying.rotation(), start, new Leg.Curve(timing)));
        }
        return flying;
    }

    private static <V> Channel<V> leg(Channel<V> channel, int start, int end, Leg leg) {
        V first = channel.at(start);
        V last = channel.at(end);
        Channel<V> keyed = channel.animated()
                ? KeyInsertion.at(KeyInsertion.at(channel, start), end)
                : channel.withKeys(List.of(Key.of(start, first, leg), Key.of(end, last, Leg.LINEAR)), first);
        List<Key<V>> keys = keyed.keys().stream()
                .filter(key -> key.at() <= start || key.at() >= end)
                .map(key -> key.at() == start ? key.withLeg(leg).withEven(false) : key)
                .toList();
        return keyed.withKeys(keys, first);
    }

    private static Channel<Double> turning(Channel<Double> rotation, int start, Leg leg) {
        return rotation.animated() ? rotation.mapKeys(key -> key.at() == start ? key.withLeg(leg) : key) : rotation;
    }

    /** The flights that begin at some frames, as high as told. */
    public static CameraTrack high(CameraTrack camera, Set<Integer> from, double rho) {
        return camera.withScale(camera.scale().mapKeys(key -> high(key, from, rho)))
                .withPosition(camera.position().mapKeys(key -> high(key, from, rho)));
    }

    private static <V> Key<V> high(Key<V> key, Set<Integer> from, double rho) {
        return key.leg() instanceof Leg.Flight flight && from.contains(key.at())
                ? key.withLeg(flight.withRho(Math.clamp(rho, FlightPath.LEAST_RHO, FlightPath.LARGEST_RHO)))
                : key;
    }

    /** All flights about the middle of a frame of another size. */
    public static CameraTrack about(CameraTrack camera, Size frame) {
        return camera.flies()
                ? camera.mapLegs(leg ->
                        leg instanceof Leg.Flight flight ? Leg.Flight.in(frame, flight.rho(), flight.timing()) : leg)
                : camera;
    }
}
