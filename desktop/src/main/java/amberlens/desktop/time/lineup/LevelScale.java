package amberlens.desktop.time.lineup;

import amberlens.core.material.sound.Level;

/**
 * How high levels stand in the row of a clip: the greatest gain at its top, no change a little above its middle, silence at its foot;
 * what matters most has the most room.
 *
 * @param top of the row
 * @param height of it
 */
record LevelScale(double top, double height) {
    /** The height halves with every so many decibels, about. */
    private static final double BEND = 60;

    private static final double WHOLE = Math.pow(10, Level.MOST / BEND);

    double y(double decibels) {
        double part = decibels <= Level.SILENT ? 0 : Math.pow(10, Math.min(decibels, Level.MOST) / BEND) / WHOLE;
        return top + height * (1 - part);
    }

    /** The level at a height, within what can be set. */
    double decibels(double y) {
        double part = Math.clamp((top + height - y) / height, 0, 1);
        double level = part == 0 ? Level.SILENT : BEND * Math.log10(part * WHOLE);
        return Math.clamp(level, Level.SILENT, Level.MOST);
    }
}
