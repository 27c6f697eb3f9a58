package amberlens.core.material.look;

import amberlens.core.motion.camera.CameraTrack;

/**
 * Darkening towards the corners at one moment: light is multiplied by 1 − strength·s(r), where s goes from 0 at the inner radius to 1 at
 * the outer one as 3t² − 2t³. The radius r counts in half diagonals from the centre; at a roundness of 0 it follows the shape of frame
 * or picture (an ellipse through its corners), at 100 it is a circle, between them in proportion.
 *
 * @param strength 0 … 1
 * @param inner radius, half diagonals
 * @param outer likewise; below the inner one it counts as that
 * @param roundness 0 … 1
 * @param centreX part of the width
 * @param centreY part of the height
 */
public record Vignette(
        double strength,
        double inner,
        double outer,
        double roundness,
        double centreX,
        double centreY,
        LookSpace space) {

    static Vignette of(Look look, CameraTrack camera, double at) {
        var centre = look.at(camera, LookKinds.VIGNETTE_CENTRE, at);
        double inner = Math.max(0, look.at(camera, LookKinds.INNER, at) / 100);
        return new Vignette(
                Math.clamp(look.at(camera, LookKinds.STRENGTH, at) / 100, 0, 1),
                inner,
                Math.max(inner, look.at(camera, LookKinds.OUTER, at) / 100),
                Math.clamp(look.at(camera, LookKinds.ROUNDNESS, at) / 100, 0, 1),
                centre.x() / 100,
                centre.y() / 100,
                look.get(LookKinds.VIGNETTE_SPACE));
    }

    /** What a way along the width counts in the radius, for each part of the width. */
    public double acrossPerWidth(double width, double height) {
        return perSide(width, height, width);
    }

    /** Likewise down. */
    public double downPerHeight(double width, double height) {
        return perSide(width, height, height);
    }

    private double perSide(double width, double height, double side) {
        double halfDiagonal = Math.hypot(width, height) / 2;
        double round = side / halfDiagonal;
        double shaped = Math.sqrt(2);
        return roundness * round + (1 - roundness) * shaped;
    }

    /** What light is multiplied by at a radius. */
    public double factor(double radius) {
        double t = outer > inner ? Math.clamp((radius - inner) / (outer - inner), 0, 1) : radius > inner ? 1 : 0;
        return 1 - strength * t * t * (3 - 2 * t);
    }
}
