package amberlens.desktop.dialogs.arrange;

import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.ready.ArrangedMoves;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.edit.ready.Stage;
import amberlens.core.judge.marks.MarkReport;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.mark.Aim;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * An arrangement that was worked out and not done yet.
 *
 * @param plan what it would do
 * @param cards by the id of their shot, in order of time
 */
record Arranged(ReadyEdits.Plan plan, Map<String, Card> cards) {
    /** How many poses a card shows of its way. */
    private static final int POSES = 25;

    /**
     * How an arrangement is wished.
     *
     * @param strength per cent of the usual moves
     * @param calm no move crosses the frame in fewer seconds, 0 for any
     * @param kinds of how many kinds
     */
    record Taste(double strength, double calm, int kinds) {}

    /**
     * What one shot would get.
     *
     * @param poses of its way, at equal distances in time
     * @param aim what it aims at, in words
     * @param marked whether that is a mark
     * @param percent the greatest enlargement
     * @param cuts whether a mark would be cut at rests
     * @param refusal why it gets no move
     */
    record Card(
            Shot shot,
            ArrangedMoves.Choice choice,
            List<Pose> poses,
            String aim,
            boolean marked,
            double percent,
            boolean cuts,
            Optional<String> refusal) {}

    static Arranged of(
            Project project,
            Set<String> shots,
            Map<String, ArrangedMoves.Choice> locked,
            Taste taste,
            long seed,
            double limit) {
        var arrangement = new ArrangedMoves(seed, taste.strength(), taste.kinds());
        return of(project, ReadyEdits.choices(project, shots, locked, arrangement, limit), taste, limit);
    }

    /** The same with other choices. */
    static Arranged of(Project project, Map<String, ArrangedMoves.Choice> choices, Taste taste, double limit) {
        ReadyEdits.Plan plan = ReadyEdits.arrange(project, choices, limit, taste.calm());
        Map<String, Card> cards = new LinkedHashMap<>();
        choices.forEach(
                (id, choice) -> cards.put(id, card(project, project.shot(id).orElseThrow(), choice, plan, limit)));
        return new Arranged(plan, cards);
    }

    private static Card card(
            Project project, Shot shot, ArrangedMoves.Choice choice, ReadyEdits.Plan plan, double limit) {
        Stage stage = ReadyEdits.stage(project, shot, limit);
        Optional<CameraTrack> camera = Optional.ofNullable(plan.cameras().get(shot.id()));
        List<Pose> poses = new ArrayList<>();
        double percent = 0;
        boolean cuts = false;
        if (camera.isPresent()) {
            var take = new Take(camera.get(), shot.length(), stage.picture(), stage.frame());
            for (int i = 0; i < POSES; i++) {
                poses.add(take.pose((shot.length() - 1.0) * i / (POSES - 1)));
            }
            percent = Enlargement.greatest(take).percent();
            cuts = stage.marks().stream()
                    .anyMatch(mark -> mark.isKept()
                            && !MarkReport.atRests(take, mark.box()).isKept());
        }
        return new Card(
                shot,
                choice,
                poses,
                aim(stage, choice),
                stage.aim().isPresent() && aims(choice.move()),
                percent,
                cuts,
                camera.isPresent()
                        ? Optional.empty()
                        : Optional.ofNullable(plan.remarks().get(shot.id())));
    }

    private static boolean aims(ReadyMove move) {
        return move != ReadyMove.SWEEP;
    }

    private static String aim(Stage stage, ArrangedMoves.Choice choice) {
        ReadyMove move = choice.move();
        if (stage.subject().isPresent() && aims(move)) {
            return "to the subject point";
        }
        Optional<Aim> aim = stage.aim().filter(_ -> aims(move));
        if (aim.isPresent()) {
            boolean away = move == ReadyMove.PULL_OUT || move == ReadyMove.REVEAL;
            boolean keeping = move.directed();
            return (away ? "from " : keeping ? "with " : "to ") + aim.get().words() + (keeping ? " in the frame" : "");
        }
        return move.directed() ? choice.wish().direction().name().toLowerCase(Locale.ROOT) : "about the middle";
    }

    /** What is to be known of all of it. */
    String words(double limit) {
        long refused = cards.values().stream()
                .filter(card -> card.refusal().isPresent())
                .count();
        long soft = cards.values().stream()
                .filter(card -> !Enlargement.isWithin(card.percent(), limit))
                .count();
        long cut = cards.values().stream().filter(Card::cuts).count();
        return (refused == 0 ? "Every move is sealed. " : refused + " cannot be given. ")
                + (soft == 0 ? "None is soft. " : soft + (soft == 1 ? " is soft. " : " are soft. "))
                + (cut == 0 ? "No mark is cut." : cut + (cut == 1 ? " cuts a mark." : " cut a mark."));
    }

    /** The marks of a shot's picture that matter, for its card. */
    static List<Mark> marks(Project project, Shot shot) {
        List<Mark> marks =
                project.marks(shot).stream().filter(mark -> !mark.isRefused()).toList();
        return marks.stream().anyMatch(Mark::isKept)
                ? marks.stream().filter(Mark::isKept).toList()
                : marks;
    }
}
