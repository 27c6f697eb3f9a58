package amberlens.demo;

import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.edits.RigEdits;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.Beats;
import amberlens.core.material.sound.Ducking;
import amberlens.core.material.sound.Envelope;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.hearing.LineUpBeats;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is heard with the film: a plucked tune whose beats the cuts fall on, a murmur over the glasshouse and the border under which the
 * tune is lowered, and a rig that gives the sheet and the glasshouse a small push with each beat.
 */
final class FernhollowSound {
    private static final Seconds SPEAKS = new Seconds(33, 2);
    private static final Seconds FADE = new Seconds(3, 2);

    /** The track of the rig: above the pictures that it moves. */
    private static final int RIG_TRACK = 2;

    private FernhollowSound() {}

    static Project with(Project film, Media tune, Samples tuneSamples, Media murmur, Samples murmurSamples) {
        List<Media> media = new ArrayList<>(film.media());
        media.add(tune);
        media.add(murmur);
        Project heard = film.withMedia(media);
        heard = SoundEdits.add(tune, Seconds.ZERO, length(tuneSamples)).apply(heard);
        heard = SoundEdits.add(murmur, SPEAKS, length(murmurSamples)).apply(heard);
        SoundClip music = heard.sounds().getFirst();
        heard = SoundEdits.setFades(music.id(), Seconds.ZERO, FADE).apply(heard);
        Hearing.Source sounds = wanted -> wanted.media().equals(tune.id()) ? tuneSamples : murmurSamples;
        SoundClip voice = heard.sounds().getLast();
        Envelope speaking =
                Envelope.of(Hearing.mix(heard, sounds, voice::equals, _ -> false), 0, PluckedTune.LENGTH, _ -> true);
        var level = Ducking.USUAL.level(music, speaking, heard.frame().rate());
        heard = SoundEdits.setLevel(music.id(), level).apply(heard);
        BeatGrid beats = BeatGrid.of(Beats.of(tuneSamples, _ -> true));
        return rigged(heard, LineUpBeats.of(heard, id -> id.equals(tune.id()) ? Optional.of(beats) : Optional.empty()));
    }

    private static Seconds length(Samples sound) {
        return new Seconds(sound.length(), Samples.RATE);
    }

    private static Project rigged(Project film, LineUpBeats beats) {
        Project laid = RigEdits.lay(Set.of("s3", "s4")).apply(film);
        Shot rig = laid.shots().getLast();
        Project lower = laid.mapShot(rig.id(), shot -> shot.withTrack(RIG_TRACK).withName("Beats"));
        return ReadyEdits.plan(lower, Set.of(rig.id()), ReadyMove.PULSE, MoveWish.USUAL.withAmount(50), 110, beats)
                .edit()
                .apply(lower);
    }
}
