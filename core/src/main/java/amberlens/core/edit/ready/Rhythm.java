package amberlens.core.edit.ready;

import java.util.List;

/**
 * When something sounds in a shot.
 *
 * @param beats frames of the shot, ascending
 * @param bars those of them at which a bar begins
 */
public record Rhythm(List<Integer> beats, List<Integer> bars) {
    public static final Rhythm NONE = new Rhythm(List.of(), List.of());

    public Rhythm {
        beats = List.copyOf(beats);
        bars = List.copyOf(bars);
    }
}
