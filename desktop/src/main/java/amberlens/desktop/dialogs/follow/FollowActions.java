package amberlens.desktop.dialogs.follow;

import amberlens.core.edit.edits.TrackEdits;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.services.Services;
import amberlens.desktop.work.tracking.SubjectTracks;
import java.util.List;
import java.util.Optional;

/** The actions for subjects of footage: follow, stop looking, take a track away. */
public final class FollowActions {
    private FollowActions() {}

    public static void addTo(Actions actions, Desk desk, Services services, Overlay overlay) {
        SubjectTracks tracks = services.tracks();
        desk.tools().whenSubjectPut(tracks::point);
        Needs tracked = Needs.of(
                "a subject tracked in the footage of the selected shot; point at one with U",
                () -> !tracks.isRunning() && track(desk).isPresent());
        actions.add(Menu.MOVE, "follow.open", "Follow a subject…", "Alt+U", tracked, () -> desk.cursor()
                .selectedShot()
                .ifPresent(shot -> track(desk)
                        .ifPresent(track -> tracks.goOn(
                                shot, track, () -> new FollowPanel(desk, services, overlay, shot).open()))));
        Needs footage = Needs.of(
                "a selected shot of footage",
                () -> !tracks.isRunning()
                        && desk.cursor()
                                .selectedShot()
                                .map(shot -> desk.document().project().mediaOf(shot))
                                .filter(Media::moves)
                                .isPresent());
        actions.add(Menu.MOVE, "follow.steady", "Stabilise footage", "", footage, () -> desk.cursor()
                .selectedShot()
                .ifPresent(tracks::steady));
        actions.add(
                Menu.MOVE,
                "follow.stop",
                "Stop tracking",
                "",
                Needs.of("tracking in progress", tracks::isRunning),
                tracks::stop);
        actions.add(Menu.MOVE, "follow.away", "Remove the track", "", tracked, () -> desk.cursor()
                .selectedShot()
                .ifPresent(shot -> takeAway(desk, shot)));
    }

    /** The newest track of what the selected shot shows. */
    private static Optional<Track> track(Desk desk) {
        return desk.cursor()
                .selectedShot()
                .map(shot -> desk.document().project().mediaOf(shot).tracks())
                .filter(tracks -> !tracks.isEmpty())
                .map(List::getLast);
    }

    private static void takeAway(Desk desk, Shot shot) {
        Media media = desk.document().project().mediaOf(shot);
        if (!media.tracks().isEmpty()) {
            desk.document()
                    .applyToWhole(TrackEdits.remove(
                            media.id(), media.tracks().getLast().id()));
        }
    }
}
