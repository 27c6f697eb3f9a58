package amberlens.core.edit.edits;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.function.ToDoubleFunction;

/**
 * Makes the moves of some shots alike. Each keeps its framings' times, its legs and the place half-way; how far it slides and zooms becomes
 * that of the middle one of the set, and its direction as it is wished. Every move is sealed; one that cannot be stays as it is.
 */
public final class EvenSet {
    /** What is made the same. */
    public enum Match {
        PACE("pace: longer shots go further"),
        STRENGTH("strength: all go equally far");

        private final String words;

        Match(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Where they go. */
    public enum Course {
        OWN("each keeps its own"),
        SAME("all like the first"),
        ALTERNATING("alternating");

        private final String words;

        Course(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What comes of it.
     *
     * @param edit all moves as one step
     * @param made the shots whose moves changed
     * @param refusals a line for each shot that stays as it is although it moves
     */
    public record Plan(Edit edit, Set<String> made, List<String> refusals) {}

    private final Project project;
    private final Match match;
    private final Course course;
    private final double amount;

    /** @param percent of the middle move, above 0 */
    public EvenSet(Project project, Match match, Course course, double percent) {
        if (!(percent > 0 && percent <= 500)) {
            throw new IllegalArgumentException("An amount above 0 and at most 500 % is expected.");
        }
        this.project = project;
        this.match = match;
        this.course = course;
        amount = percent / 100;
    }

    /** The shots of a set that can be made alike, in order of time: judged pictures that move and do not lean. */
    public static List<Shot> members(Project project, Set<String> shotIds) {
        return LineUp.inTime(project).stream()
                .filter(shot -> shotIds.contains(shot.id()))
                .filter(project::judges)
                .filter(shot -> !shot.camera().hasDepth() && !shot.camera().flies())
                .filter(shot -> !MoveSummary.of(project, shot).isStill())
                .toList();
    }

    /** Makes some shots alike; may take a second or so for each. */
    public Plan plan(Set<String> shotIds) {
        List<Shot> shots = members(project, shotIds);
        double slide = middle(shots, gist -> gist.slides() ? share(gist.slide(), gist) : Double.NaN);
        double zoom = middle(shots, gist -> gist.zooms() ? share(Math.abs(gist.zoom()), gist) : Double.NaN);
        List<Edit> edits = new ArrayList<>();
        Set<String> made = new LinkedHashSet<>();
        List<String> refusals = new ArrayList<>();
        MoveSummary leader = shots.isEmpty() ? null : MoveSummary.of(project, shots.getFirst());
        for (int i = 0; i < shots.size(); i++) {
            Shot shot = shots.get(i);
            MoveSummary gist = MoveSummary.of(project, shot);
            double times = match == Match.PACE ? gist.seconds() : 1;
            MoveSummary wanted =
                    directed(gist, leader == null ? gist : leader, i, slide * times * amount, zoom * times * amount);
            Optional<String> why = Optional.empty();
            try {
                CameraTrack alike = alike(shot, gist, wanted);
                why = sealed(shot, alike, edits);
            } catch (IllegalArgumentException e) {
                why = Optional.of(String.valueOf(e.getMessage()));
            }
            if (why.isPresent()) {
                refusals.add("\"" + shot.name() + "\": " + why.get());
            } else {
                made.add(shot.id());
            }
        }
        return new Plan(Edit.all("even out moves", edits), Set.copyOf(made), refusals);
    }

    private double share(double whole, MoveSummary gist) {
        return match == Match.PACE ? whole / gist.seconds() : whole;
    }

    private double middle(List<Shot> shots, ToDoubleFunction<MoveSummary> number) {
        double[] sorted = shots.stream()
                .map(shot -> MoveSummary.of(project, shot))
                .mapToDouble(number)
                .filter(found -> !Double.isNaN(found))
                .sorted()
                .toArray();
        return sorted.length == 0 ? 0 : (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2;
    }

    /** A move that slides or zooms goes on doing so; only how far and where to changes. */
    private MoveSummary directed(MoveSummary own, MoveSummary leader, int place, double slide, double zoom) {
        boolean back = course == Course.ALTERNATING && place % 2 == 1;
        MoveSummary from = course == Course.OWN || !leader.slides() ? own : leader;
        double length = own.slides() ? slide : 0;
        double sign = back ? -1 : 1;
        double across = from.slides() ? sign * length * from.across() / from.slide() : 0;
        double down = from.slides() ? sign * length * from.down() / from.slide() : 0;
        double way =
                course == Course.OWN || !leader.zooms() ? Math.signum(own.zoom()) : sign * Math.signum(leader.zoom());
        return new MoveSummary(across, down, own.zooms() ? way * zoom : 0, own.seconds());
    }

    /** The move with another gist around the same place half-way. */
    private CameraTrack alike(Shot shot, MoveSummary own, MoveSummary wanted) {
        CameraTrack camera = shot.camera();
        if (camera.scale().axes().isPresent() || camera.position().axes().isPresent()) {
            throw new IllegalArgumentException("scale or position has keys for each axis; link its axes first");
        }
        Size frame = project.frameSize();
        Pose first = project.pose(shot, 0);
        Pose last = project.pose(shot, shot.lastFrame());
        PicturePoint from = first.gateCentre(frame);
        PicturePoint to = last.gateCentre(frame);
        double halfway = Math.sqrt(first.scale().factorX() * last.scale().factorX());
        double middleX = (from.x() + to.x()) / 2;
        double middleY = (from.y() + to.y()) / 2;
        double times = own.slides() ? wanted.slide() / own.slide() : 0;
        double turn = own.slides() && wanted.slide() > 0
                ? Math.atan2(wanted.down(), wanted.across()) - Math.atan2(own.down(), own.across())
                : 0;
        double power = own.zooms() ? wanted.zoom() / own.zoom() : 0;
        SortedSet<Integer> frames = camera.keyFrames();
        Channel<Scale> scale = camera.scale();
        Channel<FramePoint> position = camera.position();
        for (int at : frames) {
            scale = scale.animated() ? KeyInsertion.at(scale, at) : scale;
            position = position.animated() ? KeyInsertion.at(position, at) : position;
        }
        for (int at : frames) {
            Pose pose = project.pose(shot, at);
            double grown = Math.pow(pose.scale().factorX() / halfway, power - 1);
            Scale newScale = pose.scale().times(grown);
            PicturePoint centre = pose.gateCentre(frame);
            double x = centre.x() - middleX;
            double y = centre.y() - middleY;
            var newCentre = new PicturePoint(
                    middleX + times * (x * Math.cos(turn) - y * Math.sin(turn)),
                    middleY + times * (x * Math.sin(turn) + y * Math.cos(turn)));
            FramePoint off =
                    pose.withScale(newScale).withPosition(FramePoint.ZERO).toFrame(newCentre);
            scale = scale.animated() ? scale.withValueAt(at, newScale) : scale;
            position = keyed(position, scale, frames)
                    .withValueAt(at, frame.centre().minus(off));
        }
        return camera.withScale(scale).withPosition(position);
    }

    /** A position that stood still has to follow when the scale changes about another place. */
    private static Channel<FramePoint> keyed(
            Channel<FramePoint> position, Channel<Scale> scale, SortedSet<Integer> frames) {
        if (position.animated()) {
            return position;
        }
        return Channel.keyed(
                position.kind(),
                frames.stream()
                        .map(at -> Key.of(at, position.constant(), legAt(scale, at)))
                        .toList());
    }

    private static Leg legAt(Channel<Scale> scale, int at) {
        return scale.keyAt(at).map(Key::leg).orElse(Leg.LINEAR);
    }

    private Optional<String> sealed(Shot shot, CameraTrack alike, List<Edit> edits) {
        Shot moved = shot.withCamera(alike);
        Project now = project.mapShot(shot.id(), _ -> moved);
        return switch (SealEdits.leastOrLift(now, moved, SealTerms.free())) {
            case SealResult.AlreadySealed _ -> accepted(shot, alike, edits);
            case SealResult.Sealed closed -> accepted(shot, closed.camera(), edits);
            case SealResult.Refused refused -> Optional.of(refused.reason());
        };
    }

    private static Optional<String> accepted(Shot shot, CameraTrack camera, List<Edit> edits) {
        edits.add(ShotEdits.setCamera("even out move", shot.id(), camera));
        return Optional.empty();
    }
}
