package amberlens.core.material.look;

import amberlens.core.base.colour.Colour;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.motion.camera.CameraTrack;

/**
 * On the way to other colours.
 *
 * @param to the colour
 * @param below that of the lower end, where there are two
 * @param part how far, 0 … 1
 */
public record Passing(Colour to, Colour below, double part) {
    static Passing ofInk(Look look, CameraTrack camera, double at) {
        Colour to = look.get(LookKinds.INK_COLOUR);
        return new Passing(to, to, part(look.at(camera, LookKinds.INK_PART, at)));
    }

    static Passing ofGround(Look look, CameraTrack camera, double at) {
        return new Passing(
                look.get(LookKinds.GROUND_COLOUR),
                look.get(LookKinds.GROUND_BELOW),
                part(look.at(camera, LookKinds.GROUND_PART, at)));
    }

    private static double part(double percent) {
        return Math.clamp(percent / 100, 0, 1);
    }

    /** A colour on its way. */
    public Colour from(Colour colour) {
        return colour.towards(to, part);
    }

    /** A backdrop on its way; one that is no colours stays. */
    public Backdrop on(Backdrop backdrop) {
        return switch (backdrop) {
            case Backdrop.Plain plain -> new Backdrop.Plain(from(plain.colour()));
            case Backdrop.Gradient gradient ->
                new Backdrop.Gradient(from(gradient.top()), gradient.bottom().towards(below, part));
            case Backdrop.Clouds clouds -> new Backdrop.Clouds(from(clouds.colour()), clouds.seed());
            case Backdrop.Blurred blurred -> blurred;
            case Backdrop.Below nothing -> nothing;
        };
    }
}
