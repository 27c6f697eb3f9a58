package amberlens.core.material.sound;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The beats of a sound as they are used: found, or corrected by hand. In bars of so many beats, one of them the first.
 *
 * @param beats in seconds of the sound
 * @param first the place among the beats of one that begins a bar; others do every so many beats before and after it
 * @param perBar beats in a bar, 1 … 16
 */
public record BeatGrid(Beats beats, int first, int perBar) {
    /** Without any beat: a sound that is not to give any. */
    public static final BeatGrid NONE = new BeatGrid(Beats.NONE, 0, 4);

    /** Beats in a bar, mostly: common practice. */
    private static final int USUAL_BAR = 4;

    public static final int LONGEST_BAR = 16;

    /** A beat between two others is told from them by that part of their strength. */
    private static final double BETWEEN = 0.5;

    public BeatGrid {
        if (perBar < 1 || perBar > LONGEST_BAR) {
            throw new IllegalArgumentException("a bar has 1 to 16 beats, not " + perBar);
        }
        if (first < 0 || first > Math.max(0, beats.times().size() - 1)) {
            throw new IllegalArgumentException("the first beat of a bar is one of the beats, not number " + first);
        }
    }

    /** Beats as they were found, in bars of four; the strongest of each four on the whole begin them. */
    public static BeatGrid of(Beats found) {
        int phase = 0;
        double most = -1;
        for (int start = 0; start < Math.min(USUAL_BAR, found.times().size()); start++) {
            double sum = 0;
            int count = 0;
            for (int i = start; i < found.times().size(); i += USUAL_BAR) {
                sum += found.strengths().get(i);
                count++;
            }
            if (sum / count > most * 1.02) {
                most = sum / count;
                phase = start;
            }
        }
        return new BeatGrid(found, phase, USUAL_BAR);
    }

    /**
     * Beats as they were tapped: evenly over the whole sound, at the tempo and place that fit the taps best (a straight line through
     * them by least squares; taps that were left out are counted). The first tap begins a bar.
     *
     * @param taps seconds of the sound, at least two of them, a twentieth of a second apart or more
     * @param length of the sound, in seconds
     * @throws IllegalArgumentException when the taps are too few or too close
     */
    public static BeatGrid tapped(List<Double> taps, double length) {
        List<Double> sorted = taps.stream().sorted().distinct().toList();
        double usual = usualDistance(sorted);
        List<Double> places = new ArrayList<>();
        double place = 0;
        for (int i = 0; i < sorted.size(); i++) {
            place += i == 0 ? 0 : Math.max(1, Math.rint((sorted.get(i) - sorted.get(i - 1)) / usual));
            places.add(place);
        }
        double meanPlace = mean(places);
        double meanTime = mean(sorted);
        double top = 0;
        double below = 0;
        for (int i = 0; i < sorted.size(); i++) {
            top += (places.get(i) - meanPlace) * (sorted.get(i) - meanTime);
            below += (places.get(i) - meanPlace) * (places.get(i) - meanPlace);
        }
        double period = top / below;
        double start = meanTime - meanPlace * period;
        int before = (int) Math.floor(start / period + 1e-9);
        int count = (int) Math.floor((length - start) / period) + before + 1;
        List<Double> times = IntStream.range(0, Math.max(1, count))
                .mapToObj(i -> Math.max(0, start + (i - before) * period))
                .toList();
        return new BeatGrid(
                Beats.at(times, times.stream().map(_ -> 1.0).toList()), Math.clamp(before, 0, times.size() - 1), 4);
    }

    /** The middle one of the distances between taps. */
    private static double usualDistance(List<Double> sorted) {
        List<Double> distances = IntStream.range(1, sorted.size())
                .mapToObj(i -> sorted.get(i) - sorted.get(i - 1))
                .sorted()
                .toList();
        if (distances.isEmpty() || distances.get(distances.size() / 2) < 0.05) {
            throw new IllegalArgumentException("Two taps or more are needed, not faster than twenty a second.");
        }
        return distances.get(distances.size() / 2);
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).average().orElse(0);
    }

    public boolean isEmpty() {
        return beats.times().isEmpty();
    }

    /** Whether a beat begins a bar. */
    public boolean isBar(int beat) {
        return Math.floorMod(beat - first, perBar) == 0;
    }

    /** All beats later, or earlier; those that would lie before the sound go. */
    public BeatGrid shifted(double seconds) {
        List<Double> times = new ArrayList<>();
        List<Double> strengths = new ArrayList<>();
        int gone = 0;
        for (int i = 0; i < beats.times().size(); i++) {
            double time = beats.times().get(i) + seconds;
            if (time < 0) {
                gone++;
            } else {
                times.add(time);
                strengths.add(beats.strengths().get(i));
            }
        }
        return regrouped(times, strengths, first - gone);
    }

    /** Half the tempo: every other beat, that which begins the bars among them. */
    public BeatGrid halved() {
        List<Double> times = new ArrayList<>();
        List<Double> strengths = new ArrayList<>();
        for (int i = first % 2; i < beats.times().size(); i += 2) {
            times.add(beats.times().get(i));
            strengths.add(beats.strengths().get(i));
        }
        return regrouped(times, strengths, first / 2);
    }

    /** Twice the tempo: a beat more in the middle between each two. */
    public BeatGrid doubled() {
        List<Double> times = new ArrayList<>();
        List<Double> strengths = new ArrayList<>();
        for (int i = 0; i < beats.times().size(); i++) {
            if (i > 0) {
                times.add((beats.times().get(i - 1) + beats.times().get(i)) / 2);
                strengths.add(BETWEEN
                        * Math.min(
                                beats.strengths().get(i - 1), beats.strengths().get(i)));
            }
            times.add(beats.times().get(i));
            strengths.add(beats.strengths().get(i));
        }
        return regrouped(times, strengths, 2 * first);
    }

    private BeatGrid regrouped(List<Double> times, List<Double> strengths, int wanted) {
        if (times.isEmpty()) {
            return new BeatGrid(Beats.NONE, 0, perBar);
        }
        int inside = wanted < 0 ? Math.floorMod(wanted, perBar) : wanted;
        return new BeatGrid(Beats.at(times, strengths), Math.min(inside, times.size() - 1), perBar);
    }

    /** Bars that begin with the beat nearest to a time of the sound. */
    public BeatGrid withFirstAt(double seconds) {
        int nearest = 0;
        for (int i = 1; i < beats.times().size(); i++) {
            boolean nearer = Math.abs(beats.times().get(i) - seconds)
                    < Math.abs(beats.times().get(nearest) - seconds);
            nearest = nearer ? i : nearest;
        }
        return new BeatGrid(beats, nearest, perBar);
    }

    public BeatGrid withPerBar(int count) {
        return new BeatGrid(beats, first, count);
    }
}
