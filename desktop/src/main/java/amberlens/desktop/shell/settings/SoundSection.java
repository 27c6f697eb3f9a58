package amberlens.desktop.shell.settings;

import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.time.hearing.Listening;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.control.ComboBox;

/** Where sound is played, and when. */
final class SoundSection extends Section {
    private static final String FILE =
            Listening.SIMULATED + Path.of(System.getProperty("user.home"), "amber-lens-heard.wav");

    SoundSection(Desk desk) {
        super("sound");
        String now = desk.preferences().soundDevice();
        Set<String> devices = new LinkedHashSet<>(List.of(Listening.SYSTEM, FILE, Listening.NONE));
        devices.add(now);
        ComboBox<String> device = Choices.of(List.copyOf(devices), SoundSection::words, now, "setting-sound-device");
        device.setOnAction(_ -> desk.prefer(to -> to.setSoundDevice(device.getValue())));
        row("Sound output", device);
        explain("Without a device, everything works silently. Into a file: playback is recorded in real time.");
        check(
                "Play sound while scrubbing",
                "setting-scrub-sound",
                desk.preferences().soundsWhileScrubbing(),
                on -> desk.prefer(to -> to.setSoundsWhileScrubbing(on)));
    }

    private static String words(String device) {
        if (device.startsWith(Listening.SIMULATED)) {
            return "into the file "
                    + Path.of(device.substring(Listening.SIMULATED.length())).getFileName();
        }
        return device.equals(Listening.NONE) ? "nowhere" : "on the system's device";
    }
}
