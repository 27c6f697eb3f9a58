package amberlens.desktop.inspector.camera;

import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.AnchorMove;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import java.util.Locale;

/**
 * Says, when an anchor was moved for a whole shot, by how much the way between its framings changed: the framings stay as they are, and the
 * new pivot shapes the rest. Lives on the interface thread; compares in the background.
 */
public final class AnchorRemark implements Subscription {
    /** Less is not seen. */
    private static final double LEAST_PX = 0.05;

    private final Desk desk;
    private final Background background;
    private final Subscription subscription;
    private Project before;

    public AnchorRemark(Desk desk, Background background) {
        this.desk = desk;
        this.background = background;
        before = desk.document().settled();
        subscription = desk.subscribe(this::changed);
    }

    private void changed(Changes changes) {
        Project now = desk.document().settled();
        if (!changes.contains(Change.PROJECT) || desk.document().showing() || now == before) {
            return;
        }
        Project was = before;
        before = now;
        for (Shot shot : now.shots()) {
            was.shot(shot.id()).filter(old -> movedAnchor(old, shot)).ifPresent(old -> compare(was, old, now, shot));
        }
    }

    private static boolean movedAnchor(Shot old, Shot shot) {
        return old != shot
                && old.media().equals(shot.media())
                && old.length() == shot.length()
                && old.camera() != shot.camera()
                && AnchorMove.isWhole(old.camera())
                && AnchorMove.isWhole(shot.camera())
                && !old.camera().keyFrames().isEmpty()
                && !old.camera().anchor().at(0).equals(shot.camera().anchor().at(0));
    }

    private void compare(Project was, Shot old, Project now, Shot shot) {
        background.start(Work.of(
                () -> AnchorMove.wayChangedPx(was.take(old), now.take(shot)),
                px -> px.filter(most -> most > LEAST_PX).ifPresent(most -> tell(old, shot, most))));
    }

    private void tell(Shot before, Shot shot, double px) {
        if (desk.document().settled().shot(shot.id()).filter(shot::equals).isPresent()) {
            desk.say(
                    String.format(
                            Locale.ROOT,
                            "The framings stay as they were; between them the way changed by up to %.1f px.",
                            px),
                    "Keep the way too",
                    () -> keepWay(before, shot));
        }
    }

    /** The fewest keys are looked for in the background; meanwhile nothing else may have changed the shot. */
    private void keepWay(Shot old, Shot shot) {
        Project now = desk.document().settled();
        Edit keeping = CameraEdits.keepWay(old);
        background.start(
                Work.of(() -> keeping.apply(now).shot(shot.id()).orElseThrow().camera(), kept -> {
                    if (desk.document()
                            .settled()
                            .shot(shot.id())
                            .filter(shot::equals)
                            .isPresent()) {
                        desk.document().apply(ShotEdits.setCamera(keeping.name(), shot.id(), kept));
                    }
                }));
    }

    @Override
    public void close() {
        subscription.close();
    }
}
