package amberlens.core.model.lineup;

import amberlens.core.material.footage.SourceTime;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.keys.KeyShift;
import amberlens.core.motion.property.Property;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * Two shots that follow each other made one. Halves of one shot become what they were; other moves are put end to end, with keys at the
 * last frame of the first and the first frame of the second.
 */
public final class Joining {
    private static final double NEAR = 1e-6;

    private Joining() {}

    /** Why two shots cannot be joined, in words; empty when they can. */
    public static Optional<String> refusal(Project project, Shot first, Shot second) {
        if (!first.media().equals(second.media())) {
            return Optional.of("they show different pictures");
        }
        if (first.track() != second.track() || first.start() + first.length() != second.start()) {
            return Optional.of("they do not follow each other on one track");
        }
        Optional<SourceTime> time = project.sourceTime(first);
        boolean continues = time.map(from ->
                        Math.abs(from.place(first.length()) - second.source().in()) < NEAR
                                && from.source().conversion() == second.source().conversion())
                .orElse(true);
        return continues
                ? Optional.empty()
                : Optional.of("the second does not go on where the footage of the first ends");
    }

    /**
     * The shot made of both; it keeps the first one's id, name and settings.
     *
     * @throws IllegalArgumentException when they cannot be joined
     */
    public static Shot join(Project project, Shot first, Shot second) {
        refusal(project, first, second).ifPresent(why -> {
            throw new IllegalArgumentException("the shots cannot be joined: " + why);
        });
        CameraTrack later = KeyShift.of(second.camera(), first.length());
        CameraTrack camera = later.equals(first.camera()) ? later : endToEnd(first.camera(), later, first.length());
        List<Marker> markers = new ArrayList<>(first.markers().stream()
                .filter(marker -> marker.at() < first.length())
                .toList());
        second.markers().forEach(marker -> markers.add(marker.withAt(marker.at() + first.length())));
        return first.withLength(Math.min(Shot.LONGEST, first.length() + second.length()))
                .withCamera(camera)
                .withMarkers(markers)
                .withLayering(first.layering().withLeave(second.layering().leave()));
    }

    private static CameraTrack endToEnd(CameraTrack first, CameraTrack second, int cut) {
        var properties = new TreeSet<>(first.channels().properties());
        properties.addAll(second.channels().properties());
        CameraTrack joined = first;
        for (Property<?> property : properties) {
            joined = joined(joined, property, second, cut);
        }
        return joined;
    }

    private static <V> CameraTrack joined(CameraTrack first, Property<V> property, CameraTrack second, int cut) {
        return first.with(property, joined(first.get(property), second.get(property), cut));
    }

    private static <V> Channel<V> joined(Channel<V> first, Channel<V> second, int cut) {
        if (first.equals(second)) {
            return first;
        }
        if (first.axes().isPresent() || second.axes().isPresent()) {
            Axes a = straight(first).unlinked().axes().orElseThrow();
            Axes b = straight(second).unlinked().axes().orElseThrow();
            return Channel.unlinked(first.kind(), new Axes(joined(a.x(), b.x(), cut), joined(a.y(), b.y(), cut)));
        }
        List<Key<V>> keys = new ArrayList<>();
        for (Key<V> key : KeyInsertion.at(sounding(first), cut - 1).keys()) {
            if (key.at() < cut - 1) {
                keys.add(key);
            } else if (key.at() == cut - 1) {
                keys.add(key.withLeg(Leg.HOLD)
                        .withHandles(new PathHandles(key.handles().in(), PathHandles.STRAIGHT.out())));
            }
        }
        for (Key<V> key : KeyInsertion.at(sounding(second), cut).keys()) {
            if (key.at() == cut) {
                keys.add(key.withHandles(
                        new PathHandles(PathHandles.STRAIGHT.in(), key.handles().out())));
            } else if (key.at() > cut) {
                keys.add(key);
            }
        }
        return Channel.keyed(first.kind(), keys);
    }

    /** What is seen: a muted property as the constant that holds. */
    private static <V> Channel<V> sounding(Channel<V> channel) {
        return channel.muted() ? Channel.constant(channel.kind(), channel.constant()) : channel;
    }

    private static <V> Channel<V> straight(Channel<V> channel) {
        return channel.mapBends(_ -> PathHandles.STRAIGHT);
    }
}
