package amberlens.desktop.dialogs.delivery;

import amberlens.core.base.words.Counted;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.delivery.Reframe;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Finds framings for a delivery in the background and puts them in force as one step. */
final class Reframing {
    private final Desk desk;
    private final Services services;

    Reframing(Desk desk, Services services) {
        this.desk = desk;
        this.services = services;
    }

    /** The shots that follow their one move in a delivery. */
    static List<Shot> following(Project project, Delivery delivery) {
        return project.shots().stream()
                .filter(shot -> !shot.settings().deliveries().containsKey(delivery.id()))
                .filter(project::judges)
                .toList();
    }

    /**
     * Reframes shots of the project.
     *
     * @param then runs when it is done, on the interface thread
     */
    void reframe(Delivery delivery, List<Shot> shots, Runnable then) {
        if (shots.isEmpty()) {
            desk.say("Every shot that fills the frame has framings of its own in " + delivery.name() + " already.");
            then.run();
            return;
        }
        Project whole = desk.document().whole();
        desk.say("Reframing " + Counted.of(shots.size(), "shot") + " for " + delivery.name() + " …");
        Work.Compute<List<Reframe.Result>> reframed = () -> {
            var reframe = new Reframe(whole, delivery, SealTerms.free());
            return shots.parallelStream().map(reframe::of).toList();
        };
        services.background()
                .start(Work.of(reframed, results -> accept(delivery, Set.copyOf(shots), results))
                        .takesLong()
                        .atEnd(then));
    }

    /** Shots that were changed in the meantime stay as they are. */
    private void accept(Delivery delivery, Set<Shot> asked, List<Reframe.Result> results) {
        Project now = desk.document().whole();
        List<Reframe.Framed> framed = new ArrayList<>();
        List<String> told = new ArrayList<>();
        for (Reframe.Result result : results) {
            now.shot(result.shotId()).filter(asked::contains).ifPresent(shot -> {
                switch (result) {
                    case Reframe.Framed found -> framed.add(found);
                    case Reframe.Refused refused -> told.add("\"" + shot.name() + "\": " + refused.reason());
                    case Reframe.Unneeded _ -> {}
                }
            });
        }
        if (!framed.isEmpty()) {
            desk.document().applyToWhole(DeliveryEdits.reframe(delivery.id(), framed));
        }
        String done = Counted.of(framed.size(), "shot") + " reframed for " + delivery.name() + ", sealed.";
        desk.say(
                told.isEmpty()
                        ? done
                        : (framed.isEmpty() ? "" : done + " ") + "Not reframed: " + String.join("; ", told) + ".");
    }
}
