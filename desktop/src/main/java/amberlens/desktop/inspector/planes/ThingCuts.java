package amberlens.desktop.inspector.planes;

import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Shot;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import amberlens.media.marks.PersonMask;
import amberlens.media.planes.ThingCut;
import java.util.Optional;
import java.util.function.Function;

/** Outlines that are found in the background and become planes. */
final class ThingCuts {
    private ThingCuts() {}

    /** Looks for one, and cuts it out if the picture is the same by then. */
    static void find(Desk desk, Services services, Shot shot, Function<Pyramid, Optional<ThingCut.Found>> finding) {
        Media media = PlaneCuts.media(desk, shot);
        desk.say("Looking for its outline …");
        services.background()
                .start(Work.of(
                        () -> finding.apply(services.cache()
                                .request(new PictureRef.Whole(media))
                                .get()),
                        found -> taken(desk, shot, media, found)));
    }

    private static void taken(Desk desk, Shot shot, Media media, Optional<ThingCut.Found> found) {
        boolean same = desk.document()
                .project()
                .media(media.id())
                .filter(media::equals)
                .isPresent();
        if (found.isEmpty()) {
            desk.say("No outline was found there. Draw closer around it, or outline it by hand (Alt+P).");
        } else if (!same) {
            desk.say("The picture changed meanwhile. Draw around it again.");
        } else {
            PlaneCuts.cut(
                    desk, shot, found.get().outline(), Optional.of(found.get().soft()));
        }
    }

    /** A person or a face of the picture, ready cut; what is selected, or else what is found first. */
    static Optional<Mark> person(Desk desk, Services services) {
        return PlaneCuts.shot(desk).flatMap(shot -> {
            var marks = services.marks().of(PlaneCuts.media(desk, shot)).stream()
                    .filter(mark ->
                            !mark.isRefused() && (mark.kind() == Mark.Kind.PERSON || mark.kind() == Mark.Kind.FACE))
                    .toList();
            return desk.tools()
                    .marks()
                    .selected()
                    .flatMap(chosen -> marks.stream()
                            .filter(mark -> mark.id().equals(chosen.mark()))
                            .findFirst())
                    .or(() -> marks.stream()
                            .filter(mark -> mark.kind() == Mark.Kind.PERSON)
                            .findFirst())
                    .or(() -> marks.stream().findFirst());
        });
    }

    static void cutPerson(Desk desk, Services services, Mark mark) {
        PlaneCuts.shot(desk)
                .ifPresent(shot -> find(
                        desk,
                        services,
                        shot,
                        picture ->
                                ThingCut.inBox(picture, mark.box(), Optional.of(PersonMask.of(picture, mark.box())))));
    }
}
