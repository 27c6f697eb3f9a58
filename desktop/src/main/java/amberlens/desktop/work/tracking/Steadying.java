package amberlens.desktop.work.tracking;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.words.Counted;
import amberlens.core.base.words.Figures;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.Steady;
import amberlens.core.edit.edits.Tracked;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.work.background.Work;
import amberlens.media.track.GroundTracker;
import java.util.Optional;

/** Holds footage still that was shot from an almost still camera. Lives on the interface thread. */
final class Steadying {
    private static final double PERCENT = 100;

    private final Desk desk;
    private final FootageLook look;

    Steadying(Desk desk, FootageLook look) {
        this.desk = desk;
        this.look = look;
    }

    /** Looks how the ground of a shot's footage moves, and puts a move in force that holds it. */
    void hold(Shot shot) {
        Project project = desk.document().project();
        Media media = project.mediaOf(shot);
        FrameSpan within = Tracked.sourceFrames(project, shot);
        look.start(new FootageLook.Errand(
                media,
                within,
                "Measuring camera shake",
                false,
                (frames, progress) -> new GroundTracker(frames).track(media.size(), within, progress),
                (ground, _) -> desk.document().settled().shot(shot.id()).ifPresent(now -> hold(now, ground))));
    }

    private void hold(Shot shot, Track ground) {
        Project project = desk.document().settled();
        look.work(Work.of(
                () -> Steady.of(project, shot, ground),
                steady -> take(shot, steady),
                why -> desk.say("Not stabilised: " + why + (why.endsWith(".") ? "" : "."))));
    }

    private void take(Shot shot, Steady steady) {
        boolean same = desk.document().settled().shot(shot.id()).equals(Optional.of(shot));
        if (!same || desk.document().showing()) {
            desk.say("Not stabilised: the shot was changed meanwhile; try again.");
            return;
        }
        desk.document().apply(ShotEdits.setCamera("stabilise footage", shot.id(), steady.camera()));
        desk.say(words(steady));
    }

    private static String words(Steady steady) {
        String cost = steady.closer() > 1
                ? "sealed by going " + Figures.fixed(PERCENT * (steady.closer() - 1), 1) + " % closer"
                : "close enough to stay sealed";
        String guessed = steady.unsure() > 0 ? " In " + Counted.of(steady.unsure(), "frame") + " it is uncertain." : "";
        return "Stabilised with " + Counted.of(steady.keys(), "key") + ": it was up to "
                + Figures.fixed(steady.shake(), 0) + " px off; " + cost + "." + guessed;
    }
}
