package amberlens.core.edit.edits;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.project.FreshIds;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** Changes of sounds. */
public final class SoundEdits {
    private SoundEdits() {}

    /**
     * Lays a sound of the project on the first track of sounds that is free there, or on a new one.
     *
     * @param start on the line-up
     * @param length of the sound
     */
    public static Edit add(Media media, Seconds start, Seconds length) {
        return Edit.of("sound", project -> {
            SoundClip clip = SoundClip.of(freshId(project.sounds()), media.id(), 1, start, Seconds.ZERO, length);
            var sounds = new ArrayList<>(project.sounds());
            sounds.add(clip.withTrack(freeTrack(project, clip)));
            return project.withSounds(sounds);
        });
    }

    private static int freeTrack(Project project, SoundClip clip) {
        int tracks = tracks(project);
        return IntStream.rangeClosed(1, tracks)
                .filter(track -> project.sounds().stream()
                        .filter(other -> other.track() == track)
                        .noneMatch(other -> meets(other, clip)))
                .findFirst()
                .orElse(tracks + 1);
    }

    private static boolean meets(SoundClip one, SoundClip other) {
        return one.start().compareTo(other.end()) < 0 && other.start().compareTo(one.end()) < 0;
    }

    /** How many tracks of sounds a project has. */
    public static int tracks(Project project) {
        return project.sounds().stream().mapToInt(SoundClip::track).max().orElse(0);
    }

    /** Moves clips in time and to other tracks, their distances kept, as far as there is room at the start and above. */
    public static Edit move(Set<String> clipIds, Seconds by, int byTracks) {
        return Edit.of(clipIds.size() == 1 ? "move sound" : "move " + clipIds.size() + " sounds", project -> {
            List<SoundClip> chosen = chosen(project, clipIds);
            if (chosen.isEmpty()) {
                return project;
            }
            Seconds time = latest(by, Seconds.ZERO.minus(chosen.getFirst().start()));
            int least = chosen.stream().mapToInt(SoundClip::track).min().orElse(1);
            int most = chosen.stream().mapToInt(SoundClip::track).max().orElse(1);
            int tracks = Math.clamp(byTracks, 1 - least, SoundClip.MOST_TRACKS - most);
            return project.withSounds(project.sounds().stream()
                    .map(clip -> clipIds.contains(clip.id())
                            ? clip.withStart(clip.start().plus(time)).withTrack(clip.track() + tracks)
                            : clip)
                    .toList());
        });
    }

    /** Moves a clip in time and to another track; it begins at 0 at the earliest. */
    public static Edit move(String clipId, Seconds start, int track) {
        Seconds from = start.compareTo(Seconds.ZERO) < 0 ? Seconds.ZERO : start;
        return change("move sound", clipId, clip -> clip.withStart(from).withTrack(track));
    }

    /**
     * Gives a clip another beginning; its end stays, and so does what is heard at each time. Keys of its level stay where they are on the
     * line-up.
     *
     * @param start on the line-up, before its end; not further back than its sound reaches
     */
    public static Edit trimStart(String clipId, Seconds start, FrameRate rate) {
        return change("trim sound start", clipId, clip -> {
            Seconds earliest = clip.start().minus(clip.in());
            Seconds from = latest(latest(start, earliest), Seconds.ZERO);
            if (from.compareTo(clip.end()) >= 0) {
                return clip;
            }
            Seconds by = from.minus(clip.start());
            return clip.withStart(from)
                    .withPart(clip.in().plus(by), clip.length().minus(by))
                    .withLevel(shifted(clip.level(), -(int) Math.round(by.frames(rate))));
        });
    }

    /** Gives a clip another end, behind its start. */
    public static Edit trimEnd(String clipId, Seconds end) {
        return change(
                "trim sound end",
                clipId,
                clip -> end.compareTo(clip.start()) <= 0 ? clip : clip.withPart(clip.in(), end.minus(clip.start())));
    }

    /** Plays another part of the sound at the same place; not before its beginning. */
    public static Edit slip(String clipId, Seconds by) {
        return change(
                "slip sound", clipId, clip -> clip.withPart(latest(clip.in().plus(by), Seconds.ZERO), clip.length()));
    }

    /** Cuts a clip in two at a time within it; the level goes on. */
    public static Edit split(String clipId, Seconds at) {
        return Edit.of("split sound", project -> project.sounds().stream()
                .filter(clip -> clip.id().equals(clipId))
                .filter(clip -> at.compareTo(clip.start()) > 0 && at.compareTo(clip.end()) < 0)
                .findFirst()
                .map(clip -> cut(project, clip, at))
                .orElse(project));
    }

