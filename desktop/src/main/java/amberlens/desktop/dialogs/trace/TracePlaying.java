package amberlens.desktop.dialogs.trace;

import amberlens.core.base.time.FrameRate;
import amberlens.core.material.trace.Trace;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;

/** Plays the film and the gate side by side, in the time that they take, again and again. */
final class TracePlaying extends AnimationTimer {
    private static final double NANOS = 1e9;

    /** Seconds between two rounds. */
    private static final double PAUSE = 0.6;

    private final FilmView film;
    private final GateView gate;
    private final FrameRate rate;
    private final int last;
    private final Supplier<Optional<Trace>> trace;
    private final BooleanSupplier stretched;
    private long began;

    /**
     * @param rate of the project
     * @param last frame of the shot
     * @param trace what is played; nothing while nothing is found
     * @param stretched whether the film takes as long as the shot
     */
    TracePlaying(
            FilmView film,
            GateView gate,
            FrameRate rate,
            int last,
            Supplier<Optional<Trace>> trace,
            BooleanSupplier stretched) {
        this.film = film;
        this.gate = gate;
        this.rate = rate;
        this.last = last;
        this.trace = trace;
        this.stretched = stretched;
    }

    /** From the start again. */
    void again() {
        began = 0;
    }

    @Override
    public void handle(long now) {
        began = began == 0 ? now : began;
        double seconds = (now - began) / NANOS;
        trace.get().ifPresent(found -> play(found, seconds));
    }

    private void play(Trace found, double seconds) {
        double own = rate.seconds(last);
        double films = found.rate().seconds(found.length() - 1.0);
        double longest = stretched.getAsBoolean() ? own : Math.max(own, films);
        double now = seconds % (longest + PAUSE);
        double filmFrame = stretched.getAsBoolean()
                ? (longest > 0 ? now / longest : 1) * (found.length() - 1)
                : now * found.rate().perSecond();
        film.play((int) Math.round(Math.min(filmFrame, found.length() - 1.0)));
        gate.play((int) Math.min(last, now * rate.perSecond()));
    }
}
