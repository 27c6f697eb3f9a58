package amberlens.core.edit.edits;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.time.Shutter;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.model.project.ShotSettings;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

/** Changes of how a shot is handled. */
public final class SettingsEdits {
    private SettingsEdits() {}

    public static Edit setKeepInside(String shotId, boolean keep) {
        return change(keep ? "keep inside" : "turn off Keep inside", shotId, settings -> settings.withKeepInside(keep));
    }

    public static Edit setBackdrop(String shotId, Backdrop backdrop) {
        return change("backdrop", shotId, settings -> settings.withBackdrop(backdrop));
    }

    /** Shows the picture of a shot as in a mirror, or as it is. */
    public static Edit setMirror(String shotId, Mirror mirror) {
        return change("mirroring", shotId, settings -> settings.withMirror(mirror));
    }

    /** Gives a shot a shutter of its own, or the project's again. */
    public static Edit setShutter(String shotId, Optional<Shutter> shutter) {
        return change("shutter", shotId, settings -> settings.withShutter(shutter));
    }

    /** Puts the subject of a shot at a point of its picture, or takes it away. */
    public static Edit setSubject(String shotId, Optional<PicturePoint> subject) {
        return change("subject", shotId, settings -> settings.withSubject(subject));
    }

    /** Locks a framing against seals, or unlocks it. */
    public static Edit setLocked(String shotId, int frame, boolean locked) {
        return change(locked ? "lock framing" : "unlock framing", shotId, settings -> {
            var frames = new TreeSet<>(settings.locked());
            if (locked) {
                frames.add(frame);
            } else {
                frames.remove(frame);
            }
            return settings.withLocked(frames);
        });
    }

    /** Judges a shot by the whole of its picture again. */
    public static Edit judgeWhole(String shotId) {
        return change("check the whole picture", shotId, settings -> settings.withOpaqueOnly(false));
    }

    /** Judges a shot by the opaque bounds of its picture, which were measured. */
    public static Edit judgeOpaque(String shotId, PictureArea bounds) {
        return Edit.of("check the opaque part", project -> project.shot(shotId)
                .map(shot -> project.withMedia(project.media().stream()
                                .map(media -> media.id().equals(shot.media()) ? media.withOpaque(bounds) : media)
                                .toList())
                        .mapShot(
                                shotId,
                                found -> found.withSettings(found.settings().withOpaqueOnly(true))))
                .orElse(project));
    }

    private static Edit change(String name, String shotId, UnaryOperator<ShotSettings> change) {
        return Edit.ofShot(name, shotId, shot -> shot.withSettings(change.apply(shot.settings())));
    }
}
