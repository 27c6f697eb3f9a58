package amberlens.core.model;

import amberlens.core.geometry.PicturePoint;
import amberlens.core.layering.Backdrop;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
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
 */
public record ShotSettings(
        boolean fillsFrame,
        boolean keepInside,
        boolean opaqueOnly,
        SortedSet<Integer> locked,
        Optional<PicturePoint> subject,
        Backdrop backdrop,
        List<Alternative> alternatives,
        Optional<Carried> carried) {
    /** Those of a new shot. */
    public static final ShotSettings USUAL = new ShotSettings(
            true, true, false, new TreeSet<>(), Optional.empty(), Backdrop.BELOW, List.of(), Optional.empty());

    public ShotSettings {
        locked = Collections.unmodifiableSortedSet(new TreeSet<>(locked));
        alternatives = List.copyOf(alternatives);
    }

    public ShotSettings withFillsFrame(boolean fills) {
        return new ShotSettings(fills, keepInside, opaqueOnly, locked, subject, backdrop, alternatives, carried);
    }

    public ShotSettings withKeepInside(boolean keep) {
        return new ShotSettings(fillsFrame, keep, opaqueOnly, locked, subject, backdrop, alternatives, carried);
    }

    public ShotSettings withOpaqueOnly(boolean only) {
        return new ShotSettings(fillsFrame, keepInside, only, locked, subject, backdrop, alternatives, carried);
    }

    public ShotSettings withLocked(SortedSet<Integer> frames) {
        return new ShotSettings(fillsFrame, keepInside, opaqueOnly, frames, subject, backdrop, alternatives, carried);
    }

    public ShotSettings withSubject(Optional<PicturePoint> point) {
        return new ShotSettings(fillsFrame, keepInside, opaqueOnly, locked, point, backdrop, alternatives, carried);
    }

    public ShotSettings withBackdrop(Backdrop behind) {
        return new ShotSettings(fillsFrame, keepInside, opaqueOnly, locked, subject, behind, alternatives, carried);
    }

    public ShotSettings withAlternatives(List<Alternative> versions) {
        return new ShotSettings(fillsFrame, keepInside, opaqueOnly, locked, subject, backdrop, versions, carried);
    }

    public ShotSettings withCarried(Optional<Carried> follows) {
        return new ShotSettings(fillsFrame, keepInside, opaqueOnly, locked, subject, backdrop, alternatives, follows);
    }
}
