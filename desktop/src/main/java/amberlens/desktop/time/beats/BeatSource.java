package amberlens.desktop.time.beats;

import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.hearing.LineUpBeats.Beat;
import amberlens.core.model.project.Media;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.work.sounds.SoundStore;
import java.util.Comparator;
import java.util.Optional;

/** Whose beats are corrected: those of the selected clip, or of the one that gives the beats at the playhead. */
final class BeatSource {
    private final Desk desk;
    private final SoundStore store;

    BeatSource(Desk desk, SoundStore store) {
        this.desk = desk;
        this.store = store;
    }

    Optional<SoundClip> clip() {
        double now = seconds();
        return desk.cursor().selectedSounds().stream()
                .findFirst()
                .or(() -> store.beats(desk.document().project()).beats().stream()
                        .min(Comparator.comparingDouble(beat -> Math.abs(beat.seconds() - now)))
                        .map(Beat::media)
                        .flatMap(this::clipOf))
                .or(() -> desk.document().project().sounds().stream()
                        .filter(clip -> !clip.mute())
                        .max(Comparator.comparing(SoundClip::length)));
    }

    /** A clip of media: the one under the playhead, or any. */
    private Optional<SoundClip> clipOf(String media) {
        double now = seconds();
        return desk.document().project().sounds().stream()
                .filter(clip -> clip.media().equals(media))
                .min(Comparator.comparing(clip ->
                        !(clip.start().value() <= now && now < clip.end().value())));
    }

    Optional<Media> media() {
        return clip().flatMap(clip -> desk.document().project().media(clip.media()));
    }

    /** Its beats as they are. */
    Optional<BeatGrid> grid() {
        return media().flatMap(store::beats);
    }

    /** Where the playhead is, in seconds on the line-up. */
    double seconds() {
        return desk.cursor().playhead()
                / desk.document().project().frame().rate().perSecond();
    }

    /** A time of the line-up as one of the sound. */
    static double inSound(SoundClip clip, double seconds) {
        return seconds - clip.start().value() + clip.in().value();
    }
}
