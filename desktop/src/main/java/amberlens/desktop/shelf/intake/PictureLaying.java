package amberlens.desktop.shelf.intake;

import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.InsetEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * Makes shots of pictures, one after the other in their order, as one step. The new shots are selected then. Sounds among them become
 * clips of sound.
 */
public final class PictureLaying {
    private final Desk desk;
    private final Actions actions;
    private final Supplier<Refit> conform;
    private final SoundLaying sounds;
    private final Function<Media, List<Mark>> marks;
    private final Runnable then;

    /**
     * Lays pictures through the desk's document.
     *
     * @param conform how a picture is laid into the frame
     * @param sounds lays those that are only heard
     * @param marks what was found in a picture
     * @param then is called when new shots are there
     */
    public PictureLaying(
            Desk desk,
            Actions actions,
            Supplier<Refit> conform,
            SoundLaying sounds,
            Function<Media, List<Mark>> marks,
            Runnable then) {
        this.desk = desk;
        this.actions = actions;
        this.conform = conform;
        this.sounds = sounds;
        this.marks = marks;
        this.then = then;
    }

    /** Behind all shots of the first track. */
    public void atEnd(List<Media> media) {
        at(media, LineUp.track(desk.document().project(), 1).size());
    }

    /** Pictures at a place among the shots of the first track, sounds at the playhead. */
    public void at(List<Media> all, int place) {
        sounds.atPlayhead(heard(all));
        pictures(seen(all), place);
    }

    /** Likewise, sounds at a time of the line-up. */
    public void at(List<Media> all, int place, Seconds time) {
        sounds.at(heard(all), time);
        pictures(seen(all), place);
    }

    private static List<Media> heard(List<Media> all) {
        return all.stream().filter(media -> !media.isSeen()).toList();
    }

    private static List<Media> seen(List<Media> all) {
        return all.stream().filter(Media::isSeen).toList();
    }

    /**
     * Lays pictures in as insets over what lies there.
     *
     * @param time the frame of the line-up at which the first begins
     * @param track the lowest on which one may lie
     */
    public void insets(List<Media> all, int time, int track, InsetEdits.Order order) {
        List<Media> media =
                seen(all).stream().map(one -> one.withMarks(marks.apply(one))).toList();
        sounds.at(
                heard(all),
                Seconds.ofFrames(time, desk.document().project().frame().rate()));
        if (!media.isEmpty()) {
            apply(InsetEdits.lay(media, time, track, order));
        }
    }

    private void pictures(List<Media> media, int place) {
        if (media.isEmpty()) {
            return;
        }
        List<Edit> edits = new ArrayList<>();
        for (int i = 0; i < media.size(); i++) {
            edits.add(ShotEdits.add(media.get(i), conform.get(), place + i));
        }
        List<Shot> laid =
                apply(edits.size() == 1 ? edits.getFirst() : Edit.all("add " + media.size() + " shots", edits));
        if (laid.size() > 1) {
            desk.say(
                    laid.size() + " shots added to the Line-up.",
                    "Arrange their moves…",
                    () -> actions.run("move.arrange"));
        }
    }

    /** Makes shots, and selects them. */
    private List<Shot> apply(Edit laying) {
        Set<String> before =
                desk.document().project().shots().stream().map(Shot::id).collect(Collectors.toSet());
        desk.document().apply(laying);
        List<Shot> laid = LineUp.inTime(desk.document().project()).stream()
                .filter(shot -> !before.contains(shot.id()))
                .toList();
        if (!laid.isEmpty()) {
            Set<String> others =
                    new LinkedHashSet<>(laid.stream().skip(1).map(Shot::id).toList());
            desk.cursor().select(Selection.shot(laid.getFirst().id()).withOthers(others));
            desk.cursor().seek(laid.getFirst().start());
            then.run();
        }
        return laid;
    }
}
