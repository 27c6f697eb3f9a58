package amberlens.desktop.time.lineup;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.SoundClip;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import java.util.Locale;
import javafx.scene.input.MouseEvent;

/** The handle of a fade dragged: it fades in or out for longer, by whole frames. */
final class SoundFade extends EditDrag {
    private final LineUpSurface surface;
    private final SoundClip clip;
    private final boolean atStart;

    SoundFade(Desk desk, LineUpSurface surface, SoundClip clip, boolean atStart) {
        super(desk);
        this.surface = surface;
        this.clip = clip;
        this.atStart = atStart;
    }

    @Override
    public void drag(MouseEvent event) {
        FrameRate rate = desk.document().project().frame().rate();
        double at = surface.plan().sounds().seconds(event.getX());
        double wanted = atStart ? at - clip.start().value() : clip.end().value() - at;
        Seconds other = atStart ? clip.leave() : clip.enter();
        double room = clip.length().value() - other.value();
        long frames = Math.max(0, Math.round(Math.clamp(wanted, 0, Math.max(0, room)) * rate.perSecond()));
        Seconds fade = Seconds.ofFrames(frames, rate);
        desk.document()
                .show(SoundEdits.setFades(clip.id(), atStart ? fade : clip.enter(), atStart ? clip.leave() : fade));
        desk.say(String.format(Locale.ROOT, "Fades %s over %.2f s.", atStart ? "in" : "out", fade.value()));
    }
}
