package amberlens.desktop.handling;

import amberlens.core.aim.FrameThis;
import amberlens.core.aim.Level;
import amberlens.core.edit.CameraEdits;
import amberlens.core.edit.SettingsEdits;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;
import amberlens.core.model.Shot;
import amberlens.core.motion.Pose;
import amberlens.core.ready.Place;
import amberlens.desktop.look.Gesture;
import amberlens.desktop.store.Store;
import amberlens.desktop.store.Viewing;
import amberlens.desktop.store.Viewing.Tool;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.input.MouseEvent;

/** A line or box drawn on the picture with a tool in hand, which is put away afterwards; or a click that puts a point. */
public final class ToolDrag implements Gesture {
    private final Store store;
    private final Tool tool;
    private final PicturePoint from;
    private final Function<MouseEvent, PicturePoint> pointer;

    public ToolDrag(Store store, PicturePoint from, Function<MouseEvent, PicturePoint> pointer) {
        this.store = store;
        this.from = from;
        this.pointer = pointer;
        tool = store.viewing().tool();
    }

    @Override
    public void drag(MouseEvent event) {
        boolean box = tool != Tool.LEVEL;
        if (tool != Tool.SUBJECT) {
            store.viewing().setDrawn(Optional.of(new Viewing.Drawn(from, pointer.apply(event), box)));
        }
    }

    @Override
    public void drop(MouseEvent event) {
        PicturePoint to = pointer.apply(event);
        if (tool == Tool.PLACES) {
            pick(new Place(from, to));
            return;
        }
        if (tool == Tool.SUBJECT) {
            putSubject(to);
        } else {
            store.enterShot();
            store.selectedShot().ifPresent(shot -> aim(shot, to));
        }
        store.viewing().take(Tool.HAND);
    }

    private void aim(Shot shot, PicturePoint to) {
        Pose pose = shot.camera().at(store.shotFrame());
        Size frame = store.project().frameSize();
        try {
            Pose aimed =
                    switch (tool) {
                        case LEVEL -> Level.pose(pose, from, to, frame);
                        case FRAME_INSIDE -> FrameThis.INSIDE.pose(pose, from, to, frame);
                        default -> FrameThis.COVERING.pose(pose, from, to, frame);
                    };
            String name = tool == Tool.LEVEL ? "levelling" : "framing of a box";
            store.apply(CameraEdits.setFraming(name, shot.id(), store.shotFrame(), aimed));
        } catch (IllegalArgumentException e) {
            store.say("Not done: " + e.getMessage() + ".");
        }
    }

    private void pick(Place place) {
        boolean first = store.viewing().firstPlace().isEmpty();
        store.viewing().pick(place);
        if (first) {
            store.say("And where to? Click the second point, or draw the second box.");
        }
    }

    private void putSubject(PicturePoint at) {
        store.selectedShot().ifPresent(shot -> store.apply(SettingsEdits.setSubject(shot.id(), Optional.of(at))));
    }

    @Override
    public void click(MouseEvent event) {
        if (tool == Tool.SUBJECT) {
            putSubject(from);
            store.viewing().take(Tool.HAND);
        } else if (tool == Tool.PLACES) {
            pick(Place.point(from));
        } else {
            store.say(
                    tool == Tool.LEVEL
                            ? "Draw a line along the horizon to level by."
                            : "Draw a box for the gate to take.");
        }
    }

    @Override
    public void cancel() {
        store.viewing().take(Tool.HAND);
    }
}
