package amberlens.core.motion.camera;

import amberlens.core.base.geometry.Portion;

/** Which part of a picture counts at a moment, where something cuts it. */
@FunctionalInterface
public interface Cropping {
    Cropping NONE = (_, _) -> Portion.WHOLE;

    /**
     * What is left of the picture.
     *
     * @param camera holds what is keyed beside it
     * @param at frames from the shot's first
     */
    Portion left(CameraTrack camera, double at);
}
