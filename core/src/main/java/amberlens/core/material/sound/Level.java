package amberlens.core.material.sound;

import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Property;
import amberlens.core.motion.property.PropertyBuilder;

/** Levels in decibels. */
public final class Level {
    /** At and below it there is silence. */
    public static final double SILENT = -96;

    /** The least that is told; all of it below the silent one is alike. */
    public static final double LEAST = -1000;

    /** The greatest gain. */
    public static final double MOST = 12;

    /** How loud a clip is, keyed in frames of the line-up from its start; between keys it goes along in decibels. */
    public static final Property<Double> PROPERTY = PropertyBuilder.property(
                    "level", "Level", Group.SOUND, 0, ValueKinds.NUMBER, 0.0)
            .unit("dB", "dB", " dB")
            .range(LEAST, MOST, true)
            .steps(0.1, 1)
            .build();

    private Level() {}

    /** What samples are multiplied by: 10^(dB/20), nothing at −96 dB and below. */
    public static double gain(double decibels) {
        return decibels <= SILENT ? 0 : Math.pow(10, Math.min(MOST, decibels) / 20);
    }

    /** The level of a gain; −∞ for none. */
    public static double decibels(double gain) {
        return 20 * Math.log10(gain);
    }
}
