package amberlens.desktop.time.hearing;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.sounds.SoundStore;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The actions on sounds: clips, levels, ducking, and the sound of footage. */
public final class SoundActions {
    private final Actions actions;
    private final Desk desk;
    private final SoundStore store;
    private final Background background;
    private final Overlay overlay;

    private SoundActions(Actions actions, Desk desk, SoundStore store, Background background, Overlay overlay) {
        this.actions = actions;
        this.desk = desk;
        this.store = store;
        this.background = background;
        this.overlay = overlay;
    }

    public static void addTo(Actions actions, Desk desk, SoundStore store, Background background, Overlay overlay) {
        var sounds = new SoundActions(actions, desk, store, background, overlay);
        sounds.clips();
        sounds.levels();
        sounds.listening();
        sounds.footage();
    }

    private void clips() {
        Needs sound = DeskNeeds.sound(desk);
        actions.add(
                Menu.LINE_UP,
                "sound.split",
                "Split the sounds at the playhead",
                "Alt+J",
                Needs.of("the playhead inside a clip of sound", () -> !under().isEmpty()),
                this::split);
        actions.add(Menu.LINE_UP, "sound.copy", "Duplicate the sounds after", "Alt+D", sound, this::copy);
        actions.add(Menu.LINE_UP, "sound.later", "Move the sounds one frame later", "", sound, () -> nudge(1));
        actions.add(Menu.LINE_UP, "sound.earlier", "Move the sounds one frame earlier", "", sound, () -> nudge(-1));
        actions.add(
                Menu.LINE_UP,
                "sound.mute",
                "Mute the sounds",
                () -> chosen().stream().allMatch(SoundClip::mute) ? "Unmute the sounds" : "Mute the sounds",
                "Alt+M",
                sound,
                () -> mute(ids()));
        actions.add(
                Menu.LINE_UP,
                "sound.mute-track",
                "Mute the track of the sound",
                () -> track().stream().allMatch(SoundClip::mute) ? "Unmute the track" : "Mute the track",
                "",
                sound,
                () -> mute(track().stream().map(SoundClip::id).collect(Collectors.toSet())));
    }

    private void levels() {
        Needs sound = DeskNeeds.sound(desk);
        actions.add(Menu.LINE_UP, "sound.level", "Level, fades and position…", "Alt+L", sound, () -> LevelPanel.of(
                        desk, overlay)
                .ifPresent(panel -> overlay.show(panel, overlay::close)));
        actions.add(
                Menu.LINE_UP,
                "sound.key",
                "Key of the level at the playhead",
                "Alt+Enter",
                Needs.of("the playhead inside the selected sound", () -> chosen().stream()
                        .anyMatch(this::isUnder)),
                this::key);
        actions.add(
                Menu.LINE_UP,
                "sound.duck",
                "Lower music under a voice…",
                "",
                Needs.of(
                        "sounds on two tracks",
                        () -> SoundEdits.tracks(desk.document().project()) > 1),
                () -> new DuckPanel(desk, store, background, overlay).open());
        actions.add(Menu.LINE_UP, "sound.even", "Match loudness…", "", sound, () -> new EvenLoudnessPanel(
                        desk, store, background, overlay)
                .open());
        actions.add(
                Menu.LINE_UP, "sound.master", "Level of all sounds…", "", DeskNeeds.sounds(desk), () -> new MasterPanel(
                                desk, overlay)
                        .open());
    }

    private void listening() {
        Needs sound = DeskNeeds.sound(desk);
        actions.add(
                Menu.LINE_UP,
                "sound.solo",
                "Solo these sounds",
                () -> desk.tools().solo().isAny() ? "Solo these sounds, or end solo" : "Solo these sounds",
                "Alt+S",
                sound,
                () -> desk.tools().solo().toggle(ids()));
        actions.add(Menu.LINE_UP, "sound.solo-track", "Solo the track", "", sound, () -> chosen().stream()
                .findFirst()
                .ifPresent(clip -> desk.tools().solo().toggle(clip.track())));
        actions.add(
                Menu.PLAY,
                "play.scrub-sound",
                "Sound while scrubbing",
                () -> "Now: " + (desk.preferences().soundsWhileScrubbing() ? "sound" : "no sound")
                        + " while scrubbing (switch)",
                "",
                Needs.NOTHING,
                () -> desk.prefer(to -> to.setSoundsWhileScrubbing(!to.soundsWhileScrubbing())));
    }

