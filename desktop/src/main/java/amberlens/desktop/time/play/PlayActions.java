package amberlens.desktop.time.play;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.edit.edits.MarkerEdits;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.keys.KeySet;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Overlay;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;

/** The actions of the Play menu: playing, going to frames, markers. */
public final class PlayActions {
    private static final int BIG_STEP = 10;

    private final Desk desk;
    private final Playback playback;
    private final Overlay overlay;
    private final Actions actions;

    private PlayActions(Actions actions, Desk desk, Playback playback, Overlay overlay) {
        this.actions = actions;
        this.desk = desk;
        this.playback = playback;
        this.overlay = overlay;
    }

    public static void addTo(Actions actions, Desk desk, Playback playback, Overlay overlay) {
        var play = new PlayActions(actions, desk, playback, overlay);
        play.play();
        play.frames();
        play.stations();
        play.markers();
    }

    private void play() {
        var transport = desk.cursor().transport();
        actions.add(Menu.PLAY, "play.toggle", "Play or pause", "Space", DeskNeeds.shots(desk), playback::toggle);
        actions.add(
                Menu.PLAY, "play.loop", "Loop", "O", Needs.NOTHING, () -> transport.setLooping(!transport.looping()));
        actions.add(
                Menu.PLAY,
                "play.loop-selection",
                "Loop the selection",
                () -> transport.range().isPresent() ? "Loop everything again" : "Loop the selection",
                "Shift+O",
                DeskNeeds.shots(desk),
                this::loopSelection);
        actions.add(
                Menu.PLAY,
                "play.shuttle-on",
                "Shuttle forward, faster each time",
                "Period",
                DeskNeeds.shots(desk),
                () -> transport.shuttle(1));
        actions.add(
                Menu.PLAY,
                "play.shuttle-back",
                "Shuttle back, faster each time",
                "Comma",
                DeskNeeds.shots(desk),
                () -> transport.shuttle(-1));
    }

    private void frames() {
        actions.add(Menu.PLAY, "go.on", "One frame forward", "Right", DeskNeeds.shots(desk), () -> step(1));
        actions.add(Menu.PLAY, "go.back", "One frame back", "Left", DeskNeeds.shots(desk), () -> step(-1));
        actions.add(
                Menu.PLAY,
                "go.far-on",
                "Ten frames forward",
                "Shift+Right",
                DeskNeeds.shots(desk),
                () -> step(BIG_STEP));
        actions.add(
                Menu.PLAY,
                "go.far-back",
                "Ten frames back",
                "Shift+Left",
                DeskNeeds.shots(desk),
                () -> step(-BIG_STEP));
        actions.add(
                Menu.PLAY,
                "go.first",
                "First frame of the shot",
                "Home",
                DeskNeeds.shots(desk),
                () -> withShot(shot -> desk.cursor().seek(shot.start())));
        actions.add(
                Menu.PLAY,
                "go.last",
                "Last frame of the shot",
                "End",
                DeskNeeds.shots(desk),
                () -> withShot(shot -> desk.cursor().seek(shot.onLineUp().to())));
        actions.add(
                Menu.PLAY,
                "go.start",
                "First frame of the line-up",
                "Shortcut+Home",
                DeskNeeds.shots(desk),
                () -> desk.cursor().seek(0));
        actions.add(
                Menu.PLAY,
                "go.end",
                "Last frame of the line-up",
                "Shortcut+End",
                DeskNeeds.shots(desk),
                () -> desk.cursor().seek(LineUp.length(desk.document().project()) - 1));
    }

    private void stations() {
        actions.add(
                Menu.PLAY,
                "go.framing-back",
                "Previous framing",
                "Page_Up",
                DeskNeeds.shots(desk),
                () -> jump(-1, framings()));
        actions.add(
                Menu.PLAY,
                "go.framing-on",
                "Next framing",
                "Page_Down",
                DeskNeeds.shots(desk),
                () -> jump(1, framings()));
        actions.add(
                Menu.PLAY,
                "go.key-back",
                "Previous key",
                "Shift+Page_Up",
                DeskNeeds.shots(desk),
                () -> jump(-1, keys()));
        actions.add(
                Menu.PLAY, "go.key-on", "Next key", "Shift+Page_Down", DeskNeeds.shots(desk), () -> jump(1, keys()));
        actions.add(
                Menu.PLAY,
                "go.marker-back",
                "Previous marker",
                "Shortcut+Page_Up",
                DeskNeeds.shots(desk),
                () -> toMarker(-1));
        actions.add(
                Menu.PLAY,
                "go.marker-on",
                "Next marker",
                "Shortcut+Page_Down",
                DeskNeeds.shots(desk),
                () -> toMarker(1));
    }

