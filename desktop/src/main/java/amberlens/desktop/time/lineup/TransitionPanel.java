package amberlens.desktop.time.lineup;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.time.Timecode;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.LayeringEdits;
import amberlens.core.material.layering.Fade;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Ease;
import amberlens.desktop.desk.colours.ColourField;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.binding.BooleanBinding;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;

/** How a shot comes and goes: with a cut, a dissolve from its neighbour, a fade, or through a colour. */
final class TransitionPanel extends FormPanel {
    /** How a shot comes or goes. */
    private enum Way {
        CUT("cut"),
        DISSOLVE("dissolve with its neighbour"),
        FADE("fade over what is below"),
        COLOUR("fade through a colour"),
        DIP("dip: both through a colour");

        private final String words;

        Way(String words) {
            this.words = words;
        }
    }

    private static final int USUAL_FRAMES = 25;

    private final Desk desk;
    private final Overlay overlay;
    private final Shot shot;
    private final ComboBox<Way> enter;
    private final ComboBox<Way> leave;
    private final TextField enterLength;
    private final TextField leaveLength;
    private final ComboBox<Ease> ease;
    private final ColourField colour;

    TransitionPanel(Desk desk, Overlay overlay, Shot shot) {
        super("Transitions of \"" + shot.name() + "\"", "Set", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        this.shot = shot;
        boolean neighbour = LineUpActions.hasNeighbour(desk, shot);
        List<Way> ways = new ArrayList<>(List.of(Way.CUT, Way.FADE, Way.COLOUR));
        enter = Choices.of(
                neighbour ? List.of(Way.values()) : List.copyOf(ways),
                way -> way.words,
                way(
                        shot.layering().enter(),
                        LayeringEdits.overlap(desk.document().project(), shot) > 0),
                "transition-enter");
        leave = Choices.of(
                List.copyOf(ways), way -> way.words, way(shot.layering().leave(), false), "transition-leave");
        enterLength = length(shot.layering().enter(), "transition-enter-length");
        leaveLength = length(shot.layering().leave(), "transition-leave-length");
        Optional<Fade> any = shot.layering().enter().or(shot.layering()::leave);
        ease = Choices.of(
                List.of(Ease.LINEAR, Ease.GENTLE_BOTH, Ease.GENTLE_LEAVE, Ease.GENTLE_ARRIVE),
                Ease::words,
                any.flatMap(fade -> Ease.of(fade.leg())).orElse(Ease.LINEAR),
                "transition-ease");
        colour = new ColourField(
                desk, "transition-colour", any.flatMap(Fade::through).orElse(Colour.BLACK));
        enterLength.disableProperty().bind(enter.valueProperty().isEqualTo(Way.CUT));
        leaveLength.disableProperty().bind(leave.valueProperty().isEqualTo(Way.CUT));
        ease.disableProperty().bind(enterLength.disableProperty().and(leaveLength.disableProperty()));
        colour.disableProperty().bind(hasColour(enter).or(hasColour(leave)).not());
        row("In", enter);
        row("over", enterLength);
        row("Out", leave);
        row("over", leaveLength);
        row("Running", ease);
        row("Colour", colour);
        explain(
                neighbour
                        ? "A dissolve moves this shot and all later shots of its track earlier, so that both moves play through."
                        : "For a dissolve, another shot has to end where this one begins.");
    }

    private static Way way(Optional<Fade> fade, boolean overlaps) {
        if (fade.isEmpty()) {
            return Way.CUT;
        }
        return fade.get().through().isPresent() ? Way.COLOUR : overlaps ? Way.DISSOLVE : Way.FADE;
    }

    private static BooleanBinding hasColour(ComboBox<Way> way) {
        return way.valueProperty().isEqualTo(Way.COLOUR).or(way.valueProperty().isEqualTo(Way.DIP));
    }

    private TextField length(Optional<Fade> fade, String id) {
        TextField field = new TextField(Timecode.brief(
                fade.map(Fade::frames).orElse(USUAL_FRAMES),
                desk.document().project().frame().rate()));
        field.setId(id);
        return field;
    }

    private int frames(TextField field) {
        int frames = Timecode.parse(
                field.getText(), desk.document().project().frame().rate());
        if (frames < 1 || frames > shot.length()) {
            throw new IllegalArgumentException(
                    "A fade takes 1 to " + shot.length() + " frames of this shot, not " + frames + ".");
        }
        return frames;
    }

    @Override
    protected void take() {
        Colour through = colour.take();
        boolean wasDissolve = LayeringEdits.overlap(desk.document().project(), shot) > 0;
        List<Edit> steps = new ArrayList<>();
        if (wasDissolve && enter.getValue() != Way.DISSOLVE) {
            steps.add(LayeringEdits.dissolve(shot.id(), 0));
        }
        switch (enter.getValue()) {
            case CUT -> steps.add(LayeringEdits.setEnter(shot.id(), Optional.empty()));
            case DISSOLVE -> {
                steps.add(LayeringEdits.setEnter(shot.id(), Optional.of(fade(enterLength, Optional.empty()))));
                steps.add(LayeringEdits.dissolve(shot.id(), frames(enterLength)));
            }
            case FADE -> steps.add(LayeringEdits.setEnter(shot.id(), Optional.of(fade(enterLength, Optional.empty()))));
            case COLOUR ->
                steps.add(LayeringEdits.setEnter(shot.id(), Optional.of(fade(enterLength, Optional.of(through)))));
            case DIP -> steps.add(LayeringEdits.dip(shot.id(), fade(enterLength, Optional.of(through))));
        }
        Optional<Fade> out =
                switch (leave.getValue()) {
                    case FADE -> Optional.of(fade(leaveLength, Optional.empty()));
                    case COLOUR -> Optional.of(fade(leaveLength, Optional.of(through)));
                    default -> Optional.empty();
                };
        steps.add(LayeringEdits.setLeave(shot.id(), out));
        desk.document().apply(Edit.all("change transition", steps));
        overlay.close();
    }

    private Fade fade(TextField length, Optional<Colour> through) {
        return new Fade(frames(length), ease.getValue().leg(), through);
    }
}
