package amberlens.desktop.shell.firstmove;

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
            case START -> framings() > 0;
            case END -> framings() > 1;
            case PLAY -> played;
        };
    }

    private int framings() {
        return desk.cursor()
                .selectedShot()
                .map(Shot::camera)
                .map(camera -> Framings.of(camera).size())
                .orElse(0);
    }
}
