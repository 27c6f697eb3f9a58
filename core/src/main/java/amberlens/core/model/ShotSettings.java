package amberlens.core.model;

import amberlens.core.extras.Extras;
import amberlens.core.geometry.Mirror;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.layering.Backdrop;
import amberlens.core.motion.CameraTrack;
import amberlens.core.time.Shutter;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * How a shot is handled, beside its place and its move.
 *
 * @param fillsFrame whether its edges are judged
 * @param keepInside whether changes of a pose stop where an edge would open
 * @param opaqueOnly whether a picture with transparent borders is judged by its opaque bounds
 * @param locked frames of the shot whose pose a seal must not change
 * @param subject a point of the picture that matters
 * @param backdrop what is seen behind the picture
 * @param alternatives other versions of the move
 * @param carried the shot whose move this one's follows
 * @param mirror whether the picture is shown as in a mirror
 * @param shutter its own; empty for the project's
 * @param heard whether the sound of its footage is heard
 * @param deliveries its own framings where the film is shown in another shape, by the id of the delivery
 */
public record ShotSettings(
        boolean fillsFrame,
        boolean keepInside,
        boolean opaqueOnly,
        SortedSet<Integer> locked,
        Optional<PicturePoint> subject,
        Backdrop backdrop,
        List<Alternative> alternatives,
        Optional<Carried> carried,
        Mirror mirror,
        Optional<Shutter> shutter,
        boolean heard,
        SortedMap<String, OwnFramings> deliveries) {
    /** Those of a new shot. */
    public static final ShotSettings USUAL = new ShotSettings(
            true,
            true,
            false,
            new TreeSet<>(),
            Optional.empty(),
            Backdrop.BELOW,
            List.of(),
            Optional.empty(),
            Mirror.NONE,
            Optional.empty(),
            false,
            new TreeMap<>());

    public ShotSettings {
        locked = Collections.unmodifiableSortedSet(new TreeSet<>(locked));
        alternatives = List.copyOf(alternatives);
        deliveries = Collections.unmodifiableSortedMap(new TreeMap<>(deliveries));
    }

    public ShotSettings withFillsFrame(boolean fills) {
        return new ShotSettings(
                fills,
                keepInside,
                opaqueOnly,
                locked,
                subject,
                backdrop,
                alternatives,
                carried,
                mirror,
                shutter,
                heard,
                deliveries);
    }

    public ShotSettings withKeepInside(boolean keep) {
        return new ShotSettings(
                fillsFrame,
                keep,
                opaqueOnly,
                locked,
                subject,
                backdrop,
                alternatives,
                carried,
                mirror,
                shutter,
                heard,
                deliveries);
    }

    public ShotSettings withOpaqueOnly(boolean only) {
        return new ShotSettings(
                fillsFrame,
                keepInside,
                only,
                locked,
                subject,
                backdrop,
                alternatives,
                carried,
                mirror,
                shutter,
                heard,
                deliveries);
    }

    public ShotSettings withLocked(SortedSet<Integer> frames) {
        return new ShotSettings(
                fillsFrame,
                keepInside,
                opaqueOnly,
                frames,
                subject,
                backdrop,
                alternatives,
                carried,
                mirror,
                shutter,
                heard,
                deliveries);
    }

    public ShotSettings withSubject(Optional<PicturePoint> point) {
        return new ShotSettings(
                fillsFrame,
                keepInside,
                opaqueOnly,
                locked,
                point,
                backdrop,
                alternatives,
                carried,
                mirror,
                shutter,
                heard,
                deliveries);
    }

    public ShotSettings withBackdrop(Backdrop behind) {
        return new ShotSettings(
                fillsFrame,
                keepInside,
                opaqueOnly,
                locked,
                subject,
                behind,
                alternatives,
                carried,
                mirror,
                shutter,
                heard,
                deliveries);
    }

    public ShotSettings withAlternatives(List<Alternative> versions) {
        return new ShotSettings(
                fillsFrame,
                keepInside,
                opaqueOnly,
                locked,
                subject,
                backdrop,
                versions,
                carried,
                mirror,
                shutter,
                heard,
                deliveries);
    }

    public ShotSettings withCarried(Optional<Carried> follows) {
        return new ShotSettings(
                fillsFrame,
                keepInside,
                opaqueOnly,
                locked,
                subject,
                backdrop,
                alternatives,
                follows,
                mirror,
                shutter,
                heard,
                deliveries);
    }

    public ShotSettings withMirror(Mirror shown) {
        return new ShotSettings(
                fillsFrame,
                keepInside,
                opaqueOnly,
                locked,
                subject,
                backdrop,
                alternatives,
                carried,
                shown,
                shutter,
                heard,
                deliveries);
    }

    public ShotSettings withShutter(Optional<Shutter> own) {
        return new ShotSettings(
                fillsFrame,
                keepInside,
                opaqueOnly,
                locked,
                subject,
                backdrop,
                alternatives,
                carried,
                mirror,
                own,
                heard,
                deliveries);
    }

    public ShotSettings withHeard(boolean isHeard) {
        return new ShotSettings(
                fillsFrame,
                keepInside,
                opaqueOnly,
                locked,
                subject,
                backdrop,
                alternatives,
                carried,
                mirror,
                shutter,
                isHeard,
                deliveries);
    }

    /** With its own framings in a delivery, or without any there. */
    public ShotSettings withDelivery(String id, Optional<CameraTrack> framings) {
        SortedMap<String, OwnFramings> changed = new TreeMap<>(deliveries);
        OwnFramings before = deliveries.get(id);
        framings.ifPresentOrElse(
                own -> changed.put(id, new OwnFramings(own, before == null ? Extras.NONE : before.extras())),
                () -> changed.remove(id));
        return new ShotSettings(
                fillsFrame,
                keepInside,
                opaqueOnly,
                locked,
                subject,
                backdrop,
                alternatives,
                carried,
                mirror,
                shutter,
                heard,
                changed);
    }
}
