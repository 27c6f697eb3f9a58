package amberlens.core.edit.arrival;

import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.layering.Layering;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import java.util.Optional;
import java.util.Set;

/** Arrivals and departures given to shots. */
public final class ArrivalEdits {
    private ArrivalEdits() {}

    /** Lets shots arrive or leave; those that were to fill the frame need not any more. Rigs are left alone. */
    public static Edit give(Set<String> shotIds, Arrival how) {
        String name = how.way() == Way.NONE ? "no " + how.word() : how.word();
        return Edit.of(name, project -> {
            Project given = project;
            for (Shot shot : LineUpEdits.chosen(project, shotIds)) {
                if (!project.isRig(shot)) {
                    given = given.mapShot(shot.id(), _ -> with(project, shot, how));
                }
            }
            return given;
        });
    }

    private static Shot with(Project project, Shot shot, Arrival how) {
        Layering layering = shot.layering();
        Optional<Fade> before = how.leaves() ? layering.leave() : layering.enter();
        int frames = Arriving.frames(how, shot.length(), project.frame().rate());
        double fades = how.way().fades();
        Optional<Fade> fade = fades > 0
                ? Optional.of(Fade.over(Math.max(1, (int) Math.round(fades * frames))))
                : before.filter(own -> own.through().isPresent()); // one through a colour is somebody's own
        Shot moved = shot.withCamera(track(project, shot, how, before.isPresent()))
                .withLayering(how.leaves() ? layering.withLeave(fade) : layering.withEnter(fade));
        return how.way() == Way.NONE
                ? moved
                : moved.withSettings(moved.settings().withFillsFrame(false));
    }

    /** The camera of a shot with an arrival or a departure. */
    public static CameraTrack track(Project project, Shot shot, Arrival how) {
        return track(
                project,
                shot,
                how,
                (how.leaves() ? shot.layering().leave() : shot.layering().enter()).isPresent());
    }

    private static CameraTrack track(Project project, Shot shot, Arrival how, boolean faded) {
        return Arriving.at(
                shot.camera(),
                how,
                shot.length(),
                project.frame().rate(),
                project.mediaOf(shot).size(),
                project.frameSize(),
                faded);
    }
}
