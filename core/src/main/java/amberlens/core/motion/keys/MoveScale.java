package amberlens.core.motion.keys;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.property.Properties;

/** A whole move made larger or smaller about the middle of the frame: every gate keeps its centre, and every leg its ease. */
public final class MoveScale {
    private MoveScale() {}

    /**
     * The scaled move: s′ = k·s and P′ = F + k·(P − F) on every key and constant; where corners are pulled, the ways they are pulled grow with it.
     *
     * @param factor k, above 0
     * @param frame frame pixels
     * @throws IllegalArgumentException when a scale gets out of its range
     */
    public static CameraTrack scaled(CameraTrack camera, double factor, Size frame) {
        FramePoint centre = frame.centre();
        CameraTrack pulled = camera;
        for (var corner : Properties.CORNERS) {
            if (camera.has(corner)) {
                pulled = pulled.with(corner, camera.get(corner).mapValues(offset -> offset.times(factor)));
            }
        }
        return pulled.withScale(camera.scale().mapValues(scale -> scale.times(factor)))
                .withPosition(camera.position()
                        .mapValues(
                                position -> centre.plus(position.minus(centre).times(factor)))
                        .mapBends(handles -> handles.times(factor)));
    }
}
