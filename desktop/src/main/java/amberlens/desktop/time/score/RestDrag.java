package amberlens.desktop.time.score;

import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.RestEdits;
import amberlens.core.edit.edits.RestEdits.Following;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.Rest;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import java.util.Locale;
import javafx.scene.input.MouseEvent;

/** The grip of a framing's card drawn to the right: the camera rests there, and what follows is pushed on, or with shift squeezed. */
final class RestDrag extends EditDrag {
    private final Shot shot;
    private final int framing;
    private final Rest rest;
    private final double pressX;
    private final double perFrame;

    RestDrag(Desk desk, ScoreSurface surface, Shot shot, int framing, MouseEvent press) {
        super(desk);
        this.shot = shot;
        this.framing = framing;
        rest = Rest.at(shot.camera(), framing);
        pressX = press.getX();
        perFrame = surface.plan().perFrame();
    }

    @Override
    public void drag(MouseEvent event) {
        if (!rest.goesOn()) {
            desk.say("The camera rests at the last framing anyway, to the end of the shot.");
            return;
        }
        boolean squeezed = event.isShiftDown();
        int wanted = rest.was() + (int) Math.round((event.getX() - pressX) / perFrame);
        int most = squeezed ? rest.mostSqueezed(shot.lastFrame()) : Shot.LONGEST - shot.length() + rest.was();
        int frames = Math.clamp(wanted, 0, most);
        desk.cursor()
                .show(
                        RestEdits.rest(shot.id(), framing, frames, squeezed ? Following.SQUEEZED : Following.PUSHED),
                        new Selection.Framing(framing));
        FrameRate rate = desk.document().project().frame().rate();
        desk.say(String.format(
                Locale.ROOT,
                "Rest of %.2f s. What follows is %s.",
                rate.seconds(frames),
                squeezed ? "squeezed into the shot" : "pushed on; hold Shift to squeeze it instead"));
    }

    /** What was said is of the drag; once it has become a step, it is said of that. */
    @Override
    public void drop(MouseEvent event) {
        String said = desk.message();
        super.drop(event);
        desk.say("");
        desk.say(said);
    }

    @Override
    public void cancel() {
        super.cancel();
        desk.say("");
    }

    @Override
    public void click(MouseEvent event) {
        desk.cursor().select(new Selection.Framing(framing));
        desk.cursor().seekInShot(framing);
    }
}
