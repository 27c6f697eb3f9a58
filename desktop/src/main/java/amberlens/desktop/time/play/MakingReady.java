package amberlens.desktop.time.play;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.PlayTally;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.work.pictures.MadeReady;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.util.Duration;

/**
 * Makes what is going to be played ready: the loop, the selected shots or the shot at the playhead, when that is asked for, and by itself
 * when nothing has been done for two seconds. Whatever is done comes first.
 */
public final class MakingReady implements Subscription {
    private static final Duration IDLE = Duration.seconds(2);

    /** What nobody has done. */
    private static final Set<Change> BY_ITSELF =
            EnumSet.of(Change.PICTURES, Change.MARKS, Change.SOUNDS, Change.EXPORTS, Change.MESSAGE, Change.FILE);

    private final Desk desk;
    private final MadeReady ready;
    private final PauseTransition idle = new PauseTransition(IDLE);
    private final Subscription subscription;
    private boolean asked;
    private boolean played;

    public MakingReady(Desk desk, MadeReady ready) {
        this.desk = desk;
        this.ready = ready;
        idle.setOnFinished(_ -> begin());
        subscription = desk.subscribe(this::changed);
    }

    public void addTo(Actions actions) {
        actions.add(
                Menu.PLAY,
                "play.ready",
                "Make ready",
                () -> ready.isMaking() ? "Stop making ready" : "Make ready",
                "Shift+Space",
                DeskNeeds.shots(desk),
                this::toggle);
    }

    private void toggle() {
        if (ready.isMaking()) {
            asked = false;
            ready.stop();
            desk.say("What is ready stays ready.");
            return;
        }
        asked = true;
        begin();
        desk.say("Making " + words() + " ready …");
    }

    private String words() {
        Optional<FrameSpan> range = desk.cursor().transport().range();
        long shots = selected().count();
        return range.isPresent() ? "the loop" : shots > 1 ? shots + " shots" : "the shot";
    }

    private Stream<Shot> selected() {
        Project project = desk.document().project();
        return desk.cursor().selection().shots().stream().flatMap(id -> project.shot(id).stream());
    }

    /** The frames that are going to be played. */
    private Optional<FrameSpan> span() {
        Project project = desk.document().project();
        int last = LineUp.length(project) - 1;
        if (last < 0) {
            return Optional.empty();
        }
        Optional<FrameSpan> range = desk.cursor().transport().range();
        if (range.isPresent()) {
            return range.map(chosen -> new FrameSpan(Math.min(chosen.from(), last), Math.min(chosen.to(), last)));
        }
        Optional<FrameSpan> shots = selected().map(Shot::onLineUp).reduce(FrameSpan::with);
        return shots.or(() -> LineUp.at(project, desk.cursor().playhead()).stream()
                .map(Shot::onLineUp)
                .reduce(FrameSpan::with));
    }

    private void begin() {
        boolean free = !desk.cursor().transport().playing() && !desk.document().showing();
        if (free && (asked || desk.preferences().makesReady())) {
            span().ifPresent(span ->
                    ready.make(desk.document().project(), span, desk.cursor().playhead(), this::done));
        }
    }

    private void done() {
        if (asked) {
            asked = false;
            desk.say("Ready: every frame plays.");
        }
    }

    private void changed(Changes changes) {
        if (changes.contains(Change.PROJECT)) {
            ready.look(desk.document().project());
        }
        boolean playing = desk.cursor().transport().playing();
        if (changes.contains(Change.PLAYING)) {
            tell(playing);
        }
        if (playing) {
            ready.stop();
            idle.stop();
        } else if (!changes.only(BY_ITSELF)) {
            ready.stop();
            idle.playFromStart();
        }
    }

    /** Says so where playing has left out frames. */
    private void tell(boolean playing) {
        boolean ended = played && !playing;
        played = playing;
        PlayTally tally = desk.cursor().transport().tally();
        int left = tally.wanted() - tally.inTime();
        if (ended && desk.cursor().transport().speed() == 1 && tally.wanted() >= 25 && left > tally.wanted() / 10) {
            desk.say("Played " + tally.inTime() + " of " + tally.wanted() + " frames in time.");
        }
    }

    @Override
    public void close() {
        idle.stop();
        subscription.close();
    }
}
