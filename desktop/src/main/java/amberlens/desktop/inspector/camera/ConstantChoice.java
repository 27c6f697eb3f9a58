package amberlens.desktop.inspector.camera;

import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Property;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/** Asks which value remains when all keys of a property go. */
record ConstantChoice(Desk desk, Overlay overlay, Shot shot, Property<?> property) {
    /** A single key is given up without a question: its value stays everywhere. */
    void ask() {
        SortedSet<Integer> keys = new TreeSet<>();
        lanes().forEach(lane -> shot.camera().channel(lane).keys().forEach(key -> keys.add(key.at())));
        int now = desk.cursor().shotFrame();
        if (keys.size() == 1) {
            keep(now);
            return;
        }
        overlay.ask(
                "Make the " + property.lowerWord() + " constant?",
                "Its " + keys.size()
                        + " keys are deleted. Which value should remain? (To keep the keys but ignore them, mute them.)",
                List.of(
                        new Overlay.Answer("The value at the playhead", true, () -> keep(now)),
                        new Overlay.Answer("The value of the first key", false, () -> keep(keys.first())),
                        new Overlay.Answer("Cancel", false, () -> {})));
    }

    private void keep(int frame) {
        List<Edit> steps = lanes().stream()
                .map(lane -> CameraEdits.makeConstant(shot.id(), lane, frame))
                .toList();
        desk.document().apply(Edit.all("stop animating " + property.lowerWord(), steps));
    }

    private List<Lane> lanes() {
        return shot.camera().lanes().stream()
                .filter(lane -> lane.property().equals(property))
                .filter(lane -> shot.camera().channel(lane).animated())
                .toList();
    }
}
