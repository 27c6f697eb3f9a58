package amberlens.core.edit;

import amberlens.core.edges.Judged;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Ride;
import amberlens.core.seal.Seal;
import amberlens.core.seal.SealResult;
import amberlens.core.seal.SealTerms;
import amberlens.core.seal.SealWay;
import java.util.TreeSet;

/** Seals of shots, as they are judged and with their locked framings. */
public final class SealEdits {
    private SealEdits() {}

    /** What a seal of one shot of a project gives; a shot that is not meant to fill the frame counts as sealed. */
    public static SealResult seal(Project project, Shot shot, SealWay way, SealTerms terms) {
        return seal(project.judged(shot), project.ride(shot), shot, way, terms);
    }

    /** Likewise, judged by something else than the project would, for example by a mask. */
    public static SealResult seal(Judged judged, Ride ride, Shot shot, SealWay way, SealTerms terms) {
        if (!shot.fillsFrame()) {
            return new SealResult.AlreadySealed();
        }
        var locked = new TreeSet<>(terms.locked());
        locked.addAll(shot.settings().locked().subSet(0, shot.length()));
        SealResult result = Seal.by(way, judged.take(shot.camera(), shot.length(), ride), terms.withLocked(locked));
        return result instanceof SealResult.Sealed sealed
                ? new SealResult.Sealed(judged.back(sealed.camera()), sealed.cost(), sealed.addedKey())
                : result;
    }

    /** Puts a sealed move in force. */
    public static Edit accept(Shot shot, SealWay way, SealResult.Sealed sealed) {
        return ShotEdits.setCamera(
                "seal by " + way.words().toLowerCase(java.util.Locale.ROOT), shot.id(), sealed.camera());
    }
}
