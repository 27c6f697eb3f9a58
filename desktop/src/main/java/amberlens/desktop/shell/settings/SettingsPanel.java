package amberlens.desktop.shell.settings;

import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.model.lineup.Laying;
import amberlens.core.motion.keys.Neighbours;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import amberlens.core.motion.property.Unit;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Preferences;
import amberlens.desktop.desk.state.WindowLayout;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.kit.style.ThemeChoice;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;

/** Everything that is a preference, in six sections. What is chosen holds at once and is kept. */
public final class SettingsPanel extends DialogPanel {
    private static final double WIDTH = 520;
    private static final double HEIGHT = 300;
    private static final List<Integer> TEXT_SIZES = List.of(90, 100, 110, 125, 140, 150);

    private final Desk desk;
    private final Actions actions;
    private final Runnable close;
    private final Map<String, Section> sections = new LinkedHashMap<>();
    private final StackPane shown = new StackPane();

    /** @param close takes the dialog away */
    public SettingsPanel(Desk desk, Actions actions, Runnable close) {
        super("Settings");
        this.desk = desk;
        this.actions = actions;
        this.close = close;
        sections.put("General", general());
        sections.put("Keys", keys());
        sections.put("Handling", handling());
        sections.put("Sound", new SoundSection(desk));
        sections.put("Safety", safety());
        sections.put("Appearance", appearance());
        shown.setAlignment(Pos.TOP_LEFT);
        TextSizes.pref(shown, WIDTH, HEIGHT);
        setId("settings");
        body(tabs(), shown);
        foot(DialogParts.quiet("Changes apply immediately."), DialogParts.gap(), main("Close", close));
    }

    private HBox tabs() {
        var tabs = new HBox(16);
        var group = new ToggleGroup();
        sections.forEach((words, section) -> {
            ToggleButton tab = new ToggleButton(words);
            tab.setId("tab-" + section.getId());
            tab.setToggleGroup(group);
            tab.getStyleClass().add("tab-word");
            tab.setOnAction(_ -> {
                tab.setSelected(true);
                shown.getChildren().setAll(section);
            });
            tabs.getChildren().add(tab);
        });
        ((ToggleButton) tabs.getChildren().getFirst()).fire();
        return tabs;
    }

    private Preferences now() {
        return desk.preferences();
    }

    private Section general() {
        NumberField limit = new NumberField(
                0,
                "The enlargement up to which a picture counts as sharp",
                percent -> desk.prefer(to -> to.setLimitPercent(percent)));
        limit.setId("setting-limit");
        limit.show(now().limitPercent());
        var section = new Section("general")
                .row("Sharp up to", new HBox(6, limit, DialogParts.quiet("% enlargement")))
                .explain("Above it a shot counts as soft, and no seal enlarges further.");
        for (Property<?> property : Properties.ALL) {
            if (property.units().size() > 1) {
                section.row(property.word() + " in", units(property));
            }
        }
        return section;
    }

    private ComboBox<Unit> units(Property<?> property) {
        ComboBox<Unit> box =
                Choices.of(property.units(), Unit::words, now().unit(property), "setting-unit-" + property.id());
        box.setOnAction(_ -> desk.prefer(to -> to.setUnit(property, box.getValue())));
        return box;
    }

    private Section keys() {
        ComboBox<Neighbours> neighbours = Choices.of(
                Arrays.asList(Neighbours.values()),
                way -> way == Neighbours.PUSH ? "push the keys in their way" : "stop at the keys in their way",
                now().neighbours(),
                "setting-neighbours");
        neighbours.setOnAction(_ -> desk.prefer(to -> to.setNeighbours(neighbours.getValue())));
        Button search = new Button("Keyboard shortcuts…");
        search.setId("setting-keys");
        search.getStyleClass().add("quiet-button");
        search.setOnAction(_ -> {
            close.run();
            actions.run("help.keys");
        });
        return new Section("keys")
                .row("Moved keys", neighbours)
                .check(
                        "Keys snap to other keys, markers, the playhead and the ends",
                        "setting-snapping",
                        now().snapping(),
                        on -> desk.prefer(to -> to.setSnapping(on)))
                .check(
                        "A change near a key goes to that key first",
                        "setting-near-keys",
                        now().toNearKeys(),
                        on -> desk.prefer(to -> to.setToNearKeys(on)))
                .explain("Near means up to three frames. Otherwise the Camera offers to go there.")
                .check(
                        "A change at a later frame of a shot without keys keeps its start",
                        "setting-keeps-start",
                        now().keepsStart(),
                        on -> desk.prefer(to -> to.setKeepsStart(on)))
                .explain("What it was becomes the first framing, and what it is set to the second.")
                .add(search);
    }

