package amberlens.desktop.picture.handling;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.motion.keys.ZoomAbout;
import amberlens.desktop.desk.state.Desk;

/** Lets the selected shot zoom about a point, and says what became of its position. */
public final class ZoomingAbout {
    private ZoomingAbout() {}

    public static void point(Desk desk, PicturePoint point) {
        desk.cursor().enterShot();
        desk.cursor().selectedShot().ifPresent(shot -> {
            desk.document().apply(CameraEdits.zoomAbout(shot.id(), desk.cursor().shotFrame(), point));
            boolean goes = desk.cursor()
                    .selectedShot()
                    .filter(now -> ZoomAbout.stillGoes(now.camera()))
                    .isPresent();
            desk.say(
                    goes
                            ? "The anchor is here now. The position still carries the picture on, so its keys stay."
                            : "The move zooms and turns about this point now.");
        });
    }
}
