package amberlens.core.edit.edits;

import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.AnchorMove;
import amberlens.core.motion.keys.KeyClip;
import amberlens.core.motion.keys.Pasting;
import amberlens.core.motion.pose.Depth;
import java.util.Map;

/** Copied keys laid into shots. */
public final class PasteEdits {
    private PasteEdits() {}

    /**
     * Pastes into several shots. Where an anchor comes without a position, the framings stay; with <em>keep inside</em> on no edge opens.
     *
     * @param sameLook whether the keys are fitted to each picture's size, rather than keep their numbers
     * @param frames the frame of each shot where the first key goes, by the shots' ids
     */
    public static Edit paste(KeyClip clip, Pasting how, boolean sameLook, Map<String, Integer> frames) {
        return Edit.of(how.words(), project -> {
            Project changed = project;
            for (var target : frames.entrySet()) {
                changed = changed.mapShot(
                        target.getKey(), shot -> pasted(project, shot, clip, how, sameLook, target.getValue()));
            }
            return changed;
        });
    }

    private static Shot pasted(Project project, Shot shot, KeyClip clip, Pasting how, boolean sameLook, int frame) {
        var picture = project.mediaOf(shot).size();
        KeyClip fitting = sameLook ? clip.fitted(picture, project.frameSize()) : clip;
        CameraTrack pasted = how.into(shot.camera(), fitting, frame);
        if (how == Pasting.EASES) {
            return shot.withCamera(pasted);
        }
        var setting = Depth.Setting.of(picture, project.frameSize());
        CameraTrack placed = AnchorMove.following(shot.camera(), pasted, clip.properties(), setting);
        Shot kind = clip.inset() ? shot.withSettings(shot.settings().withFillsFrame(false)) : shot;
        return kind.withCamera(Inside.kept(project, kind, placed));
    }
}
