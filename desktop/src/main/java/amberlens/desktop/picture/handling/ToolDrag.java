package amberlens.desktop.picture.handling;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.edit.ready.Place;
import amberlens.core.judge.aim.FrameThis;
import amberlens.core.judge.aim.HorizonLevel;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.kit.style.Gesture;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.input.MouseEvent;

/** A line or box drawn on the picture with a tool in hand, which is put away afterwards; or a click that puts a point. */
public final class ToolDrag implements Gesture {
    private final Desk desk;
    private final Tool tool;
    private final PicturePoint from;
    private final Function<MouseEvent, PicturePoint> pointer;
    private final Consumer<PictureBox> marked;

    /** Where there are no marks to be drawn. */
    public ToolDrag(Desk desk, PicturePoint from, Function<MouseEvent, PicturePoint> pointer) {
        this(desk, from, pointer, _ -> {});
    }

    /** @param marked takes a box that matters */
    public ToolDrag(
            Desk desk, PicturePoint from, Function<MouseEvent, PicturePoint> pointer, Consumer<PictureBox> marked) {
        this.desk = desk;
        this.marked = marked;
        this.from = from;
        this.pointer = pointer;
        tool = desk.tools().tool();
    }

    @Override
    public void drag(MouseEvent event) {
        boolean box = tool != Tool.LEVEL;
        if (!tool.putsPoint()) {
            desk.tools().setDrawn(Optional.of(new Tools.Drawn(from, pointer.apply(event), box)));
        }
    }

    @Override
    public void drop(MouseEvent event) {
        PicturePoint to = pointer.apply(event);
        if (tool == Tool.PLACES) {
            pick(new Place(from, to));
            return;
        }
        if (tool == Tool.MARK) {
            if (from.x() != to.x() && from.y() != to.y()) {
                marked.accept(PictureBox.between(from, to));
            }
        } else if (tool.putsPoint()) {
            put(to);
        } else {
            desk.cursor().enterShot();
            desk.cursor().selectedShot().ifPresent(shot -> aim(shot, to));
        }
        desk.tools().take(Tool.HAND);
    }

    private void aim(Shot shot, PicturePoint to) {
        Pose pose = desk.document().project().pose(shot, desk.cursor().shotFrame());
        Size frame = desk.document().project().frameSize();
        try {
            Pose aimed =
                    switch (tool) {
                        case LEVEL -> HorizonLevel.pose(pose, from, to, frame);
                        case FRAME_INSIDE -> FrameThis.INSIDE.pose(pose, from, to, frame);
                        default -> FrameThis.COVERING.pose(pose, from, to, frame);
                    };
            String name = tool == Tool.LEVEL ? "levelling" : "frame box";
            desk.document().apply(desk.setFraming(name, shot.id(), desk.cursor().shotFrame(), aimed));
        } catch (IllegalArgumentException e) {
            desk.say("Not done: " + e.getMessage() + ".");
        }
    }

    private void pick(Place place) {
        boolean first = desk.tools().firstPlace().isEmpty();
        desk.tools().pick(place);
        if (first) {
            desk.say("Now click the second point, or draw the second box.");
        }
    }

    private void put(PicturePoint at) {
        if (tool == Tool.SUBJECT) {
            putSubject(at);
        } else {
            ZoomingAbout.point(desk, at);
        }
    }

    private void putSubject(PicturePoint at) {
        desk.cursor().selectedShot().ifPresent(shot -> {
            desk.document().apply(SettingsEdits.setSubject(shot.id(), Optional.of(at)));
            desk.tools().subjectPut(shot, at);
        });
    }

    @Override
    public void click(MouseEvent event) {
        if (tool.putsPoint()) {
            put(from);
            desk.tools().take(Tool.HAND);
        } else if (tool == Tool.PLACES) {
            pick(Place.point(from));
        } else {
            desk.say(
                    tool == Tool.LEVEL
                            ? "Draw a line along the horizon to level by."
                            : tool == Tool.MARK
                                    ? "Draw a box around what matters."
                                    : "Draw a box for the gate to take.");
        }
    }

    @Override
    public void cancel() {
        desk.tools().take(Tool.HAND);
    }
}