    private void footage() {
        Needs sounding =
                Needs.of("a selected shot of a film", () -> films().findAny().isPresent());
        actions.add(
                Menu.LINE_UP,
                "sound.heard",
                "Mute or unmute the footage",
                () -> films().allMatch(shot -> shot.settings().heard())
                        ? "Mute the sound of the footage"
                        : "Unmute the sound of the footage",
                "",
                sounding,
                this::toggleFootage);
        actions.add(Menu.LINE_UP, "sound.detach", "Detach the footage's sound", "", sounding, this::detach);
    }

    private Stream<Shot> films() {
        return desk.document().project().shots().stream()
                .filter(shot -> desk.cursor().selection().includes(shot.id()))
                .filter(shot -> desk.document().project().mediaOf(shot).sounds());
    }

    private void toggleFootage() {
        boolean heard = films().allMatch(shot -> shot.settings().heard());
        Set<String> shots = films().map(Shot::id).collect(Collectors.toSet());
        desk.document().apply(SoundEdits.setHeard(shots, !heard));
    }

    private void detach() {
        for (Shot shot : films().toList()) {
            Optional<String> refusal = Hearing.undetachable(desk.document().project(), shot);
            if (refusal.isPresent()) {
                desk.say("The sound of " + shot.name() + " stays with it: " + refusal.get() + ".");
            } else {
                desk.document().apply(SoundEdits.detach(shot.id()));
            }
        }
    }

    private List<SoundClip> chosen() {
        return desk.cursor().selectedSounds();
    }

    private Set<String> ids() {
        return desk.cursor().selection().sounds();
    }

    /** All clips on the track of the first selected one. */
    private List<SoundClip> track() {
        return chosen().stream()
                .limit(1)
                .flatMap(first ->
                        desk.document().project().sounds().stream().filter(clip -> clip.track() == first.track()))
                .toList();
    }

    private FrameRate rate() {
        return desk.document().project().frame().rate();
    }

    private Seconds playhead() {
        return Seconds.ofFrames(desk.cursor().playhead(), rate());
    }

    private boolean isUnder(SoundClip clip) {
        return clip.start().compareTo(playhead()) <= 0 && playhead().compareTo(clip.end()) < 0;
    }

    /** Of the selected clips those under the playhead, or all that are there. */
    private List<SoundClip> under() {
        List<SoundClip> all = desk.document().project().sounds().stream()
                .filter(clip -> isUnder(clip) && clip.start().compareTo(playhead()) < 0)
                .toList();
        List<SoundClip> selected =
                all.stream().filter(clip -> ids().contains(clip.id())).toList();
        return selected.isEmpty() ? all : selected;
    }

    private void split() {
        Set<String> before = all();
        desk.document()
                .apply(Edit.all(
                        "split sounds",
                        under().stream()
                                .map(clip -> SoundEdits.split(clip.id(), playhead()))
                                .toList()));
        selectNew(before);
    }

    private void copy() {
        Set<String> before = all();
        desk.document().apply(SoundEdits.copy(ids()));
        selectNew(before);
    }

    private Set<String> all() {
        return desk.document().project().sounds().stream().map(SoundClip::id).collect(Collectors.toSet());
    }

    private void selectNew(Set<String> before) {
        Set<String> made = all();
        made.removeAll(before);
        if (!made.isEmpty()) {
            desk.cursor().select(new Selection.Sounds(made));
        }
    }

    private void nudge(int frames) {
        desk.document().apply(SoundEdits.move(ids(), Seconds.ofFrames(frames, rate()), 0));
    }

    private void mute(Set<String> clips) {
        boolean muted =
                SoundEdits.chosen(desk.document().project(), clips).stream().allMatch(SoundClip::mute);
        desk.document().apply(SoundEdits.mute(clips, !muted));
    }

    private void key() {
        chosen().stream().filter(this::isUnder).findFirst().ifPresent(clip -> {
            int at = (int) Math.round(playhead().minus(clip.start()).frames(rate()));
            Channel<Double> level = clip.level();
            desk.document().apply(SoundEdits.setLevel("key level", clip.id(), KeyInsertion.at(level, at)));
            desk.cursor().select(new Selection.LevelKeys(clip.id(), Set.of(at)));
        });
    }
}
