package amberlens.desktop.time.beats;

import amberlens.core.edit.edits.BeatEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.edits.RigEdits;
import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.hearing.LineUpBeats;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.time.play.Clock;
import amberlens.desktop.work.sounds.SoundStore;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** The actions on beats. */
public final class BeatActions {
    private final Actions actions;
    private final Desk desk;
    private final SoundStore store;
    private final Overlay overlay;
    private final BeatSource source;
    private final Tapping tapping;

    private BeatActions(Actions actions, Desk desk, SoundStore store, Clock clock, Overlay overlay) {
        this.actions = actions;
        this.desk = desk;
        this.store = store;
        this.overlay = overlay;
        source = new BeatSource(desk, store);
        tapping = new Tapping(desk, store, source, () -> clock.seconds().orElse(source.seconds()));
    }

    /** @param clock tells what is heard at the moment of a tap */
    public static void addTo(Actions actions, Desk desk, SoundStore store, Clock clock, Overlay overlay) {
        var beats = new BeatActions(actions, desk, store, clock, overlay);
        beats.corrections();
        beats.uses();
    }

    /** The frames of all beats that are heard, and of the markers of the line-up, ascending. */
    static List<Integer> frames(Desk desk, SoundStore store) {
        Project project = desk.document().settled();
        TreeSet<Integer> frames = new TreeSet<>(store.beats(project).frames());
        project.markers().stream().map(Marker::at).forEach(frames::add);
        return List.copyOf(frames);
    }

    private void corrections() {
        Needs found = Needs.of(
                "a sound with beats in the Line-up", () -> source.grid().isPresent());
        actions.add(Menu.LINE_UP, "beats.tap", "Tap a beat", "R", DeskNeeds.sounds(desk), tapping::tap);
        actions.add(Menu.LINE_UP, "beats.edit", "Beats: tempo, place, bars…", "Alt+B", found, this::correct);
        correction("beats.half", "Half the tempo", found, BeatGrid::halved);
        correction("beats.double", "Twice the tempo", found, BeatGrid::doubled);
        correction(
                "beats.first",
                "A bar begins at the playhead",
                found,
                grid -> grid.withFirstAt(source.clip()
                        .map(clip -> BeatSource.inSound(clip, source.seconds()))
                        .orElse(0.0)));
        correction("beats.none", "Ignore this sound's beats", found, _ -> BeatGrid.NONE);
        actions.add(
                Menu.LINE_UP,
                "beats.found",
                "Restore detected beats",
                "",
                Needs.of(
                        "beats that were set by hand",
                        () -> source.media().flatMap(Media::beats).isPresent()),
                () -> source.media()
                        .ifPresent(media -> desk.document().apply(BeatEdits.set(media.id(), Optional.empty()))));
    }

    private void correction(String id, String words, Needs needs, UnaryOperator<BeatGrid> change) {
        actions.add(Menu.LINE_UP, id, words, "", needs, () -> source.media().ifPresent(media -> store.beats(media)
                .ifPresent(grid -> desk.document().apply(BeatEdits.set(media.id(), Optional.of(change.apply(grid)))))));
    }

    private void correct() {
        Optional<SoundClip> clip = source.clip();
        source.media().ifPresent(media -> store.beats(media).ifPresent(grid -> new BeatsPanel(
                        desk, overlay, media, grid, BeatSource.inSound(clip.orElseThrow(), source.seconds()))
                .open()));
    }

    private void uses() {
        Needs needs = Needs.of(
                "a selected shot, and beats or markers in the Line-up",
                () -> desk.cursor().selectedShot().isPresent() && hasBeats());
        actions.add(Menu.LINE_UP, "beats.cut", "Cut on beats…", "Alt+Shift+B", needs, () -> new CutPanel(
                        desk, store, overlay, chosen())
                .open());
        actions.add(Menu.LINE_UP, "beats.end", "End on the beat", "Alt+Shift+End", needs, () -> desk.document()
                .apply(BeatEdits.end(
                        chosen(),
                        frames(desk, store),
                        desk.preferences().lengthTiming().orElse(Timing.STRETCH))));
        actions.add(Menu.LINE_UP, "beats.pulse", "Keys on beats: a pulse", "", needs, () -> give(ReadyMove.PULSE));
        actions.add(
                Menu.LINE_UP,
                "beats.bars",
                "Keys on bars: a step closer with each",
                "",
                needs,
                () -> give(ReadyMove.BAR_BY_BAR));
        actions.add(Menu.LINE_UP, "beats.rig", "A rig over the shots that moves with each beat", "", needs, this::rig);
    }

    private boolean hasBeats() {
        Project project = desk.document().settled();
        return !project.markers().isEmpty() || !store.beats(project).isEmpty();
    }

    private Set<String> chosen() {
        return desk.cursor().selection().shots();
    }

    private void give(ReadyMove move) {
        Project project = desk.document().settled();
        take(ReadyEdits.plan(
                project, chosen(), move, MoveWish.USUAL, desk.preferences().limitPercent(), store.beats(project)));
    }

    private void take(ReadyEdits.Plan plan) {
        if (!plan.cameras().isEmpty()) {
            desk.document().apply(plan.edit());
        }
        plan.remarks().values().stream().findFirst().ifPresent(why -> desk.say("Note: " + why + "."));
    }

    /** Lays a rig and gives it its move, as one step. */
    private void rig() {
        Project project = desk.document().settled();
        Set<String> before = project.shots().stream().map(Shot::id).collect(Collectors.toSet());
        LineUpBeats heard = store.beats(project);
        Project rigged = RigEdits.lay(chosen()).apply(project);
        rigged.shots().stream()
                .filter(shot -> !before.contains(shot.id()))
                .findFirst()
                .ifPresent(rig -> {
                    ReadyEdits.Plan plan = ReadyEdits.plan(
                            rigged,
                            Set.of(rig.id()),
                            ReadyMove.PULSE,
                            MoveWish.USUAL,
                            desk.preferences().limitPercent(),
                            heard);
                    desk.document().apply(Edit.all("rig on beats", List.of(RigEdits.lay(chosen()), plan.edit())));
                    desk.cursor().select(Selection.shot(rig.id()));
                });
    }
}
