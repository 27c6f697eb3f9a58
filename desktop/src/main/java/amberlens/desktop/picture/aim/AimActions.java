package amberlens.desktop.picture.aim;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.VersionEdits;
import amberlens.core.judge.aim.SubjectHold;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.picture.handling.ZoomingAbout;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** The actions of the Move menu that aim the camera: nudges, tools, subject, versions. */
public final class AimActions {
    private static final int FAR = 10;

    private final Actions actions;
    private final Desk desk;
    private final Needs shot;

    private AimActions(Actions actions, Desk desk) {
        this.actions = actions;
        this.desk = desk;
        shot = DeskNeeds.shot(desk);
    }

    public static void addTo(Actions actions, Desk desk) {
        var aim = new AimActions(actions, desk);
        aim.nudges();
        aim.tools();
        aim.subject();
        aim.versions();
    }

    private void nudges() {
        nudge("left", "Left", -1, 0);
        nudge("right", "Right", 1, 0);
        nudge("up", "Up", 0, -1);
        nudge("down", "Down", 0, 1);
    }

    private void nudge(String way, String key, int dx, int dy) {
        actions.add(Menu.MOVE, "gate." + way, "Nudge the gate " + way, "Shortcut+" + key, shot, () -> nudge(dx, dy));
        actions.add(
                Menu.MOVE,
                "gate.far-" + way,
                "Nudge the gate ten pixels " + way,
                "Shortcut+Shift+" + key,
                shot,
                () -> nudge(FAR * dx, FAR * dy));
    }

    /** The gate goes by frame pixels, so the picture goes the other way. */
    private void nudge(int dx, int dy) {
        desk.cursor().enterShot();
        withShot(found -> {
            Pose pose = desk.document().project().pose(found, desk.cursor().shotFrame());
            Pose moved = pose.withPosition(pose.position().minus(new FramePoint(dx, dy)));
            desk.document()
                    .apply(desk.setFraming(
                            "nudge gate", found.id(), desk.cursor().shotFrame(), moved));
        });
    }

    private void tools() {
        tool("aim.level", "Level by a line", "L", Tool.LEVEL);
        tool("aim.cover", "Frame this: show all of a box", "B", Tool.FRAME_COVERING);
        tool("aim.inside", "Frame this: stay inside a box", "Shift+B", Tool.FRAME_INSIDE);
        tool("aim.subject", "Put the subject", "U", Tool.SUBJECT);
        tool("aim.zoom-about", "Zoom about a point", "Alt+Z", Tool.ZOOM_ABOUT);
        actions.add(
                Menu.MOVE,
                "aim.zoom-here",
                "Zoom about here",
                "",
                Needs.of(
                        "a place of the picture: right-click it",
                        () -> desk.tools().pointed().isPresent()),
                () -> desk.tools().pointed().ifPresent(place -> ZoomingAbout.point(desk, place)));
    }

    private void tool(String id, String words, String keys, Tool tool) {
        actions.add(Menu.MOVE, id, words, keys, shot, () -> {
            desk.tools().take(tool);
            desk.say(desk.tools().tool() == Tool.HAND ? "" : instruction(tool));
        });
    }

    private static String instruction(Tool tool) {
        return switch (tool) {
            case LEVEL -> "Draw a line along the horizon, on the Table or in the Lens.";
            case FRAME_COVERING -> "Draw a box on the Table; the gate will show all of it.";
            case FRAME_INSIDE -> "Draw a box on the Table; the gate will stay inside it.";
            case SUBJECT -> "Click the point of the picture that matters.";
            case ZOOM_ABOUT -> "Click the point to zoom about, on the Table or in the Lens.";
            case HAND, PLACES, PLANE, CUT, MARK -> "";
        };
    }

    private void subject() {
        Needs has = Needs.of("a subject in the selected shot; put one with U", () -> desk.cursor()
                .selectedShot()
                .flatMap(found -> found.settings().subject())
                .isPresent());
        actions.add(
                Menu.MOVE,
                "aim.no-subject",
                "Remove the subject",
                "",
                has,
                () -> withShot(found -> desk.document().apply(SettingsEdits.setSubject(found.id(), Optional.empty()))));
        actions.add(
                Menu.MOVE,
                "aim.hold",
                "Hold the subject here at every framing",
                "H",
                has,
                () -> hold("hold subject", SubjectHold::atFramings));
        actions.add(
                Menu.MOVE,
                "aim.hold-leg",
                "Hold the subject here along this leg",
                "Shift+H",
                has,
                () -> hold("hold subject along leg", this::onLeg));
    }

    private interface Holding {
        CameraTrack of(CameraTrack camera, PicturePoint subject, FramePoint place);
    }

    /** At the place of the frame where the subject is now. */
    private void hold(String name, Holding holding) {
        withShot(found -> found.settings().subject().ifPresent(point -> {
            FramePoint place = desk.document()
                    .project()
                    .pose(found, desk.cursor().shotFrame())
                    .toFrame(point);
            desk.document().apply(ShotEdits.setCamera(name, found.id(), holding.of(found.camera(), point, place)));
        }));
    }

    private CameraTrack onLeg(CameraTrack camera, PicturePoint point, FramePoint place) {
        List<Integer> framings = Framings.of(camera);
        int now = desk.cursor().shotFrame();
        Optional<Integer> from = framings.stream().filter(at -> at <= now).reduce((_, later) -> later);
        Optional<Integer> to = framings.stream().filter(at -> at > now).findFirst();
        return framings.size() <= 2 || from.isEmpty() || to.isEmpty()
                ? SubjectHold.throughout(camera, point, place)
                : SubjectHold.onLeg(camera, from.get(), to.get(), point, place);
    }

    private void versions() {
        Needs several = Needs.of("another version of the move that was kept", () -> desk.cursor()
                .selectedShot()
                .filter(found -> !found.settings().alternatives().isEmpty())
                .isPresent());
        actions.add(
                Menu.MOVE,
                "version.keep",
                "Keep this version of the move",
                "Shift+K",
                shot,
                () -> withShot(found -> {
                    desk.document().apply(VersionEdits.keep(found.id()));
                    desk.say("Kept. Change the move, then compare with K.");
                }));
        actions.add(
                Menu.MOVE,
                "version.next",
                "Other version of the move",
                () -> "Other version of the move"
                        + desk.cursor()
                                .selectedShot()
                                .map(found -> found.settings().alternatives())
                                .filter(versions -> !versions.isEmpty())
                                .map(versions -> " (" + versions.size() + " kept)")
                                .orElse(""),
                "K",
                several,
                () -> withShot(found -> desk.document().apply(VersionEdits.next(found.id()))));
        actions.add(
                Menu.MOVE,
                "version.forget",
                "Discard the other version",
                "",
                several,
                () -> withShot(found -> desk.document().apply(VersionEdits.forget(found.id()))));
    }

    private void withShot(Consumer<Shot> action) {
        desk.cursor().selectedShot().ifPresent(action);
    }
}
