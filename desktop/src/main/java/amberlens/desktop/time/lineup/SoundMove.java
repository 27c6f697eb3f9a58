package amberlens.desktop.time.lineup;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.SoundClip;
import amberlens.desktop.desk.state.Desk;
import java.util.Set;
import javafx.scene.input.MouseEvent;

/** Clips of sound dragged in time and from track to track, by whole frames. A double-click goes to where one begins. */
final class SoundMove extends SnapDrag {
    private final SoundClip clip;
    private final Set<String> moved;
    private final SoundRows rows;
    private final double pressX;

    SoundMove(Desk desk, LineUpSurface surface, SoundClip clip, MouseEvent press) {
        super(desk, surface, Set.copyOf(desk.cursor().selection().sounds()));
        this.clip = clip;
        pressX = press.getX();
        moved = Set.copyOf(desk.cursor().selection().sounds());
        rows = plan.sounds();
    }

    @Override
    public void drag(MouseEvent event) {
        FrameRate rate = rows.project().frame().rate();
        double start = clip.start().frames(rate);
        double end = clip.end().frames(rate);
        double by = Math.rint((event.getX() - pressX) / plan.perFrame());
        by += caught((int) Math.round(start + by), (int) Math.round(end + by));
        Seconds time = isCaught() ? ontoFrames(start, end, (int) by, rate) : Seconds.ofFrames((long) by, rate);
        desk.document().show(SoundEdits.move(moved, time, rows.track(event.getY()) - clip.track()));
    }

    /** So far that the end that was caught stands on a frame exactly, also where the clip does not begin on one. */
    private Seconds ontoFrames(double start, double end, int by, FrameRate rate) {
        boolean onStart = Math.abs(start - Math.rint(start)) <= Math.abs(end - Math.rint(end));
        return onStart
                ? Seconds.ofFrames(Math.round(start) + by, rate).minus(clip.start())
                : Seconds.ofFrames(Math.round(end) + by, rate).minus(clip.end());
    }

    @Override
    public void click(MouseEvent event) {
        if (event.getClickCount() == 2) {
            desk.cursor().seek((int)
                    Math.round(clip.start().frames(rows.project().frame().rate())));
        }
    }
}
