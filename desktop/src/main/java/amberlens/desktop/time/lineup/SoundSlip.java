package amberlens.desktop.time.lineup;

import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.SoundClip;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import java.util.Locale;
import javafx.scene.input.MouseEvent;

/** The sound moved under its clip, by whole frames: dragged to the right, the clip plays an earlier part of it. */
final class SoundSlip extends EditDrag {
    private final SoundClip clip;
    private final LineUpLayout plan;
    private final double pressX;

    SoundSlip(Desk desk, LineUpSurface surface, SoundClip clip, double pressX) {
        super(desk);
        this.clip = clip;
        this.pressX = pressX;
        plan = surface.plan();
    }

    @Override
    public void drag(MouseEvent event) {
        long frames = Math.round((pressX - event.getX()) / plan.perFrame());
        desk.document()
                .show(SoundEdits.slip(
                        clip.id(),
                        Seconds.ofFrames(frames, plan.project().frame().rate())));
        desk.cursor().selectedSounds().stream()
                .findFirst()
                .ifPresent(now -> desk.say(String.format(
                        Locale.ROOT,
                        "The clip begins %.2f s into its sound.",
                        now.in().value())));
    }
}
