package amberlens.desktop.desk.commands;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Timecode;
import amberlens.core.model.project.Marker;
import amberlens.core.motion.keys.KeyOrder;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.Retiming;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Keyed;
import amberlens.desktop.desk.state.Selection;
import java.util.Comparator;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;

/** The selected keys in time: nudge, align, reverse, exact times. */
public final class KeyTiming {
    private final Desk desk;

    public KeyTiming(Desk desk) {
        this.desk = desk;
    }

    /** Moves the keys by some frames, as far as they can go. */
    public void nudge(int frames) {
        retime("move", moves -> moves.shifted(frames));
    }

    /** In every lane the first of its selected keys goes to the playhead, the others with it. */
    public void alignToPlayhead() {
        retime("alignment", moves -> moves.firstAt(frame()));
    }

    /** Likewise to the marker of the shot nearest to the keys. */
    public void alignToMarker() {
        KeySet keys = desk.cursor().selectedKeys();
        desk.cursor()
                .selectedShot()
                .flatMap(shot -> shot.markers().stream()
                        .min(Comparator.comparingInt((Marker marker) -> Math.abs(marker.at() - keys.first()))))
                .ifPresentOrElse(
                        marker -> retime("alignment", moves -> moves.firstAt(marker.at())),
                        () -> desk.say("This shot has no marker yet; press M to set one at the playhead."));
    }

    /** In every lane the last of its selected keys goes to the last frame, the others with it. */
    public void toLastFrame() {
        retime("move to the last frame", moves -> moves.lastAt(moves.lastFrame()));
    }

    /** Lets the keys run backwards. */
    public void reverse() {
        with(keyed ->
                changed(KeyWords.of("reverse", keyed.keys()), keyed, KeyOrder.reversed(keyed.track(), keyed.keys())));
    }

    /**
     * Puts the first of the keys at a typed time, the others with it; {@code +12} and {@code -12} count from where it is.
     *
     * @return why it was refused, if it was
     */
    public Optional<String> setTime(String typed) {
        Optional<Keyed> keyed = desk.cursor().keyed();
        KeySet keys = keyed.map(Keyed::keys).orElse(KeySet.NONE);
        if (keyed.isEmpty() || keys.isEmpty()) {
            return Optional.of("no key is selected");
        }
        FrameRate rate = desk.document().project().frame().rate();
        try {
            int frame = TypedTime.read(
                    typed, keys.first(), new FrameSpan(0, keyed.get().lastFrame()), rate);
            int last = keyed.get().lastFrame() - (keys.last() - keys.first());
            if (frame < 0 || frame > last) {
                return Optional.of("the first of these keys can stand from 0:00 to " + Timecode.brief(last, rate)
                        + " (frame " + last + ")");
            }
            Retiming.Moved moved = moves(keyed.get()).shifted(frame - keys.first());
            changed(KeyWords.of("retime", keys), keyed.get(), moved);
            return moved.keys().first() == frame
                    ? Optional.empty()
                    : Optional.of("a key in the way stops it at "
                            + Timecode.brief(moved.keys().first(), rate));
        } catch (IllegalArgumentException e) {
            return Optional.of(String.valueOf(e.getMessage()));
        }
    }

    private int frame() {
        return desk.cursor().keyed().map(Keyed::frame).orElse(0);
    }

    private void retime(String deed, Function<Retiming, Retiming.Moved> how) {
        with(keyed -> changed(KeyWords.of(deed, keyed.keys()), keyed, how.apply(moves(keyed))));
    }

    private Retiming moves(Keyed keyed) {
        return new Retiming(
                keyed.track(),
                keyed.keys(),
                keyed.lastFrame(),
                desk.preferences().neighbours());
    }

    private void with(Consumer<Keyed> action) {
        desk.cursor().keyed().filter(keyed -> !keyed.keys().isEmpty()).ifPresent(action);
    }

    private void changed(String name, Keyed keyed, Retiming.Moved moved) {
        Selection.Part part = desk.cursor().selection().part();
        desk.document().apply(keyed.change().apply(name, moved.camera()));
        desk.cursor()
                .select(
                        part instanceof Selection.Framing
                                ? new Selection.Framing(moved.keys().first())
                                : keyed.part().apply(moved.keys()));
    }
}
