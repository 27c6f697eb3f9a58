package amberlens.demo;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.edit.arrival.Arrival;
import amberlens.core.edit.arrival.ArrivalEdits;
import amberlens.core.edit.arrival.Way;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.edit.edits.TitleEdits;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.title.Align;
import amberlens.core.material.title.Title;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import java.util.Set;

/** The title of the pond: it slides in from the left, rests over the water with a soft shadow, and fades. */
final class FernhollowTitles {
    private static final int START = 890;
    private static final int LENGTH = 125;

    /** Where the left end of its lines stands, in frame pixels: within the safe area for titles. */
    private static final FramePoint LEFT = new FramePoint(150, 730);

    private FernhollowTitles() {}

    static Project over(Project film) {
        Title title = Title.of("The mill pond\nspring to autumn")
                .withSize(92)
                .withLineSpacing(1.1)
                .withAlign(Align.LEFT)
                .withColour(new Colour(0xF6F1E6));
        Project titled = TitleEdits.add(title, START).apply(film);
        Shot shot = titled.shots().getLast();
        var half = new FramePoint(titled.mediaOf(shot).size().width() / 2.0, 0);
        Project placed = titled.mapShot(shot.id(), found -> found.withLength(LENGTH)
                .withCamera(CameraTrack.still(found.camera().at(0).withPosition(LEFT.plus(half)))));
        Project arrived =
                ArrivalEdits.give(Set.of(shot.id()), Arrival.USUAL.lasting(1.1)).apply(placed);
        Project moved = ArrivalEdits.give(
                        Set.of(shot.id()),
                        Arrival.USUAL.with(Way.FADED).lasting(0.5).leaving(true))
                .apply(arrived);
        var shadow = new LookDraft(moved.mediaOf(shot).size(), moved.frameSize(), LENGTH)
                .add(LookKinds.SHADOW)
                .set(LookKinds.SHADOW_OFFSET, new FramePoint(3, 4))
                .set(LookKinds.SHADOW_SIGMA, 6.0)
                .set(LookKinds.SHADOW_OPACITY, 80.0);
        return LookEdits.add(Set.of(shot.id()), shadow.named("Shadow")).apply(moved);
    }
}
