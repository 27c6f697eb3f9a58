package amberlens.desktop.time.play;

import java.util.OptionalDouble;

/** What playing keeps time by, where there is something better than the computer's own clock: the device that plays the sound. */
public interface Clock {
    /** Nothing is heard. */
    Clock NONE = new Clock() {
        @Override
        public void play(double seconds) {}

        @Override
        public void stop() {}

        @Override
        public boolean isThere() {
            return false;
        }

        @Override
        public OptionalDouble seconds() {
            return OptionalDouble.empty();
        }
    };

    /** Sound begins at a time of the line-up, at the usual speed. */
    void play(double seconds);

    /** It ends. */
    void stop();

    /** Whether sound can be heard. */
    boolean isThere();

    /** The time of the line-up that is heard now; empty while it has not begun. */
    OptionalDouble seconds();
}