    private void markers() {
        actions.add(
                Menu.PLAY,
                "marker.shot",
                "Set a marker on the shot",
                "M",
                DeskNeeds.shot(desk),
                () -> withShot(shot -> desk.document()
                        .apply(MarkerEdits.set(
                                Optional.of(shot.id()), desk.cursor().shotFrame()))));
        actions.add(
                Menu.PLAY,
                "marker.line-up",
                "Set a marker on the line-up",
                "Shift+M",
                DeskNeeds.shots(desk),
                () -> desk.document()
                        .apply(MarkerEdits.set(Optional.empty(), desk.cursor().playhead())));
        actions.add(
                Menu.PLAY,
                "marker.name",
                "Name the marker…",
                "N",
                Needs.of("a marker at the playhead or a selected one", () -> marker().isPresent()),
                () -> marker().ifPresent(found -> overlay.show(new MarkerPanel(desk, overlay, found), overlay::close)));
    }

    /** The selected marker, or the one at the playhead. */
    private Optional<Selection.MarkerAt> marker() {
        if (desk.cursor().selection().part() instanceof Selection.MarkerAt selected) {
            return Optional.of(selected);
        }
        boolean onShot = desk.cursor()
                .selectedShot()
                .filter(shot -> shot.markers().stream()
                        .anyMatch(marker -> marker.at() == desk.cursor().shotFrame()))
                .isPresent();
        boolean onLineUp = desk.document().project().markers().stream()
                .anyMatch(marker -> marker.at() == desk.cursor().playhead());
        return onShot
                ? Optional.of(new Selection.MarkerAt(desk.cursor().shotFrame(), false))
                : Optional.of(new Selection.MarkerAt(desk.cursor().playhead(), true))
                        .filter(_ -> onLineUp);
    }

    private void withShot(Consumer<Shot> action) {
        desk.cursor().selectedShot().ifPresent(action);
    }

    private void step(int frames) {
        desk.cursor().transport().setPlaying(false);
        desk.cursor().seek(desk.cursor().playhead() + frames);
    }

    /** The span of the selected keys, leg or framing to its neighbour; without a selection the shot. */
    private void loopSelection() {
        if (desk.cursor().transport().range().isPresent()) {
            desk.cursor().transport().setRange(Optional.empty());
            return;
        }
        withShot(shot -> {
            FrameSpan span = span(shot);
            desk.cursor().transport().setRange(Optional.of(span));
            desk.cursor().transport().setLooping(true);
            desk.cursor().seek(span.from());
            desk.say("Playback loops from frame " + (span.from() - shot.start()) + " to " + (span.to() - shot.start())
                    + " of this shot; Shift+O ends it.");
        });
    }

    private FrameSpan span(Shot shot) {
        KeySet keys = desk.cursor().selectedKeys();
        int from = keys.first();
        int to = keys.last();
        if (!keys.isEmpty() && from == to) {
            int first = from;
            to = framings(shot).stream().filter(at -> at > first).findFirst().orElse(shot.lastFrame());
        }
        return keys.isEmpty() || from >= to
                ? shot.onLineUp()
                : new FrameSpan(
                        shot.start() + Math.clamp(from, 0, shot.lastFrame()),
                        shot.start() + Math.clamp(to, 0, shot.lastFrame()));
    }

    private static List<Integer> framings(Shot shot) {
        return Framings.of(shot.camera());
    }

    private Collection<Integer> framings() {
        return ofShot(PlayActions::framings);
    }

    private Collection<Integer> keys() {
        return ofShot(shot -> shot.camera().keyFrames());
    }

    private Collection<Integer> ofShot(Function<Shot, Collection<Integer>> frames) {
        return desk.cursor().selectedShot().map(frames).orElse(List.of());
    }

    private void jump(int direction, Collection<Integer> frames) {
        beside(direction, desk.cursor().shotFrame(), frames.stream()).ifPresent(desk.cursor()::seekInShot);
    }

    private void toMarker(int direction) {
        Stream<Integer> onShots = desk.document().project().shots().stream()
                .flatMap(shot -> shot.markers().stream().map(marker -> shot.start() + marker.at()));
        Stream<Integer> onLineUp = desk.document().project().markers().stream().map(Marker::at);
        beside(
                        direction,
                        desk.cursor().playhead(),
                        Stream.concat(onShots, onLineUp).sorted())
                .ifPresent(desk.cursor()::seek);
    }

    private static Optional<Integer> beside(int direction, int now, Stream<Integer> frames) {
        Stream<Integer> ahead = frames.filter(frame -> direction < 0 ? frame < now : frame > now);
        return direction < 0 ? ahead.reduce((_, later) -> later) : ahead.findFirst();
    }
}
