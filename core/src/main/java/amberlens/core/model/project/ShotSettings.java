package amberlens.core.model.project;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.time.Shutter;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.motion.camera.CameraTrack;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Consumer;

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
 * @param shake what a hand adds to its move
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
        Optional<ShakeLayer> shake,
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
            Optional.empty(),
            new TreeMap<>());

    public ShotSettings {
        locked = Collections.unmodifiableSortedSet(new TreeSet<>(locked));
        alternatives = List.copyOf(alternatives);
        deliveries = Collections.unmodifiableSortedMap(new TreeMap<>(deliveries));
    }

    /** These with some of them changed. */
    private ShotSettings with(Consumer<Draft> change) {
        var draft = new Draft(this);
        change.accept(draft);
        return draft.settings();
    }

    public ShotSettings withFillsFrame(boolean fills) {
        return with(draft -> draft.fillsFrame = fills);
    }

    public ShotSettings withKeepInside(boolean keep) {
        return with(draft -> draft.keepInside = keep);
    }

    public ShotSettings withOpaqueOnly(boolean only) {
        return with(draft -> draft.opaqueOnly = only);
    }

    public ShotSettings withLocked(SortedSet<Integer> frames) {
        return with(draft -> draft.locked = frames);
    }

    public ShotSettings withSubject(Optional<PicturePoint> point) {
        return with(draft -> draft.subject = point);
    }

    public ShotSettings withBackdrop(Backdrop behind) {
        return with(draft -> draft.backdrop = behind);
    }

    public ShotSettings withAlternatives(List<Alternative> versions) {
        return with(draft -> draft.alternatives = versions);
    }

    public ShotSettings withCarried(Optional<Carried> follows) {
        return with(draft -> draft.carried = follows);
    }

    public ShotSettings withMirror(Mirror shown) {
        return with(draft -> draft.mirror = shown);
    }

    public ShotSettings withShutter(Optional<Shutter> own) {
        return with(draft -> draft.shutter = own);
    }

    public ShotSettings withHeard(boolean isHeard) {
        return with(draft -> draft.heard = isHeard);
    }

    public ShotSettings withShake(Optional<ShakeLayer> layer) {
        return with(draft -> draft.shake = layer);
    }

    /** With its own framings in a delivery, or without any there. */
    public ShotSettings withDelivery(String id, Optional<CameraTrack> framings) {
        SortedMap<String, OwnFramings> changed = new TreeMap<>(deliveries);
        OwnFramings before = deliveries.get(id);
        framings.ifPresentOrElse(
                own -> changed.put(id, new OwnFramings(own, before == null ? Extras.NONE : before.extras())),
                () -> changed.remove(id));
        return with(draft -> draft.deliveries = changed);
    }

    /** Settings while they are being changed. */
    private static final class Draft {
        private boolean fillsFrame;
        private boolean keepInside;
        private boolean opaqueOnly;
        private SortedSet<Integer> locked;
        private Optional<PicturePoint> subject;
        private Backdrop backdrop;
        private List<Alternative> alternatives;
        private Optional<Carried> carried;
        private Mirror mirror;
        private Optional<Shutter> shutter;
        private boolean heard;
        private Optional<ShakeLayer> shake;
        private SortedMap<String, OwnFramings> deliveries;

        private Draft(ShotSettings from) {
            fillsFrame = from.fillsFrame;
            keepInside = from.keepInside;
            opaqueOnly = from.opaqueOnly;
            locked = from.locked;
            subject = from.subject;
            backdrop = from.backdrop;
            alternatives = from.alternatives;
            carried = from.carried;
            mirror = from.mirror;
            shutter = from.shutter;
            heard = from.heard;
            shake = from.shake;
            deliveries = from.deliveries;
        }

        private ShotSettings settings() {
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
                    shake,
                    deliveries);
        }
    }
}
