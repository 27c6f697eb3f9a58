package amberlens.desktop.shell.firstmove;

import amberlens.core.edit.edits.FramingEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.desktop.desk.state.Desk;
import java.util.Optional;

/** How far a first move has come, found out from what is there; only the playing has to be seen to happen. */
final class StepProgress {
    private final Desk desk;
    private boolean played;

    StepProgress(Desk desk) {
        this.desk = desk;
    }

    /** Looks whether something is playing that is a move already. */
    void watch() {
        played |= desk.cursor().transport().playing() && done(Step.END);
    }

    /** The first step that is not done; empty after the last. */
    Optional<Step> next() {
        for (Step step : Step.values()) {
            if (!done(step)) {
                return Optional.of(step);
            }
        }
        return Optional.empty();
    }

    private boolean done(Step step) {
        return switch (step) {
            case PICTURE -> !desk.document().project().media().isEmpty();
            case SHOT -> desk.cursor().selectedShot().isPresent();
            case START -> framings() > 0 || desk.cursor().shotFrame() > 0 || isSetUp();
            case END -> framings() > 1;
            case PLAY -> played;
        };
    }

    /** Whether the gate is no longer where it was when the picture was laid in. */
    private boolean isSetUp() {
        return desk.cursor()
                .selectedShot()
                .filter(shot -> !shot.camera()
                        .at(0)
                        .equals(FramingEdits.whole(desk.document().project(), shot, 0)))
                .isPresent();
    }

    private int framings() {
        return desk.cursor()
                .selectedShot()
                .map(Shot::camera)
                .map(camera -> Framings.of(camera).size())
                .orElse(0);
    }
}
