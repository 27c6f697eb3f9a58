package amberlens.core.model;

import amberlens.core.extras.Extras;
import amberlens.core.motion.CameraTrack;
import amberlens.core.time.FrameSpan;
import java.util.List;

/**
 * A picture on the line-up with its camera.
 *
 * @param id unique among the project's shots
 * @param media the id of its media
 * @param track from 1; higher tracks lie above lower ones
 * @param start the line-up frame of its first frame, at least 0
 * @param length frames, 1 … {@value #LONGEST}
 * @param settings how it is handled
 * @param markers in time; their frames count from the shot's first
 */
public record Shot(
        String id,
        String name,
        String media,
        int track,
        int start,
        int length,
        ShotSettings settings,
        CameraTrack camera,
        List<Marker> markers,
        Extras extras) {

    /** The greatest length of a shot, in frames. */
    public static final int LONGEST = 1_000_000;

    public Shot {
        markers = Marker.inTime(markers);
        if (id.isBlank()) {
            throw new IllegalArgumentException("a shot needs an id");
        }
        if (track < 1 || start < 0 || start > 100 * LONGEST) {
            throw new IllegalArgumentException(
                    "a shot lies on a track from 1 and starts at a frame from 0, not on " + track + " at " + start);
        }
        if (length < 1 || length > LONGEST) {
            throw new IllegalArgumentException("a shot has 1 to 1000000 frames, not " + length);
        }
    }

    /** A shot without markers, its other settings as usual. */
    public Shot(
            String id,
            String name,
            String media,
            int track,
            int start,
            int length,
            boolean fillsFrame,
            CameraTrack camera,
            Extras extras) {
        this(
                id,
                name,
                media,
                track,
                start,
                length,
                ShotSettings.USUAL.withFillsFrame(fillsFrame),
                camera,
                List.of(),
                extras);
    }

    /** Whether its edges are judged. */
    public boolean fillsFrame() {
        return settings.fillsFrame();
    }

    /** Its last frame, counted from its first: N − 1. */
    public int lastFrame() {
        return length - 1;
    }

    /** The frames it covers on the line-up. */
    public FrameSpan onLineUp() {
        return new FrameSpan(start, start + length - 1);
    }

    public Shot withName(String newName) {
        return new Shot(id, newName, media, track, start, length, settings, camera, markers, extras);
    }

    public Shot withStart(int newStart) {
        return new Shot(id, name, media, track, newStart, length, settings, camera, markers, extras);
    }

    public Shot withLength(int newLength) {
        return new Shot(id, name, media, track, start, newLength, settings, camera, markers, extras);
    }

    public Shot withCamera(CameraTrack newCamera) {
        return new Shot(id, name, media, track, start, length, settings, newCamera, markers, extras);
    }

    public Shot withMarkers(List<Marker> newMarkers) {
        return new Shot(id, name, media, track, start, length, settings, camera, newMarkers, extras);
    }

    public Shot withSettings(ShotSettings newSettings) {
        return new Shot(id, name, media, track, start, length, newSettings, camera, markers, extras);
    }
}
