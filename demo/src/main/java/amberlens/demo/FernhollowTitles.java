package amberlens.demo;

import amberlens.core.colour.Colour;
import amberlens.core.edit.LookEdits;
import amberlens.core.edit.ReadyEdits;
import amberlens.core.edit.TitleEdits;
import amberlens.core.geometry.FramePoint;
import amberlens.core.look.LookDraft;
import amberlens.core.look.LookKinds;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.CameraTrack;
import amberlens.core.ready.ReadyMove;
import amberlens.core.ready.Wish;
import amberlens.core.title.Align;
import amberlens.core.title.Title;
import java.util.Set;

/** The title of the pond: it slides in from the left, rests over the water with a soft shadow, and fades. */
final class FernhollowTitles {
    private static final int START = 890;
    private static final int LENGTH = 125;

    /** Where the left end of its lines stands, in frame pixels: within the safe area for titles. */
    private static final FramePoint LEFT = new FramePoint(150, 850);

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
        Project moved = ReadyEdits.plan(placed, Set.of(shot.id()), ReadyMove.SLIDE_IN, Wish.USUAL, 110)
                .edit()
                .apply(placed);
        var shadow = new LookDraft(moved.mediaOf(shot).size(), moved.frameSize(), LENGTH)
                .add(LookKinds.SHADOW)
                .set(LookKinds.SHADOW_OFFSET, new FramePoint(3, 4))
                .set(LookKinds.SHADOW_SIGMA, 6.0)
                .set(LookKinds.SHADOW_OPACITY, 80.0);
        return LookEdits.add(Set.of(shot.id()), shadow.named("Shadow")).apply(moved);
    }
}
