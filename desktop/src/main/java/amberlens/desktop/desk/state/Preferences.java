package amberlens.desktop.desk.state;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Scale;
import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.model.lineup.Laying;
import amberlens.core.motion.keys.Neighbours;
import amberlens.core.motion.property.Property;
import amberlens.core.motion.property.Unit;
import amberlens.desktop.kit.style.ThemeChoice;
import amberlens.files.NotedText;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Properties;
import java.util.concurrent.Executor;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** How a person likes to work, kept from day to day. A file that cannot be kept is no harm. */
public final class Preferences implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Preferences.class);
    private static final String SHORTCUT = "shortcut.";
    private static final String UNIT = "unit.";
    private static final String EXPORT_PRESET = "export-preset.";
    private static final String SEAM = "seam.";
    private static final int RECENT_COLOURS = 12;
    private static final int LEAST_TEXT = 90;
    private static final int MOST_TEXT = 150;
    private static final double MOST_PIXELS = 20_000;

    private final Properties values = new Properties();
    private final @Nullable NotedText file;

    /** Preferences that are forgotten at the end. */
    public Preferences() {
        file = null;
    }

    /**
     * Preferences kept in a folder.
     *
     * @param writing where they are written
     */
    public Preferences(Path folder, Executor writing) {
        file = new NotedText(folder.resolve("preferences.properties"), writing);
        try {
            values.load(new StringReader(file.read()));
        } catch (IOException | IllegalArgumentException e) {
            LOG.debug("reading the preferences in {}", folder, e);
        }
    }

    private void set(String name, String value) {
        values.setProperty(name, value);
        keep();
    }

    private void keep() {
        if (file == null) {
            return;
        }
        var text = new StringWriter();
        try {
            values.store(text, "Amber Lens");
        } catch (IOException e) {
            throw new UncheckedIOException("memory can be written to", e);
        }
        String written = text.toString();
        file.change(_ -> written);
    }

    /** Writes what is not written yet. */
    @Override
    public void close() {
        if (file != null) {
            file.close();
        }
    }

    private boolean is(String name, boolean otherwise) {
        return Boolean.parseBoolean(values.getProperty(name, String.valueOf(otherwise)));
    }

    private <E extends Enum<E>> Optional<E> one(Class<E> kind, String name) {
        String written = values.getProperty(name, "");
        return Arrays.stream(kind.getEnumConstants())
                .filter(value -> value.name().equals(written))
                .findFirst();
    }

    /** What happens to keys in the way of moved ones. */
    public Neighbours neighbours() {
        return one(Neighbours.class, "neighbours").orElse(Neighbours.STOP);
    }

    public void setNeighbours(Neighbours neighbours) {
        set("neighbours", neighbours.name());
    }

    /** What a change of one shot means for the others of its track. */
    public Laying laying() {
        return one(Laying.class, "laying").orElse(Laying.RIPPLE);
    }

    public void setLaying(Laying laying) {
        set("laying", laying.name());
    }

    /** Whether keys in motion snap to other keys, markers, the playhead and the ends. */
    public boolean snapping() {
        return is("snapping", true);
    }

    public void setSnapping(boolean snapping) {
        set("snapping", String.valueOf(snapping));
    }

    /**
     * Where sound is played: "system", "none", or "file:" and the path of a file into which a simulated device writes what it would
     * play. The system property {@code amber.sound} comes before it.
     */
    public String soundDevice() {
        return System.getProperty("amber.sound", values.getProperty("sound-device", "system"));
    }

    public void setSoundDevice(String device) {
        set("sound-device", device);
    }

    /** Whether the place under the playhead sounds while it is moved by hand. */
    public boolean soundsWhileScrubbing() {
        return is("scrub-sound", true);
    }

    public void setSoundsWhileScrubbing(boolean sounds) {
        set("scrub-sound", String.valueOf(sounds));
    }

    /** The enlargement up to which a picture counts as sharp, and above which no seal goes, in per cent. */
    public double limitPercent() {
        try {
            double limit = Double.parseDouble(values.getProperty("limit", ""));
            return limit > 0 && limit <= Scale.LARGEST ? limit : Enlargement.UNNOTICED;
        } catch (NumberFormatException _) {
            return Enlargement.UNNOTICED;
        }
    }

    public void setLimitPercent(double percent) {
        set("limit", String.valueOf(percent));
    }

    /** Whether a change close to a key goes to that key first. */
    public boolean toNearKeys() {
        return is("to-near-keys", false);
    }

    public void setToNearKeys(boolean automatic) {
        set("to-near-keys", String.valueOf(automatic));
    }

    /**
     * Whether faces, persons and subjects are looked for in pictures. The system property {@code amber.marks} comes before it: whoever looks
     * at nothing but itself sets it to false.
     */
    public boolean findsMarks() {
        return !System.getProperty("amber.marks", "true").equals("false") && is("finds-marks", true);
    }

    /** What exports in a format and quality have cost on this machine, as it is kept; empty as long as there was none. */
    public Optional<String> exportPace(String format, String quality) {
        return Optional.ofNullable(values.getProperty(pace(format, quality)));
    }

    public void setExportPace(String format, String quality, String pace) {
        set(pace(format, quality), pace);
    }

    private static String pace(String format, String quality) {
        return "export-pace-" + format + "-" + quality.toLowerCase(Locale.ROOT);
    }

    /** The names of the answers to the export dialog that a person has kept, in order. */
    public List<String> exportPresets() {
        return values.stringPropertyNames().stream()
                .filter(name -> name.startsWith(EXPORT_PRESET))
                .map(name -> name.substring(EXPORT_PRESET.length()))
                .sorted(String.CASE_INSENSITIVE_ORDER)
                .toList();
    }

    /** What is kept by a name. */
    public Optional<String> exportPreset(String name) {
        return Optional.ofNullable(values.getProperty(EXPORT_PRESET + name));
    }

    public void setExportPreset(String name, String answers) {
        set(EXPORT_PRESET + name, answers);
    }

    public void forgetExportPreset(String name) {
        values.remove(EXPORT_PRESET + name);
        keep();
    }

    /** Whether what is going to be played is made ready by itself; the system property {@code amber.ready} comes before it, likewise. */
    public boolean makesReady() {
        return !System.getProperty("amber.ready", "true").equals("false") && is("makes-ready", true);
    }

    public void setMakesReady(boolean makes) {
        set("makes-ready", String.valueOf(makes));
    }

    public void setFindsMarks(boolean finds) {
        set("finds-marks", String.valueOf(finds));
    }

    /** Whether the start of a shot without keys is kept when its camera is set up at a later frame. */
    public boolean keepsStart() {
        return is("keeps-start", true);
    }

    public void setKeepsStart(boolean keeps) {
        set("keeps-start", String.valueOf(keeps));
    }

    /** What happens to the move when a shot's length changes; empty as long as nobody has chosen. */
    public Optional<Timing> lengthTiming() {
        return one(Timing.class, "length-timing");
    }

    /** Empty to be asked at the next change. */
    public void setLengthTiming(Optional<Timing> timing) {
        set("length-timing", timing.map(Timing::name).orElse(""));
    }

    /** The unit in which a property is shown. */
    public Unit unit(Property<?> property) {
        String chosen = values.getProperty(UNIT + property.id(), "");
        return property.units().stream()
                .filter(unit -> unit.id().equals(chosen))
                .findFirst()
                .orElseGet(property::usualUnit);
    }

    public void setUnit(Property<?> property, Unit unit) {
        set(UNIT + property.id(), unit.id());
    }

    /** Dark or light. */
    public ThemeChoice appearance() {
        return one(ThemeChoice.class, "appearance").orElse(ThemeChoice.DARK);
    }

    public void setAppearance(ThemeChoice appearance) {
        set("appearance", appearance.name());
    }

    /** The colours chosen last, the newest first. */
    public List<Colour> recentColours() {
        return Arrays.stream(values.getProperty("colours", "").split(" "))
                .filter(text -> text.matches("#[0-9A-Fa-f]{6}"))
                .map(Colour::parse)
                .toList();
    }

    public void addRecentColour(Colour colour) {
        set(
                "colours",
                Stream.concat(Stream.of(colour), recentColours().stream().filter(other -> !other.equals(colour)))
                        .limit(RECENT_COLOURS)
                        .map(Colour::toString)
                        .collect(Collectors.joining(" ")));
    }

    /** How large text is, of what the system wants: 90 … 150. */
    public int textPercent() {
        try {
            return Math.clamp(Integer.parseInt(values.getProperty("text-percent", "100")), LEAST_TEXT, MOST_TEXT);
        } catch (NumberFormatException _) {
            return 100;
        }
    }

    /** Takes a text size within 90 … 150 %. */
    public void setTextPercent(int percent) {
        set("text-percent", String.valueOf(Math.clamp(percent, LEAST_TEXT, MOST_TEXT)));
    }

    /** What stands large on the bench. */
    public WindowLayout arrangement() {
        return one(WindowLayout.class, "arrangement").orElse(WindowLayout.BOTH);
    }

    public void setArrangement(WindowLayout arrangement) {
        set("arrangement", arrangement.name());
    }

    /** Whether the Shelf stands open beside its rail. */
    public boolean shelfOpen() {
        return is("shelf-open", true);
    }

    public void setShelfOpen(boolean open) {
        set("shelf-open", String.valueOf(open));
    }

    /**
     * What a person has given one side of a seam by dragging it; empty as long as nobody has.
     *
     * @return pixels of a view that keeps its size, or the share of one that grows with the window
     */
    public OptionalDouble seam(String name) {
        try {
            double part = Double.parseDouble(values.getProperty(SEAM + name, ""));
            return part > 0 && part < MOST_PIXELS ? OptionalDouble.of(part) : OptionalDouble.empty();
        } catch (NumberFormatException _) {
            return OptionalDouble.empty();
        }
    }

    public void setSeam(String name, double part) {
        set(SEAM + name, String.valueOf(part));
    }

    /** The keys a person has given to an action; empty text for none. */
    public Optional<String> shortcut(String action) {
        return Optional.ofNullable(values.getProperty(SHORTCUT + action));
    }

    public void setShortcut(String action, String keys) {
        set(SHORTCUT + action, keys);
    }

    /** The usual keys again. */
    public void clearShortcut(String action) {
        values.remove(SHORTCUT + action);
        keep();
    }
}
