package amberlens.core.model.hearing;

import amberlens.core.base.time.Seconds;
import amberlens.core.material.footage.SourceTime;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.sound.Mix;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * All that is heard of a project: its clips, and the sound of footage whose shots keep it. That stays in time with the speed of its
 * picture: at a constant speed it keeps its pitch, at a keyed one it goes up and down with it, and backwards or standing it is silent.
 */
public final class Hearing {
    /** The speeds at which a sound is stretched; beyond, it goes up and down like one whose speed is keyed. */
    private static final double SLOWEST = 0.125;

    private static final double FASTEST = 8;

    private Hearing() {}

    /**
     * A sound that is needed.
     *
     * @param media its id
     * @param tempo 1 as it is, 2 twice as fast, at the same pitch
     */
    public record Wanted(String media, double tempo) {
        public static Wanted plain(String media) {
            return new Wanted(media, 1);
        }
    }

    /** Where sounds are available. */
    @FunctionalInterface
    public interface Source {
        /** A sound; null where it is not there, or not yet, which is silent. */
        @Nullable
        Samples of(Wanted wanted);
    }

    /** The sounds that are needed to hear a project. */
    public static Set<Wanted> wanted(Project project) {
        Set<Wanted> wanted = new LinkedHashSet<>();
        project.sounds().stream()
                .filter(clip -> !clip.mute())
                .map(clip -> Wanted.plain(clip.media()))
                .forEach(wanted::add);
        project.shots().stream()
                .filter(shot -> isHeard(project, shot))
                .forEach(shot -> wanted.add(wanted(project, shot)));
        return wanted;
    }

    /** Whether the sound of a shot's own footage is heard, if it has one. */
    public static boolean isHeard(Project project, Shot shot) {
        return shot.settings().heard()
                && project.mediaOf(shot).sounds()
                && project.sourceTime(shot)
                        .map(time -> tempo(time).orElse(1.0) > 0)
                        .orElse(false);
    }

    private static Wanted wanted(Project project, Shot shot) {
        return new Wanted(
                shot.media(),
                project.sourceTime(shot)
                        .flatMap(Hearing::tempo)
                        .filter(Hearing::isStretched)
                        .orElse(1.0));
    }

    private static boolean isStretched(double tempo) {
        return tempo >= SLOWEST && tempo <= FASTEST;
    }

    /** A constant speed, 1 as it is; empty for one that is keyed. */
    private static Optional<Double> tempo(SourceTime time) {
        boolean keyed = time.speed().animated() && !time.speed().muted();
        return keyed ? Optional.empty() : Optional.of(time.speed().constant() / 100);
    }

    /** How many frames of the line-up its clips last. */
    public static int frames(Project project) {
        return project.sounds().stream()
                .mapToInt(clip ->
                        (int) Math.ceil(clip.end().frames(project.frame().rate()) - 1e-9))
                .max()
                .orElse(0);
    }

    /** Everything together. */
    public static Mix mix(Project project, Source source) {
        return mix(project, source, _ -> true, _ -> true);
    }

    /**
     * Likewise, only some of it.
     *
     * @param clips which of its clips
     * @param shots which of its shots
     */
    public static Mix mix(Project project, Source source, Predicate<SoundClip> clips, Predicate<Shot> shots) {
        Mix mix = new Mix(project.frame().rate(), project.soundLevel());
        mix.add(project.sounds(), clip -> clips.test(clip) ? source.of(Wanted.plain(clip.media())) : null);
        for (Shot shot : project.shots()) {
            if (isHeard(project, shot) && shots.test(shot)) {
                mix.add(List.of(clip(project, shot)), _ -> samples(project, shot, source));
            }
        }
        return mix;
    }

    /** The clip that a shot's own sound is; it comes and goes as the picture does. */
    static SoundClip clip(Project project, Shot shot) {
        var rate = project.frame().rate();
        return SoundClip.of(
                        shot.id(),
                        shot.media(),
                        1,
                        Seconds.ofFrames(shot.start(), rate),
                        Seconds.ZERO,
                        Seconds.ofFrames(shot.length(), rate))
                .withFades(
                        Seconds.ofFrames(frames(shot.layering().enter()), rate),
                        Seconds.ofFrames(frames(shot.layering().leave()), rate));
    }

    private static int frames(Optional<Fade> fade) {
        return fade.map(Fade::frames).orElse(0);
    }

    private static @Nullable Samples samples(Project project, Shot shot, Source source) {
        Wanted wanted = wanted(project, shot);
        Samples found = source.of(wanted);
        if (found == null) {
            return null;
        }
        SourceTime time = project.sourceTime(shot).orElseThrow();
        Optional<Double> tempo = tempo(time);
        return tempo.isPresent() && isStretched(tempo.get())
                ? new From(
                        found,
                        Math.round(time.place(0) / time.footage().rate().perSecond() / tempo.get() * Samples.RATE))
                : new Retimed(found, time, shot.length());
    }

    /** A sound from a place in it on. */
    private record From(Samples sound, long first) implements Samples {
        @Override
        public long length() {
            return Math.max(0, sound.length() - first);
        }

        @Override
        public void read(long from, int count, float[] into, int at) {
            sound.read(first + from, count, into, at);
        }
    }

    /** Why a shot's own sound cannot become a clip; empty where it can. */
    public static Optional<String> undetachable(Project project, Shot shot) {
        if (!project.mediaOf(shot).sounds()) {
            return Optional.of("its media have no sound");
        }
        boolean plain = project.sourceTime(shot)
                .flatMap(Hearing::tempo)
                .filter(tempo -> tempo == 1)
                .isPresent();
        return plain
                ? Optional.empty()
                : Optional.of("its speed is changed, and clips of sound play at their own speed");
    }

    /** The clip that a shot's own sound becomes when it is taken off it: the same stretch at the same place. */
    public static SoundClip detached(Project project, Shot shot, String id) {
        SoundClip here = clip(project, shot);
        SourceTime time = project.sourceTime(shot).orElseThrow();
        long micros = Math.round(time.place(0) / time.footage().rate().perSecond() * 1_000_000);
        Seconds in = new Seconds(Math.max(0, micros), 1_000_000);
        Seconds late = new Seconds(Math.max(0, -micros), 1_000_000);
        return here.withId(id)
                .withStart(here.start().plus(late))
                .withPart(in, here.length().minus(late));
    }
}
