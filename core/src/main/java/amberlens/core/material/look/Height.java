package amberlens.core.material.look;

import amberlens.core.base.geometry.Scale;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import java.util.List;

/** How high above the ground a picture is held: what is nearer to the viewer is seen larger than where it lies. */
final class Height {
    private Height() {}

    /** By how much it is seen larger at a moment than where it lies, as a part of that; 0 on the ground, and for whatever is smaller. */
    static double of(CameraTrack camera, double at) {
        Channel<Scale> scale = camera.scale();
        if (!scale.animated() || scale.muted()) {
            return 0;
        }
        return Math.max(0, scale.at(at).factorX() / ground(scale) - 1);
    }

    /** The scale that it keeps for the longest time, which is where it lies; the last one where it keeps none. */
    private static double ground(Channel<Scale> scale) {
        List<Key<Scale>> keys = scale.keys();
        Key<Scale> ground = keys.getLast();
        int longest = 1;
        if (keys.getFirst().at() > longest) {
            ground = keys.getFirst();
            longest = ground.at();
        }
        for (int i = 1; i < keys.size(); i++) {
            int kept = keys.get(i).at() - keys.get(i - 1).at();
            if (kept > longest && keys.get(i).value().equals(keys.get(i - 1).value())) {
                ground = keys.get(i);
                longest = kept;
            }
        }
        return ground.value().factorX();
    }
}
