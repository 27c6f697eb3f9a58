package amberlens.desktop.desk.commands;

import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import java.util.List;
import java.util.Optional;

/** Changes the length of a shot. The first time that a move is concerned it asks what shall happen to it, and remembers. */
public final class ShotLength {
    private final Desk desk;
    private final Overlay overlay;

    public ShotLength(Desk desk, Overlay overlay) {
        this.desk = desk;
        this.overlay = overlay;
    }

    /** Gives a shot a length; asks once about its move. */
    public void set(Shot shot, int length) {
        boolean moves = shot.camera().keyFrames().size() > 1;
        if (length == shot.length()) {
            return;
        }
        if (!moves) {
            set(shot, length, Timing.KEEP);
        } else if (desk.preferences().lengthTiming().isPresent()) {
            set(shot, length, desk.preferences().lengthTiming().get());
        } else {
            ask(shot, length);
        }
    }

    /** Gives a shot a length, whatever was chosen before. */
    public void set(Shot shot, int length, Timing timing) {
        desk.document().apply(ShotEdits.setLength(shot.id(), Math.clamp(length, 1, Shot.LONGEST), timing));
    }

    private void ask(Shot shot, int length) {
        overlay.ask(
                "Change the shot's length",
                "Should the keys keep their timing, or should the move stretch with the shot? You are asked once; the Shot menu changes it later.",
                List.of(
                        answer("Keep the timing", true, shot, length, Timing.KEEP),
                        answer("Stretch the move", false, shot, length, Timing.STRETCH),
                        new Overlay.Answer("Cancel", false, () -> {})));
    }

    private Overlay.Answer answer(String words, boolean main, Shot shot, int length, Timing timing) {
        return new Overlay.Answer(words, main, () -> {
            desk.prefer(to -> to.setLengthTiming(Optional.of(timing)));
            set(shot, length, timing);
        });
    }
}
