package amberlens.desktop.shelf.intake;

import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.MediaEdits.Look;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import java.util.List;
import java.util.Set;

/** Shows another picture in shots and keeps their moves; asks how when the pictures differ in size. */
public final class PictureReplacing {
    private final Desk desk;
    private final Overlay overlay;

    /** Asks through the overlay. */
    public PictureReplacing(Desk desk, Overlay overlay) {
        this.desk = desk;
        this.overlay = overlay;
    }

    /** Asks which alternative shots shall have, or gives one that was dropped on them. */
    public void ask(Set<String> shotIds, String mediaId) {
        if (shotIds.isEmpty()) {
            desk.say("First select the shots that should show this picture.");
            return;
        }
        Project project = desk.document().project();
        Media now = project.media(mediaId).orElseThrow();
        boolean alike = project.shots().stream()
                .filter(shot -> shotIds.contains(shot.id()))
                .allMatch(shot -> project.mediaOf(shot).size().equals(now.size()));
        if (alike) {
            replace(shotIds, now, Look.SAME_LOOK);
            return;
        }
        overlay.ask(
                "The pictures differ in size",
                "Should the move look the same on " + now.name()
                        + ", or keep its numbers? The same look keeps each framing's place in the picture.",
                List.of(
                        new Overlay.Answer("Same look", true, () -> replace(shotIds, now, Look.SAME_LOOK)),
                        new Overlay.Answer("Same numbers", false, () -> replace(shotIds, now, Look.SAME_NUMBERS)),
                        new Overlay.Answer("Cancel", false, () -> {})));
    }

    private void replace(Set<String> shotIds, Media now, Look look) {
        desk.document().apply(MediaEdits.replace(shotIds, now.id(), look));
        desk.say(shotIds.size() == 1 ? "" : shotIds.size() + " shots show " + now.name() + " now.");
    }
}
