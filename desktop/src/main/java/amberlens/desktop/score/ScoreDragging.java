package amberlens.desktop.score;

import amberlens.core.edit.CameraEdits;
import amberlens.core.edit.FramingEdits;
import amberlens.core.model.Shot;
import amberlens.core.motion.Framings;
import amberlens.core.motion.Key;
import amberlens.core.motion.Property;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/** Pressing and dragging in the Score: scrub, select a framing, leg or key, and move framings and keys in time. */
final class ScoreDragging {
    private static final double THRESHOLD = 4;
    private static final double BEAD_REACH = 8;

    private enum State {
        IDLE,
        SCRUBBING,
        PRESSED,
        DRAGGING
    }

    private final Store store;
    private final ScoreSurface surface;
    private State state = State.IDLE;
    private Selection.@Nullable Part grabbed;
    private double pressX;
    private int target;

    ScoreDragging(Store store, ScoreSurface surface) {
        this.store = store;
        this.surface = surface;
        surface.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        surface.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        surface.addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
        surface.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE && state == State.DRAGGING) {
                state = State.IDLE;
                store.cancel();
                event.consume();
            }
        });
    }

    private void pressed(MouseEvent event) {
        surface.requestFocus();
        Optional<Shot> shot = store.selectedShot();
        if (event.getButton() != MouseButton.PRIMARY || shot.isEmpty() || event.getX() < ScoreLayout.LEFT - 12) {
            return;
        }
        pressX = event.getX();
        grabbed = partAt(shot.get(), event.getX(), event.getY()).orElse(null);
        if (grabbed == null) {
            state = State.SCRUBBING;
            store.select(new Selection.Nothing());
            scrub(event);
            return;
        }
        state = State.PRESSED;
        store.select(grabbed);
    }

    private void dragged(MouseEvent event) {
        if (state == State.SCRUBBING) {
            scrub(event);
            return;
        }
        if (state == State.PRESSED
                && Math.abs(event.getX() - pressX) >= THRESHOLD
                && !(grabbed instanceof Selection.LegFrom)) {
            state = State.DRAGGING;
        }
        if (state == State.DRAGGING) {
            int way = (int) Math.round((event.getX() - pressX) / surface.plan().perFrame());
            store.settled().shot(store.selectedShot().orElseThrow().id()).ifPresent(shot -> move(shot, way));
        }
    }

    private void move(Shot shot, int way) {
        switch (grabbed) {
            case Selection.Framing framing -> {
                target = FramingEdits.target(shot, framing.frame(), framing.frame() + way);
                store.show(FramingEdits.move(shot.id(), framing.frame(), target));
                store.select(new Selection.Framing(target));
            }
            case Selection.KeyOf key -> {
                target = CameraEdits.keyTarget(shot, key.property(), key.frame(), key.frame() + way);
                store.show(CameraEdits.moveKey(shot.id(), key.property(), key.frame(), target));
                store.select(new Selection.KeyOf(key.property(), target));
            }
            case null, default -> {}
        }
    }

    private void released(MouseEvent event) {
        if (state == State.DRAGGING) {
            store.commit();
            store.seekInShot(target);
        } else if (state == State.PRESSED) {
            switch (grabbed) {
                case Selection.Framing framing -> store.seekInShot(framing.frame());
                case Selection.KeyOf key -> store.seekInShot(key.frame());
                case null, default -> {}
            }
        }
        state = State.IDLE;
    }

    private void scrub(MouseEvent event) {
        store.setPlaying(false);
        store.seekInShot(surface.plan().frame(event.getX()));
    }

    private Optional<Selection.Part> partAt(Shot shot, double x, double y) {
        ScoreLayout plan = surface.plan();
        if (y >= plan.stripTop() && y < plan.lanesTop()) {
            return framingOrLegAt(shot, plan, x, y);
        }
        for (Property property : Property.values()) {
            boolean here = y >= plan.laneTop(property) && y < plan.laneTop(property) + plan.laneHeight();
            if (here) {
                return shot.camera().channel(property).keys().stream()
                        .map(Key::at)
                        .filter(at -> Math.abs(plan.x(at) - x) <= BEAD_REACH)
                        .<Selection.Part>map(at -> new Selection.KeyOf(property, at))
                        .findFirst();
            }
        }
        return Optional.empty();
    }

    private static Optional<Selection.Part> framingOrLegAt(Shot shot, ScoreLayout plan, double x, double y) {
        List<Integer> framings = Framings.of(shot.camera());
        for (int i = framings.size() - 1; i >= 0; i--) {
            double left = plan.cardLeft(framings.get(i));
            boolean across = x >= left && x <= left + ScoreLayout.CARD_WIDTH;
            if (across && y >= plan.cardTop() && y <= plan.cardTop() + ScoreLayout.CARD_HEIGHT) {
                return Optional.of(new Selection.Framing(framings.get(i)));
            }
        }
        for (int i = 0; i + 1 < framings.size(); i++) {
            if (x >= plan.x(framings.get(i)) && x < plan.x(framings.get(i + 1))) {
                return Optional.of(new Selection.LegFrom(framings.get(i)));
            }
        }
        return Optional.empty();
    }
}
