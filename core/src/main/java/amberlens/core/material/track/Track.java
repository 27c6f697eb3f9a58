package amberlens.core.material.track;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.time.FrameSpan;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * Where a subject goes in footage. It belongs to the footage, in whose own frames and pixels it counts, so that whatever shows the
 * footage may use it, cut and retimed as it is.
 *
 * @param id unique among the tracks of its media
 * @param first the frame of the first spot, at least 0
 * @param spots frame by frame, at least one
 * @param given the frames in which somebody pointed at it, each among those of the spots
 * @param radius half the side of the square around it that counts, in source pixels in the first frame that was given
 */
public record Track(
        String id, String name, int first, List<Spot> spots, SortedSet<Integer> given, double radius, Extras extras) {
    public Track {
        spots = List.copyOf(spots);
        given = Collections.unmodifiableSortedSet(new TreeSet<>(given));
        if (id.isBlank() || first < 0 || spots.isEmpty()) {
            throw new IllegalArgumentException("a track has an id and a spot from frame 0 on");
        }
        if (!(radius > 0 && radius <= 1e6)) {
            throw new IllegalArgumentException("what a track looks at is larger than nothing, not " + radius);
        }
        if (!given.isEmpty() && (given.first() < first || given.last() > first + spots.size() - 1)) {
            throw new IllegalArgumentException("a track has a spot in every frame that was given");
        }
    }

    public int last() {
        return first + spots.size() - 1;
    }

    /** Where the subject is in a frame of the footage; empty where it was not looked for. */
    public Optional<Spot> at(int frame) {
        return frame < first || frame > last() ? Optional.empty() : Optional.of(spots.get(frame - first));
    }

    /** Where it is at a place of the footage, which may lie between two frames; beyond the ends of the track, a guess. */
    public Spot at(double place) {
        if (place < first || place > last()) {
            Spot end = place < first ? spots.getFirst() : spots.getLast();
            return end.withConfidence(0);
        }
        int below = (int) Math.floor(place);
        Spot spot = spots.get(below - first);
        double part = place - below;
        return part == 0 ? spot : spot.towards(spots.get(below + 1 - first), part);
    }

    /** The runs of frames in which it is a guess. */
    public List<FrameSpan> weak() {
        return FrameSpan.runs(first, last(), frame -> spots.get(frame - first).weak());
    }

    /** In how many frames it is a guess. */
    public int guessed() {
        return (int) spots.stream().filter(Spot::weak).count();
    }

    /** Where somebody would point next: in the middle of the longest run of guesses. */
    public Optional<Integer> asksFor() {
        return weak().stream()
                .max(Comparator.comparingInt(FrameSpan::length))
                .map(run -> run.from() + (run.length() - 1) / 2);
    }

    /** The mean confidence, 0 … 1. */
    public double confidence() {
        return spots.stream().mapToDouble(Spot::confidence).average().orElse(0);
    }
}