    private static Project cut(Project project, SoundClip clip, Seconds at) {
        Seconds before = at.minus(clip.start());
        FrameRate rate = project.frame().rate();
        SoundClip first = clip.withPart(clip.in(), before).withFades(clip.enter(), Seconds.ZERO);
        SoundClip second = clip.withId(freshId(project.sounds()))
                .withStart(at)
                .withPart(clip.in().plus(before), clip.length().minus(before))
                .withFades(Seconds.ZERO, clip.leave())
                .withLevel(shifted(clip.level(), -(int) Math.round(before.frames(rate))));
        List<SoundClip> sounds = new ArrayList<>(project.sounds());
        int place = sounds.indexOf(clip);
        sounds.set(place, first);
        sounds.add(place + 1, second);
        return project.withSounds(sounds);
    }

    public static Edit setLevel(String clipId, Channel<Double> level) {
        return setLevel("change sound level", clipId, level);
    }

    /** Likewise under another name. */
    public static Edit setLevel(String name, String clipId, Channel<Double> level) {
        return change(name, clipId, clip -> clip.withLevel(level));
    }

    public static Edit setFades(String clipId, Seconds enter, Seconds leave) {
        return change("change sound fade", clipId, clip -> clip.withFades(enter, leave));
    }

    public static Edit mute(Set<String> clipIds, boolean mute) {
        return Edit.of(
                mute ? "mute sounds" : "unmute sounds",
                project -> project.withSounds(project.sounds().stream()
                        .map(clip -> clipIds.contains(clip.id()) ? clip.withMute(mute) : clip)
                        .toList()));
    }

    public static Edit remove(Set<String> clipIds) {
        return Edit.of(
                "delete sounds",
                project -> project.withSounds(project.sounds().stream()
                        .filter(clip -> !clipIds.contains(clip.id()))
                        .toList()));
    }

    /** How loud everything is together, in dB. */
    public static Edit setSoundLevel(double level) {
        return Edit.of("change master level", project -> project.withSoundLevel(level));
    }

    /** Copies of clips behind the last of them, their distances kept. */
    public static Edit copy(Set<String> clipIds) {
        return Edit.of("copy sounds", project -> {
            List<SoundClip> chosen = chosen(project, clipIds);
            if (chosen.isEmpty()) {
                return project;
            }
            Seconds from = chosen.getFirst().start();
            Seconds by = Seconds.ZERO;
            for (SoundClip clip : chosen) {
                by = latest(by, clip.end().minus(from));
            }
            var sounds = new ArrayList<>(project.sounds());
            for (SoundClip clip : chosen) {
                sounds.add(clip.withId(freshId(sounds)).withStart(clip.start().plus(by)));
            }
            return project.withSounds(sounds);
        });
    }

    /** The clips with these ids, in time. */
    public static List<SoundClip> chosen(Project project, Set<String> clipIds) {
        return project.sounds().stream()
                .filter(clip -> clipIds.contains(clip.id()))
                .sorted(Comparator.comparing(SoundClip::start))
                .toList();
    }

    private static String freshId(List<SoundClip> sounds) {
        return FreshIds.next("c", sounds.stream().map(SoundClip::id).toList());
    }

    /** Lets the sound of shots' own footage be heard, or not. */
    public static Edit setHeard(Set<String> shotIds, boolean heard) {
        return Edit.of(heard ? "unmute footage" : "mute footage", project -> {
            Project changed = project;
            for (String id : shotIds) {
                changed = changed.mapShot(
                        id, shot -> shot.withSettings(shot.settings().withHeard(heard)));
            }
            return changed;
        });
    }

    /**
     * Takes the sound of a shot's own footage off it: a clip of its own plays it at the same place, the shot is silent.
     *
     * @throws IllegalArgumentException by the edit, where that cannot be; it says why
     */
    public static Edit detach(String shotId) {
        return Edit.of("detach sound", project -> {
            Shot shot = project.shot(shotId).orElseThrow();
            Hearing.undetachable(project, shot).ifPresent(why -> {
                throw new IllegalArgumentException("The sound stays with its shot: " + why + ".");
            });
            SoundClip clip = Hearing.detached(project, shot, freshId(project.sounds()));
            var sounds = new ArrayList<>(project.sounds());
            sounds.add(clip.withTrack(freeTrack(project, clip)));
            return setHeard(Set.of(shotId), false).apply(project).withSounds(sounds);
        });
    }

    private static Edit change(String name, String clipId, UnaryOperator<SoundClip> change) {
        return Edit.of(
                name,
                project -> project.withSounds(project.sounds().stream()
                        .map(clip -> clip.id().equals(clipId) ? change.apply(clip) : clip)
                        .toList()));
    }

    private static Channel<Double> shifted(Channel<Double> level, int frames) {
        return level.mapKeys(key -> key.withAt(key.at() + frames));
    }

    private static Seconds latest(Seconds one, Seconds other) {
        return one.compareTo(other) > 0 ? one : other;
    }
}
