package amberlens.core.material.look;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.motion.camera.CameraTrack;

/**
 * What a picture throws on what is below it, at one moment: its shape, moved, softened and coloured.
 *
 * @param offset frame pixels
 * @param sigma frame pixels
 * @param opacity 0 … 1
 */
public record Shadow(FramePoint offset, double sigma, double opacity, Colour colour) {
    /** So many times as far again lies the shadow of a picture that is seen twice as large as on the ground, and so much softer it is. */
    private static final double FURTHER = 8;

    static Shadow of(Look look, CameraTrack camera, double at) {
        double further = look.get(LookKinds.SHADOW_LIFTED) ? 1 + FURTHER * Height.of(camera, at) : 1;
        return new Shadow(
                look.at(camera, LookKinds.SHADOW_OFFSET, at).times(further),
                Math.max(0, look.at(camera, LookKinds.SHADOW_SIGMA, at)) * further,
                Math.clamp(look.at(camera, LookKinds.SHADOW_OPACITY, at) / 100, 0, 1),
                look.get(LookKinds.SHADOW_COLOUR));
    }
}
