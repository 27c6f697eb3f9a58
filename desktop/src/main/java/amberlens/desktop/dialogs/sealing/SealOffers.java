package amberlens.desktop.dialogs.sealing;

import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Ride;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What each way of sealing gives for one state of a shot. */
record SealOffers(Question question, Map<SealWay, SealResult> results) {
    /**
     * What was asked for.
     *
     * @param project as it is without any preview
     * @param by what edges are judged by
     */
    record Question(Project project, Shot shot, UnaryOperator<Judged> by, Judged judged, Ride ride, SealTerms terms) {
        boolean sameAs(Question other) {
            boolean alone = SealEdits.concerned(project, shot).equals(List.of(shot));
            return (alone || project == other.project)
                    && shot.camera() == other.shot.camera()
                    && shot.length() == other.shot.length()
                    && shot.settings().equals(other.shot.settings())
                    && shot.looks().equals(other.shot.looks())
                    && shot.id().equals(other.shot.id())
                    && judged.equals(other.judged)
                    && ride.equals(other.ride)
                    && terms.equals(other.terms);
        }
    }

    /** Tries every way; takes its time. */
    static SealOffers of(Question question) {
        Map<SealWay, SealResult> results = new EnumMap<>(SealWay.class);
        for (SealWay way : SealWay.values()) {
            results.put(way, SealEdits.seal(question.project(), question.shot(), way, question.terms(), question.by()));
        }
        return new SealOffers(question, results);
    }

    Optional<SealResult.Sealed> sealed(SealWay way) {
        return results.get(way) instanceof SealResult.Sealed sealed ? Optional.of(sealed) : Optional.empty();
    }

    /** The way that changes least. */
    Optional<SealWay> best() {
        return results.keySet().stream()
                .filter(way -> sealed(way).isPresent())
                .min(Comparator.comparingDouble(
                        way -> sealed(way).orElseThrow().cost().measure()));
    }

    boolean alreadySealed() {
        return results.values().stream().allMatch(SealResult.AlreadySealed.class::isInstance);
    }
}
