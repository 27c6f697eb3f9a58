package amberlens.core.material.sound;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.time.Seconds;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;

/**
 * A stretch of a sound on a track of sounds.
 *
 * @param id unique among the project's sounds
 * @param media of the kind sound, or footage whose sound it is
 * @param track from 1
 * @param start on the line-up
 * @param in where in the sound it begins
 * @param length above 0
 * @param level in dB, keyed in frames of the line-up from the clip's start
 * @param enter how long it fades in
 * @param leave how long it fades out
 * @param mute whether it is not heard
 */
public record SoundClip(
        String id,
        String media,
        int track,
        Seconds start,
        Seconds in,
        Seconds length,
        Channel<Double> level,
        Seconds enter,
        Seconds leave,
        boolean mute,
        Extras extras) {
    /** The most tracks of sounds. */
    public static final int MOST_TRACKS = 1000;

    /** A clip at full level without fades. */
    public static SoundClip of(String id, String media, int track, Seconds start, Seconds in, Seconds length) {
        return new SoundClip(
                id,
                media,
                track,
                start,
                in,
                length,
                Channel.constant(ValueKinds.NUMBER, 0.0),
                Seconds.ZERO,
                Seconds.ZERO,
                false,
                Extras.NONE);
    }

    public SoundClip {
        if (id.isBlank() || media.isBlank()) {
            throw new IllegalArgumentException("a sound has an id and media");
        }
        if (track < 1 || track > MOST_TRACKS) {
            throw new IllegalArgumentException("a sound is on a track from 1 to 1000, not " + track);
        }
        if (start.compareTo(Seconds.ZERO) < 0 || in.compareTo(Seconds.ZERO) < 0) {
            throw new IllegalArgumentException("a sound begins at 0 or later, on the line-up and in its file");
        }
        if (length.compareTo(Seconds.ZERO) <= 0) {
            throw new IllegalArgumentException("a sound takes more than no time, not " + length);
        }
        if (enter.compareTo(Seconds.ZERO) < 0 || leave.compareTo(Seconds.ZERO) < 0) {
            throw new IllegalArgumentException("fades take 0 seconds or more, not " + enter + " and " + leave);
        }
    }

    /** Where it ends on the line-up. */
    public Seconds end() {
        return start.plus(length);
    }

    public SoundClip withId(String newId) {
        return new SoundClip(newId, media, track, start, in, length, level, enter, leave, mute, extras);
    }

    public SoundClip withTrack(int newTrack) {
        return new SoundClip(id, media, newTrack, start, in, length, level, enter, leave, mute, extras);
    }

    public SoundClip withStart(Seconds newStart) {
        return new SoundClip(id, media, track, newStart, in, length, level, enter, leave, mute, extras);
    }

    /** Another stretch of the sound. */
    public SoundClip withPart(Seconds newIn, Seconds newLength) {
        return new SoundClip(id, media, track, start, newIn, newLength, level, enter, leave, mute, extras);
    }

    public SoundClip withLevel(Channel<Double> newLevel) {
        return new SoundClip(id, media, track, start, in, length, newLevel, enter, leave, mute, extras);
    }

    public SoundClip withFades(Seconds newEnter, Seconds newLeave) {
        return new SoundClip(id, media, track, start, in, length, level, newEnter, newLeave, mute, extras);
    }

    public SoundClip withMute(boolean isMute) {
        return new SoundClip(id, media, track, start, in, length, level, enter, leave, isMute, extras);
    }
}
