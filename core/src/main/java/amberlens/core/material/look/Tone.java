package amberlens.core.material.look;

import amberlens.core.motion.camera.CameraTrack;

/**
 * Light and colour at one moment. In linear light: first the exposure, v·2^e; then the contrast about mid grey, 0.18·(v/0.18)^c; then
 * saturation about the luminance of ITU-R BT.709; then warmth, see {@link Warmth}; then tint, which lowers green by half a stop per 100 %
 * and lifts the others by a quarter.
 *
 * @param exposure stops
 * @param contrast at least 0
 * @param saturation per cent, at least 0
 * @param warmth mired
 * @param tint per cent towards magenta
 */
public record Tone(double exposure, double contrast, double saturation, double warmth, double tint) {
    /** What the contrast leaves as it is, in linear light. */
    public static final double MID_GREY = 0.18;

    private static final double[] LUMINANCE = {0.2126, 0.7152, 0.0722};

    static Tone of(Look look, CameraTrack camera, double at) {
        return new Tone(
                look.at(camera, LookKinds.EXPOSURE, at),
                Math.max(0, look.at(camera, LookKinds.CONTRAST, at)),
                Math.max(0, look.at(camera, LookKinds.SATURATION, at)),
                look.at(camera, LookKinds.WARMTH, at),
                look.at(camera, LookKinds.TINT, at));
    }

    /** Whether it changes nothing. */
    public boolean isNeutral() {
        return exposure == 0 && contrast == 1 && saturation == 100 && warmth == 0 && tint == 0;
    }

    /** What light is multiplied by before the contrast. */
    public double gain() {
        return Math.pow(2, exposure);
    }

    /** A component of light, after the exposure, with the contrast. */
    public double contrasted(double light) {
        return contrast == 1 ? light : MID_GREY * Math.pow(Math.max(0, light) / MID_GREY, contrast);
    }

    /** What red, green and blue are multiplied by after the contrast. */
    public double[][] colours() {
        double part = saturation / 100;
        double[][] saturated = new double[3][3];
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 3; column++) {
                saturated[row][column] = (1 - part) * LUMINANCE[column] + (row == column ? part : 0);
            }
        }
        double others = Math.pow(2, tint / 400);
        double green = Math.pow(2, -tint / 200);
        return Matrices.times(
                Matrices.diagonal(others, green, others), Matrices.times(Warmth.matrix(warmth), saturated));
    }
}
