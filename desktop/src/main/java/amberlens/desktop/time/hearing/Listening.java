package amberlens.desktop.time.hearing;

import amberlens.core.base.time.Seconds;
import amberlens.core.material.sound.Mix;
import amberlens.core.material.sound.Samples;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.time.play.Clock;
import amberlens.desktop.work.sounds.SoundStore;
import amberlens.media.sound.device.SimulatedDevice;
import amberlens.media.sound.device.SoundDevice;
import amberlens.media.sound.device.SystemDevice;
import java.nio.file.Path;
import java.util.OptionalDouble;
import java.util.concurrent.Executor;
import org.jspecify.annotations.Nullable;

/**
 * What the project sounds like, heard: while it plays, at the place under the playhead while somebody looks for one, and as loud as it
 * is now. Follows the project while it changes. Lives on the interface thread.
 */
public final class Listening implements Clock, AutoCloseable {
    /** How the setting of a simulated device begins; the file it writes into follows. */
    public static final String SIMULATED = "file:";

    /** The setting of no device at all. */
    public static final String NONE = "none";

    /** The setting of the device that the system plays on. */
    public static final String SYSTEM = "system";

    private final Desk desk;
    private final SoundStore store;
    private final Executor interfaceThread;
    private final Subscription subscription;
    private volatile Mix mix;
    private @Nullable Player player;
    private String device = "";
    private boolean told;
    private int lastPlayhead;

    /** @param interfaceThread runs what has to be done there */
    public Listening(Desk desk, SoundStore store, Executor interfaceThread) {
        this.desk = desk;
        this.store = store;
        this.interfaceThread = interfaceThread;
        mix = new Mix(desk.document().project().frame().rate(), 0);
        subscription = desk.subscribe(this::changed);
    }

    private void changed(Changes changes) {
        if (changes.contains(Change.PROJECT)) {
            store.follow(desk.document().project());
        }
        if (changes.contains(Change.PROJECT) || changes.contains(Change.SOUNDS) || changes.contains(Change.VIEW)) {
            mix = mixed(desk.document().project());
        }
        if (changes.contains(Change.PREFERENCES)
                && !device.isEmpty()
                && !device.equals(desk.preferences().soundDevice())) {
            change();
        }
        if (changes.contains(Change.PLAYHEAD)) {
            scrub();
        }
    }

    private Mix mixed(Project project) {
        var solo = desk.tools().solo();
        return Hearing.mix(project, store, solo::hears, _ -> solo.hearsFootage());
    }

    /** Sounds the place under the playhead where it was brought there by hand. */
    private void scrub() {
        int now = desk.cursor().playhead();
        boolean moved = now != lastPlayhead;
        lastPlayhead = now;
        boolean byHand = !desk.cursor().transport().playing()
                || desk.cursor().transport().speed() != 1;
        if (moved && byHand && desk.preferences().soundsWhileScrubbing() && isThere()) {
            player().scrub(sample(now));
        }
    }

    private long sample(int frame) {
        return Seconds.ofFrames(frame, desk.document().project().frame().rate()).samples(Samples.RATE);
    }

    /** Another device from now on. */
    private void change() {
        if (player != null) {
            player.close();
            player = null;
        }
        told = false;
    }

    private Player player() {
        Player now = player;
        if (now == null) {
            device = desk.preferences().soundDevice();
            now = new Player(chosen(device), () -> mix, this::gone);
            player = now;
        }
        return now;
    }

    private static SoundDevice chosen(String device) {
        return device.startsWith(SIMULATED)
                ? new SimulatedDevice(Path.of(device.substring(SIMULATED.length())), System::nanoTime)
                : new SystemDevice();
    }

    private void gone(String why) {
        interfaceThread.execute(() -> {
            if (!told) {
                told = true;
                desk.say("No sound: " + why + ". Playback continues silently.");
            }
        });
    }

    /** Only where there is something to be heard, and something to hear it on that answers. */
    @Override
    public boolean isThere() {
        boolean anything = !mix.isSilent();
        boolean possible = !NONE.equals(desk.preferences().soundDevice())
                && (player == null || !player.isSilent() && !player.isLate());
        return anything && possible;
    }

    @Override
    public void play(double seconds) {
        player().play(Math.round(seconds * Samples.RATE));
    }

    @Override
    public void stop() {
        if (player != null) {
            player.stop();
        }
    }

    @Override
    public OptionalDouble seconds() {
        return player == null ? OptionalDouble.empty() : player.seconds();
    }

    /** How loud is what is heard now. */
    public Levels levels() {
        return player == null ? Levels.SILENT : player.levels();
    }

    @Override
    public void close() {
        subscription.close();
        if (player != null) {
            player.close();
        }
    }
}