    private Section handling() {
        ComboBox<Laying> laying =
                Choices.of(Arrays.asList(Laying.values()), Laying::words, now().laying(), "setting-laying");
        laying.setOnAction(_ -> desk.prefer(to -> to.setLaying(laying.getValue())));
        List<Optional<Timing>> timings = Stream.concat(
                        Stream.of(Optional.<Timing>empty()),
                        Stream.of(Timing.values()).map(Optional::of))
                .toList();
        ComboBox<Optional<Timing>> timing = Choices.of(
                timings, way -> way.map(Timing::words).orElse("ask"), now().lengthTiming(), "setting-length-timing");
        timing.setOnAction(_ -> desk.prefer(to -> to.setLengthTiming(timing.getValue())));
        return new Section("handling")
                .row("Shots that change", laying)
                .explain("Ripple moves later shots along; overwrite leaves them in place.")
                .row("When a length changes", timing)
                .explain("The move keeps its timing, or is stretched with the shot.")
                .check(
                        "Faces, persons and subjects are looked for in pictures",
                        "setting-finds-marks",
                        now().findsMarks(),
                        on -> desk.prefer(to -> to.setFindsMarks(on)))
                .explain("Moves aim at them, and say where one is cut. Nothing leaves this machine.")
                .check(
                        "What is going to be played is made ready after two seconds",
                        "setting-makes-ready",
                        now().makesReady(),
                        on -> desk.prefer(to -> to.setMakesReady(on)));
    }

    private Section safety() {
        return new Section("safety")
                .explain(
                        "Every change is kept safe within seconds, saved or not. After a crash or a power cut, the work is offered at the next start.")
                .add(does("Work that was kept safe…", "project.kept"))
                .explain("Each save keeps the previous file as an earlier version.")
                .add(does("Earlier versions…", "project.versions"));
    }

    private Button does(String words, String action) {
        Button button = actions.bind(new Button(words), action);
        button.getStyleClass().add("quiet-button");
        button.setOnAction(_ -> {
            close.run();
            actions.run(action);
        });
        return button;
    }

    private Section appearance() {
        ComboBox<ThemeChoice> appearance = Choices.of(
                Arrays.asList(ThemeChoice.values()), ThemeChoice::words, now().appearance(), "setting-appearance");
        appearance.setOnAction(_ -> desk.prefer(to -> to.setAppearance(appearance.getValue())));
        ComboBox<Integer> text = Choices.of(TEXT_SIZES, size -> size + " %", nearestText(), "setting-text");
        text.setOnAction(_ -> desk.prefer(to -> to.setTextPercent(text.getValue())));
        ComboBox<WindowLayout> arrangement = Choices.of(
                List.of(WindowLayout.TABLE, WindowLayout.BOTH, WindowLayout.LENS),
                WindowLayout::words,
                now().arrangement(),
                "setting-arrangement");
        arrangement.setOnAction(_ -> desk.prefer(to -> to.setArrangement(arrangement.getValue())));
        Label about = DialogParts.quiet("of the system's text size");
        return new Section("appearance")
                .row("Appearance", appearance)
                .explain("Pictures have a dark surround in both.")
                .row("Text", new HBox(6, text, about))
                .row("Arrangement", arrangement)
                .check(
                        "Keep the Shelf open",
                        "setting-shelf",
                        now().shelfOpen(),
                        on -> desk.prefer(to -> to.setShelfOpen(on)));
    }

    private int nearestText() {
        int percent = now().textPercent();
        return TEXT_SIZES.stream()
                .min((one, other) -> Integer.compare(Math.abs(one - percent), Math.abs(other - percent)))
                .orElse(100);
    }
}
