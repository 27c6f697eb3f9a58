package amberlens.core.material.look;

import amberlens.core.base.colour.Colour;
import amberlens.core.motion.camera.CameraTrack;

/**
 * A border around what is left of a picture, at one moment.
 *
 * @param width part of the shorter side of what is left of the picture, at least 0
 * @param radius of its outer corners, likewise; those of the picture are rounder by the width less
 */
public record Card(double width, double radius, Colour colour) {
    static Card of(Look look, CameraTrack camera, double at) {
        return new Card(
                Math.max(0, look.at(camera, LookKinds.CARD_WIDTH, at) / 100),
                Math.max(0, look.at(camera, LookKinds.CARD_RADIUS, at) / 100),
                look.get(LookKinds.CARD_COLOUR));
    }

    /** How round the corners of the picture itself are, in the same parts. */
    public double innerRadius() {
        return Math.max(0, radius - width);
    }

    public boolean isNothing() {
        return width == 0 && radius == 0;
    }
}
