package amberlens.media.sound.device;

import org.jspecify.annotations.Nullable;

/** No sound can be played, or no more. The message is for people. */
public final class DeviceProblem extends Exception {
    private static final long serialVersionUID = 1;

    public DeviceProblem(String message, @Nullable Throwable cause) {
        super(message, cause);
    }
}
