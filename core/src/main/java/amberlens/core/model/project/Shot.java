package amberlens.core.model.project;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.footage.Source;
import amberlens.core.material.layering.Layering;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.Looks;
import amberlens.core.motion.camera.CameraTrack;
import java.util.List;

/**
 * A picture on the line-up with its camera.
 *
 * @param id unique among the project's shots
 * @param media the id of its media
 * @param track from 1; higher tracks lie above lower ones
 * @param start the line-up frame of its first frame, at least 0
 * @param length frames, 1 … {@value #LONGEST}
 * @param source which part of its footage it shows; without meaning for a still picture
 * @param layering how it lies over what is below
 * @param settings how it is handled
 * @param camera what moves, and what is keyed of its looks
 * @param looks how its picture appears, in order
 * @param markers in time; their frames count from the shot's first
 */
public record Shot(
        String id,
        String name,
        String media,
        int track,
        int start,
        int length,
        Source source,
        Layering layering,
        ShotSettings settings,
        CameraTrack camera,
        List<Look> looks,
        List<Marker> markers,
        Extras extras) {

    /** The greatest length of a shot, in frames. */
    public static final int LONGEST = 1_000_000;

    /** The greatest number of a track. */
    public static final int MOST_TRACKS = 1000;

    public Shot {
        markers = Marker.inTime(markers);
        looks = List.copyOf(looks);
        if (looks.size() > Looks.MOST
                || looks.stream().map(Look::owner).distinct().count() < looks.size()) {
            throw new IllegalArgumentException("a shot has at most " + Looks.MOST + " looks, each numbered on its own");
        }
        camera = Looks.owned(camera, looks);
        if (id.isBlank()) {
            throw new IllegalArgumentException("a shot needs an id");
        }
        if (track < 1 || track > MOST_TRACKS || start < 0 || start > 100 * LONGEST) {
            throw new IllegalArgumentException(
                    "a shot is on a track from 1 to 1000 and starts at a frame from 0, not on " + track + " at "
                            + start);
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
                Source.WHOLE,
                Layering.PLAIN,
                ShotSettings.USUAL.withFillsFrame(fillsFrame),
                camera,
                List.of(),
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
        return new Shot(
                id, newName, media, track, start, length, source, layering, settings, camera, looks, markers, extras);
    }

    public Shot withStart(int newStart) {
        return new Shot(
                id, name, media, track, newStart, length, source, layering, settings, camera, looks, markers, extras);
    }

    public Shot withLength(int newLength) {
        return new Shot(
                id, name, media, track, start, newLength, source, layering, settings, camera, looks, markers, extras);
    }

    public Shot withCamera(CameraTrack newCamera) {
        return new Shot(
                id, name, media, track, start, length, source, layering, settings, newCamera, looks, markers, extras);
    }

    public Shot withLooks(List<Look> newLooks) {
        return new Shot(
                id, name, media, track, start, length, source, layering, settings, camera, newLooks, markers, extras);
    }

    /** Other looks, with what is keyed of them. */
    public Shot withLooks(List<Look> newLooks, CameraTrack newCamera) {
        return new Shot(
                id, name, media, track, start, length, source, layering, settings, newCamera, newLooks, markers,
                extras);
    }

    public Shot withMarkers(List<Marker> newMarkers) {
        return new Shot(
                id, name, media, track, start, length, source, layering, settings, camera, looks, newMarkers, extras);
    }

    public Shot withSettings(ShotSettings newSettings) {
        return new Shot(
                id, name, media, track, start, length, source, layering, newSettings, camera, looks, markers, extras);
    }

    public Shot withId(String newId) {
        return new Shot(
                newId, name, media, track, start, length, source, layering, settings, camera, looks, markers, extras);
    }

    public Shot withMedia(String newMedia) {
        return new Shot(
                id, name, newMedia, track, start, length, source, layering, settings, camera, looks, markers, extras);
    }

    public Shot withTrack(int newTrack) {
        return new Shot(
                id, name, media, newTrack, start, length, source, layering, settings, camera, looks, markers, extras);
    }

    public Shot withSource(Source newSource) {
        return new Shot(
                id, name, media, track, start, length, newSource, layering, settings, camera, looks, markers, extras);
    }

    public Shot withLayering(Layering newLayering) {
        return new Shot(
                id, name, media, track, start, length, source, newLayering, settings, camera, looks, markers, extras);
    }
}
