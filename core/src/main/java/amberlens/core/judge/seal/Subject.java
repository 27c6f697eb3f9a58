package amberlens.core.judge.seal;

import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.marks.MarkWish;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/**
 * What a seal is for: one move, whose values may change, and everything that is seen by it. Mostly that is the move's own take. A move
 * that others follow is sealed with theirs; a rig is sealed for the shots that it moves, and they are judged as they are seen.
 *
 * @param camera the move
 * @param frame in which its positions count, in frame pixels
 * @param ofRig whether it is the move of a rig, which zooms everything that is judged as a whole
 * @param alone whether one take by the move itself is all that is judged: what that shows at a moment is the move's pose then
 * @param judged what any such move leads to, always as many in the same order, at least one
 */
public record Subject(
        CameraTrack camera, Size frame, boolean ofRig, boolean alone, Function<CameraTrack, List<Judgement>> judged) {
    /** A move by which others are seen, too. */
    public Subject(CameraTrack camera, Size frame, boolean ofRig, Function<CameraTrack, List<Judgement>> judged) {
        this(camera, frame, ofRig, false, judged);
    }

    /**
     * One of the takes that are judged.
     *
     * @param whose the shot's name, to tell it from the one that is sealed; empty for that one
     * @param edges whether its edges count
     * @param wishes where boxes of its picture are to be
     */
    public record Judgement(String whose, Take take, boolean edges, List<MarkWish> wishes) {
        public Judgement {
            wishes = List.copyOf(wishes);
        }

        /** One whose edges are all that counts. */
        public Judgement(String whose, Take take) {
            this(whose, take, true, List.of());
        }

        /** Whether everything is where it is wished. */
        boolean keeps() {
            for (MarkWish wish : wishes) {
                for (double at : take.moments()) {
                    if (wish.counts(at) && !wish.holds(take.pose(at), take.frame())) {
                        return false;
                    }
                }
            }
            return true;
        }

        boolean isSealed() {
            return !edges || EdgeReport.of(take).isSealed();
        }

        /** A moment of it in words. */
        String frame(double at) {
            String number = at == Math.rint(at) ? String.valueOf((long) at) : String.format(Locale.ROOT, "%.2f", at);
            return "frame " + number + (whose.isEmpty() ? "" : " of " + whose);
        }
    }

    /** One take alone, whose edges count. */
    public static Subject of(Take take) {
        return of(take, true, List.of());
    }

    /**
     * One take alone.
     *
     * @param edges whether its edges count
     * @param wishes where boxes of its picture are to be
     */
    public static Subject of(Take take, boolean edges, List<MarkWish> wishes) {
        return new Subject(
                take.camera(),
                take.frame(),
                false,
                true,
                camera -> List.of(new Judgement("", take.withCamera(camera), edges, wishes)));
    }

    /** Without what boxes are wished to be. */
    Subject withoutWishes() {
        return new Subject(camera, frame, ofRig, alone, track -> judged.apply(track).stream()
                .map(one -> new Judgement(one.whose, one.take, one.edges, List.of()))
                .toList());
    }

    /** Whether everything is where it is wished, with a move. */
    boolean keeps(CameraTrack other) {
        return judged.apply(other).stream().allMatch(Judgement::keeps);
    }

    /** What is judged now. */
    List<Judgement> now() {
        return judged.apply(camera);
    }

    /** The same with another move to begin with. */
    Subject withCamera(CameraTrack other) {
        return new Subject(other, frame, ofRig, alone, judged);
    }
}
