package amberlens.desktop.desk.state;

import amberlens.core.material.sound.SoundClip;
import java.util.HashSet;
import java.util.Set;

/** What alone is listened to while something is: clips, or whole tracks of them. Belongs to no project, and is not exported. */
public final class Solo {
    private final Runnable changed;
    private final Set<String> clips = new HashSet<>();
    private final Set<Integer> tracks = new HashSet<>();

    Solo(Runnable changed) {
        this.changed = changed;
    }

    void reset() {
        clips.clear();
        tracks.clear();
    }

    /** Whether anything is solo. */
    public boolean isAny() {
        return !clips.isEmpty() || !tracks.isEmpty();
    }

    public boolean hears(SoundClip clip) {
        return !isAny() || clips.contains(clip.id()) || tracks.contains(clip.track());
    }

    /** The sound of a shot's own footage is heard while nothing is solo. */
    public boolean hearsFootage() {
        return !isAny();
    }

    public boolean isSolo(int track) {
        return tracks.contains(track);
    }

    /** Makes clips solo, or none of them where all are. */
    public void toggle(Set<String> some) {
        if (!clips.containsAll(some)) {
            clips.addAll(some);
        } else {
            clips.removeAll(some);
        }
        changed.run();
    }

    public void toggle(int track) {
        if (!tracks.remove(track)) {
            tracks.add(track);
        }
        changed.run();
    }
}
