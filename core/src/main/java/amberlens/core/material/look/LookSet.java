package amberlens.core.material.look;

import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.property.Property;
import java.util.ArrayList;
import java.util.List;

/**
 * Some looks with what is keyed of them, to be given to shots.
 *
 * @param camera holds the amounts of the looks; its move means nothing
 * @param picture source pixels of the picture they were made for
 * @param frame frame pixels
 * @param length of the shot they were made for, in frames
 */
public record LookSet(String name, List<Look> looks, CameraTrack camera, Size picture, Size frame, int length) {
    public LookSet {
        looks = List.copyOf(looks);
        if (length < 1) {
            throw new IllegalArgumentException("looks are made for at least one frame, not " + length);
        }
    }

    public LookSet withName(String newName) {
        return new LookSet(newName, looks, camera, picture, frame, length);
    }

    public LookSet withCamera(CameraTrack fitted) {
        return new LookSet(name, looks, fitted, picture, frame, length);
    }

    /** Looks of a shot, and what is keyed of them. */
    public record Worn(List<Look> looks, CameraTrack camera) {}

    /**
     * These behind other looks, numbered so that none gets in another's way.
     *
     * @param before the looks that are there
     * @param to a camera with their amounts
     */
    public Worn behind(List<Look> before, CameraTrack to) {
        List<Look> all = new ArrayList<>(before);
        CameraTrack track = to;
        for (Look look : looks) {
            Look own = look.withNumber(Looks.freshNumber(all, look.kind()));
            all.add(own);
            for (Property<?> amount : look.amounts()) {
                track = taken(track, amount, own);
            }
        }
        return new Worn(all, track);
    }

    private <V> CameraTrack taken(CameraTrack to, Property<V> amount, Look own) {
        return to.with(own.own(amount), camera.get(amount));
    }
}
