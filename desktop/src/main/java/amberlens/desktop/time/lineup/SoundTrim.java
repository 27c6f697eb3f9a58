package amberlens.desktop.time.lineup;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.SoundClip;
import amberlens.desktop.desk.state.Desk;
import java.util.Set;
import javafx.scene.input.MouseEvent;

/** An end of a clip of sound dragged, frame by frame: it begins or ends earlier or later, what is heard at each time stays. */
final class SoundTrim extends SnapDrag {
    private final SoundClip clip;
    private final boolean atStart;
    private final double pressX;

    SoundTrim(Desk desk, LineUpSurface surface, SoundClip clip, boolean atStart, double pressX) {
        super(desk, surface, Set.of(clip.id()));
        this.clip = clip;
        this.atStart = atStart;
        this.pressX = pressX;
    }

    @Override
    public void drag(MouseEvent event) {
        FrameRate rate = plan.project().frame().rate();
        Seconds end = atStart ? clip.start() : clip.end();
        long frame = Math.round(end.frames(rate) + (event.getX() - pressX) / plan.perFrame());
        Seconds time = Seconds.ofFrames(frame + caught((int) frame), rate);
        desk.document()
                .show(atStart ? SoundEdits.trimStart(clip.id(), time, rate) : SoundEdits.trimEnd(clip.id(), time));
    }
}
