package amberlens.core.model.hearing;

import amberlens.core.base.time.FrameRate;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * The beats that are heard on a line-up. At each time they are those of one clip: of one whose beats were set by hand before others, and
 * else of the longest, which is mostly the music.
 *
 * @param beats in time
 * @param rate of the line-up
 */
public record LineUpBeats(List<Beat> beats, FrameRate rate) {
    public static final LineUpBeats NONE = new LineUpBeats(List.of(), FrameFormat.USUAL.rate());

    public LineUpBeats {
        beats = List.copyOf(beats);
    }

    /**
     * One of them.
     *
     * @param seconds on the line-up
     * @param strength 0 … 1
     * @param bar whether it begins a bar
     * @param media whose beat it is
     */
    public record Beat(double seconds, double strength, boolean bar, String media) {}

    /** @param found the beats of media by their id, where none were set by hand */
    public static LineUpBeats of(Project project, Function<String, Optional<BeatGrid>> found) {
        List<Giver> givers = new ArrayList<>();
        for (SoundClip clip : project.sounds()) {
            Optional<BeatGrid> own = project.media(clip.media()).flatMap(Media::beats);
            own.or(() -> found.apply(clip.media()))
                    .filter(grid -> !grid.isEmpty() && !clip.mute())
                    .ifPresent(grid -> givers.add(new Giver(clip, grid, own.isPresent())));
        }
        givers.sort(Comparator.comparing(Giver::byHand)
                .thenComparing(giver -> giver.clip().length())
                .reversed());
        List<Beat> beats = new ArrayList<>();
        for (int i = 0; i < givers.size(); i++) {
            givers.get(i).add(givers.subList(0, i), beats);
        }
        beats.sort(Comparator.comparingDouble(Beat::seconds));
        return new LineUpBeats(beats, project.frame().rate());
    }

    private record Giver(SoundClip clip, BeatGrid grid, boolean byHand) {
        /** Adds the beats that fall where none of some others is heard. */
        private void add(List<Giver> before, List<Beat> beats) {
            double by = clip.start().value() - clip.in().value();
            for (int i = 0; i < grid.beats().times().size(); i++) {
                double at = grid.beats().times().get(i) + by;
                if (isHeard(at) && before.stream().noneMatch(giver -> giver.isHeard(at))) {
                    beats.add(new Beat(at, grid.beats().strengths().get(i), grid.isBar(i), clip.media()));
                }
            }
        }

        private boolean isHeard(double seconds) {
            return seconds >= clip.start().value() - 1e-9
                    && seconds < clip.end().value() - 1e-9;
        }
    }

    public boolean isEmpty() {
        return beats.isEmpty();
    }

    /** The frame of the line-up in which a beat falls best: the one whose start is nearest. */
    public int frame(Beat beat) {
        return (int) Math.round(beat.seconds() * rate.numerator() / rate.denominator());
    }

    /** The frames of all beats, ascending, each once. */
    public List<Integer> frames() {
        return frames(beats);
    }

    /** Those that begin bars. */
    public List<Integer> bars() {
        return frames(beats.stream().filter(Beat::bar).toList());
    }

    private List<Integer> frames(List<Beat> some) {
        return some.stream().map(this::frame).distinct().toList();
    }

    /**
     * Every so many beats, counted from one at or behind a frame.
     *
     * @param every 1 or more
     */
    public List<Integer> every(int every, int from) {
        List<Integer> later = frames().stream().filter(frame -> frame >= from).toList();
        return IntStream.range(0, later.size())
                .filter(i -> i % every == 0)
                .mapToObj(later::get)
                .toList();
    }

    /** The beat nearest to a frame; the earlier of two as near. */
    public Optional<Integer> nearest(int frame) {
        return frames().stream().min(Comparator.comparingInt(at -> Math.abs(at - frame)));
    }
}
