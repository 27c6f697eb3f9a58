package amberlens.core.edit.ready;

import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.marks.MarkReport;
import amberlens.core.judge.seal.MoveAside;
import amberlens.core.judge.seal.Seal;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.mark.Mark;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import java.util.Locale;
import java.util.Optional;

/** Ready moves, sealed. */
public final class ReadyMoves {
    private ReadyMoves() {}

    /**
     * What came of a ready move.
     *
     * @param camera the sealed move; empty when it cannot be sealed
     * @param reason why not, in words; what is to be known, for example that it enlarges the picture beyond the limit, else
     */
    public record Made(Optional<CameraTrack> camera, Optional<String> reason) {}

    /** A move for a stage. Where its turn or its way opens an edge, a lift closes it. */
    public static Made make(ReadyMove move, Stage stage, MoveWish wish) {
        CameraTrack draft = move.draft(stage, wish);
        return move.fills() ? sealed(draft, stage) : new Made(Optional.of(draft), Optional.empty());
    }

    /** A pan and zoom from one place of the picture to another. */
    public static Made between(Place from, Place to, Stage stage, MoveWish wish) {
        return sealed(ReadyMove.between(stage, wish, from, to).camera(stage, wish), stage);
    }

    /** Any move brought to a stage, sealed. */
    static Made sealed(CameraTrack draft, Stage stage) {
        if (stage.free()) {
            return new Made(Optional.of(draft), Optional.empty());
        }
        var take = new Take(draft, stage.length(), stage.picture(), stage.frame());
        Made made = sealed(take, stage.limitPercent());
        return made.camera().isEmpty() || stage.kept().isEmpty() ? made : keeping(made, take, stage);
    }

    /** With no mark cut at rests, if that can be. */
    private static Made keeping(Made made, Take draft, Stage stage) {
        Take take = draft.withCamera(made.camera().orElseThrow());
        return switch (MoveAside.of(take, true, stage.kept(), SealTerms.free())) {
            case SealResult.AlreadySealed _ -> made;
            case SealResult.Sealed aside -> new Made(Optional.of(aside.camera()), made.reason());
            case SealResult.Refused _ -> new Made(made.camera(), Optional.of(cut(take, stage)));
        };
    }

    /** Whether a move cuts a mark at rests that is to be kept. */
    public static boolean cuts(Stage stage, Made made) {
        if (stage.kept().isEmpty() || made.camera().isEmpty()) {
            return false;
        }
        var take = new Take(made.camera().get(), stage.length(), stage.picture(), stage.frame());
        return stage.kept().stream()
                .anyMatch(box -> !MarkReport.atRests(take, box).isKept());
    }

    private static String cut(Take take, Stage stage) {
        return stage.marks().stream()
                .filter(mark ->
                        mark.isKept() && !MarkReport.atRests(take, mark.box()).isKept())
                .findFirst()
                .map(mark -> "it cuts " + (mark.kind() == Mark.Kind.AREA ? "an " : "a ")
                        + mark.kind().word())
                .orElse("it cuts a mark");
    }

    /** A move that is lifted as far as it takes to seal it. */
    public static Made sealed(Take take, double limitPercent) {
        if (EdgeReport.of(take).isSealed()) {
            return new Made(Optional.of(take.camera()), enlarged(take, limitPercent));
        }
        return switch (Seal.by(SealWay.LIFT, take, SealTerms.free())) {
            case SealResult.Sealed sealed ->
                new Made(Optional.of(sealed.camera()), enlarged(take.withCamera(sealed.camera()), limitPercent));
            case SealResult.AlreadySealed _ -> new Made(Optional.of(take.camera()), Optional.empty());
            case SealResult.Refused refused -> new Made(Optional.empty(), Optional.of(refused.reason()));
        };
    }

    private static Optional<String> enlarged(Take take, double limitPercent) {
        double percent = Enlargement.greatest(take).percent();
        return Enlargement.isWithin(percent, limitPercent)
                ? Optional.empty()
                : Optional.of(String.format(
                        Locale.ROOT,
                        "it enlarges the picture to %.0f %%, above the limit of %.0f %%",
                        percent,
                        limitPercent));
    }
}
