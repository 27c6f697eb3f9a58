package amberlens.media.export;

import amberlens.core.base.time.Seconds;
import amberlens.core.material.sound.Beats;
import amberlens.core.material.sound.EvenLoudness;
import amberlens.core.material.sound.Loudness;
import amberlens.core.material.sound.Mix;
import amberlens.core.material.sound.Samples;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.media.film.FilmTrack;
import amberlens.media.film.SoundCodec;
import amberlens.media.film.SoundFile;
import amberlens.media.sound.SoundShelf;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What is heard of an export, and what is to be known of that. */
final class ExportSound {
    private final Project project;
    private final ExportSettings settings;
    private final List<String> remarks = new ArrayList<>();

    ExportSound(Project project, ExportSettings settings) {
        this.project = project;
        this.settings = settings;
    }

    /**
     * Writes it into a file of its own.
     *
     * @param progress is told the part that is done; false ends it
     * @return whether it went through to the end
     */
    boolean write(SoundCodec codec, SoundShelf sounds, Beats.Progress progress) throws FileProblem {
        remark(sounds.problems());
        FilmTrack track = heard(sounds);
        return SoundFile.write(settings.destination(), codec, track.mix()::read, track.first(), pairs(), progress);
    }

    /** What is heard with a film; nothing where no clip plays in it, or the format cannot carry sound, which is told. */
    Optional<FilmTrack> track(SoundShelf sounds) {
        if (Hearing.mix(project, sounds).isSilent()) {
            return Optional.empty();
        }
        if (!settings.format().holdsSound()) {
            remark(List.of(settings.format().words() + " cannot carry sound; it is silent."));
            return Optional.empty();
        }
        return Optional.of(heard(sounds));
    }

    void remark(List<String> words) {
        words.stream().filter(one -> !remarks.contains(one)).forEach(remarks::add);
    }

    List<String> remarks() {
        return remarks;
    }

    /** How many pairs of samples go with what is exported. */
    private long pairs() {
        return FilmTrack.pairs(settings.frames().length(), project.frame().rate());
    }

    /** What is heard, at the loudness that is wanted. */
    private FilmTrack heard(SoundShelf sounds) {
        Mix mix = Hearing.mix(project, sounds);
        long first = Seconds.ofFrames(settings.frames().from(), project.frame().rate())
                .samples(Samples.RATE);
        if (settings.loudness().isEmpty() || mix.isSilent()) {
            return new FilmTrack(mix, first);
        }
        double target = settings.loudness().get();
        Loudness found = Loudness.of(mix, first, pairs());
        double by = EvenLoudness.change(found, target);
        if (found.integrated() + by < target - 0.1) {
            remark(List.of(String.format(
                    Locale.ROOT,
                    "The sound is at %.1f LUFS, not at %.1f: its peaks would pass −1 dBTP.",
                    found.integrated() + by,
                    target)));
        }
        return new FilmTrack(mix.louder(by), first);
    }
}
