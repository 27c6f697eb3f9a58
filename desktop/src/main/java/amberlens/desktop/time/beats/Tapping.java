package amberlens.desktop.time.beats;

import amberlens.core.edit.edits.BeatEdits;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.Media;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.work.sounds.KnownSound;
import amberlens.desktop.work.sounds.SoundStore;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleSupplier;

/** Beats tapped with a key while the sound plays: from the fourth tap on they are those of the sound, better with each further one. */
final class Tapping {
    private static final int ENOUGH = 4;

    /** After such a pause tapping begins anew, in seconds. */
    private static final double PAUSE = 3;

    private final Desk desk;
    private final SoundStore store;
    private final BeatSource source;
    private final DoubleSupplier heard;
    private final List<Double> taps = new ArrayList<>();
    private String tapped = "";

    /** @param heard the time of the line-up that is heard now, in seconds */
    Tapping(Desk desk, SoundStore store, BeatSource source, DoubleSupplier heard) {
        this.desk = desk;
        this.store = store;
        this.source = source;
        this.heard = heard;
    }

    void tap() {
        Optional<SoundClip> clip = source.clip();
        if (clip.isEmpty()) {
            desk.say("Tap along while a sound plays.");
            return;
        }
        double at = BeatSource.inSound(clip.get(), heard.getAsDouble());
        boolean anew = !tapped.equals(clip.get().media())
                || taps.isEmpty()
                || at <= taps.getLast()
                || at - taps.getLast() > PAUSE;
        if (anew) {
            taps.clear();
        }
        tapped = clip.get().media();
        taps.add(Math.max(0, at));
        if (taps.size() < ENOUGH) {
            desk.say("Beat " + taps.size() + " of " + ENOUGH + " …");
        } else {
            take(clip.get());
        }
    }

    private void take(SoundClip clip) {
        Media media = desk.document().project().media(clip.media()).orElseThrow();
        KnownSound known = store.known(media);
        double length = Math.max(known.seconds(), clip.in().plus(clip.length()).value());
        try {
            BeatGrid grid = BeatGrid.tapped(taps, length);
            desk.document().showKept(BeatEdits.set(media.id(), Optional.of(grid)));
            desk.say(String.format(
                    Locale.ROOT, "Tapped: %.1f beats a minute.", grid.beats().tempo()));
        } catch (IllegalArgumentException e) {
            desk.say(String.valueOf(e.getMessage()));
        }
    }
}
