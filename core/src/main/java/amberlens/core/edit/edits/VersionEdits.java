package amberlens.core.edit.edits;

import amberlens.core.model.project.Alternative;
import amberlens.core.model.project.Shot;
import java.util.ArrayList;

/** Versions of a shot's move, kept beside the one in use. */
public final class VersionEdits {
    private VersionEdits() {}

    /** Keeps the move as it is now as a version of its own; the shot goes on with an equal one. */
    public static Edit keep(String shotId) {
        return Edit.ofShot("keep version", shotId, shot -> {
            var versions = new ArrayList<>(shot.settings().alternatives());
            versions.addFirst(new Alternative(nextName(shot), shot.camera()));
            return shot.withSettings(shot.settings().withAlternatives(versions));
        });
    }

    /** Takes the version in front into use and puts the move in its place behind all others; again and again, all come round. */
    public static Edit next(String shotId) {
        return Edit.ofShot("switch version", shotId, shot -> {
            var versions = new ArrayList<>(shot.settings().alternatives());
            if (versions.isEmpty()) {
                return shot;
            }
            Alternative taken = versions.removeFirst();
            versions.add(taken.withCamera(shot.camera()));
            return shot.withCamera(taken.camera().withLooksOf(shot.camera()))
                    .withSettings(shot.settings().withAlternatives(versions));
        });
    }

    /** Forgets the version in front. */
    public static Edit forget(String shotId) {
        return Edit.ofShot("discard version", shotId, shot -> {
            var versions = new ArrayList<>(shot.settings().alternatives());
            if (!versions.isEmpty()) {
                versions.removeFirst();
            }
            return shot.withSettings(shot.settings().withAlternatives(versions));
        });
    }

    /** A letter from B on: A is the move in use. */
    private static String nextName(Shot shot) {
        int kept = shot.settings().alternatives().size();
        return kept < 25 ? String.valueOf((char) ('B' + kept)) : "B" + kept;
    }
}
