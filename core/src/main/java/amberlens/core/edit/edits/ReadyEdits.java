package amberlens.core.edit.edits;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.ready.ArrangedMoves;
import amberlens.core.edit.ready.Direction;
import amberlens.core.edit.ready.Jolts;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.OwnMove;
import amberlens.core.edit.ready.Place;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.edit.ready.ReadyMoves;
import amberlens.core.edit.ready.Rhythm;
import amberlens.core.edit.ready.Stage;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.hearing.LineUpBeats;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pace.PaceReport;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;

/** Ready moves given to shots. What they will be is planned first, since some pictures may refuse. */
public final class ReadyEdits {
    private ReadyEdits() {}

    /**
     * Moves for shots, ready to be taken.
     *
     * @param cameras by the id of their shot
     * @param remarks by the id of the shot: why it gets none, or what is to be known of the one it gets
     * @param fills whether the moves are meant to fill the frame
     * @param wearing by the id of a shot that shows a title: how it comes and goes
     * @param behind what keeps them from seeing what is not there behind planes, after the moves
     */
    public record Plan(
            String name,
            Map<String, CameraTrack> cameras,
            Map<String, String> remarks,
            boolean fills,
            Map<String, TitleDressing> wearing,
            List<Edit> behind) {
        /** Puts the moves in force, as one step. */
        public Edit edit() {
            return Edit.all(
                    name, Stream.concat(Stream.of(moves()), behind.stream()).toList());
        }

        private Edit moves() {
            return Edit.of(
                    name,
                    project -> project.withShots(project.shots().stream()
                            .map(shot -> cameras.containsKey(shot.id()) ? moved(project, shot) : shot)
                            .toList()));
        }

        private Shot moved(Project project, Shot shot) {
            Shot moved = shot.withCamera(shot.camera().withMoveOf(cameras.get(shot.id())));
            TitleDressing dressing = wearing.get(shot.id());
            if (dressing != null) {
                return dressing.on(moved);
            }
            return fills || project.isTitle(shot)
                    ? moved
                    : moved.withSettings(moved.settings().withFillsFrame(false));
        }
    }

    /** What a ready move has to work with in a shot, where nothing is heard. */
    public static Stage stage(Project project, Shot shot, double limitPercent) {
        return stage(project, shot, limitPercent, LineUpBeats.NONE);
    }

    /** What a ready move has to work with in a shot: markers are beats, too. */
    public static Stage stage(Project project, Shot shot, double limitPercent, LineUpBeats heard) {
        return new Stage(
                project.mediaOf(shot).size(),
                project.frameSize(),
                shot.length(),
                project.frame().rate(),
                limitPercent,
                shot.settings().subject(),
                rhythm(project, shot, heard),
                project.mediaOf(shot).planes().stream()
                        .mapToDouble(Plane::distance)
                        .min(),
                project.mediaOf(shot).title().map(_ -> project.pose(shot, shot.lastFrame())),
                project.marks(shot));
    }

    private static Rhythm rhythm(Project project, Shot shot, LineUpBeats heard) {
        SortedSet<Integer> beats = markers(project, shot);
        beats.addAll(within(shot, heard.frames()));
        return new Rhythm(List.copyOf(beats), within(shot, heard.bars()));
    }

    /** Frames of the line-up as frames of a shot, where they are in it. */
    private static List<Integer> within(Shot shot, List<Integer> frames) {
        return frames.stream()
                .filter(shot.onLineUp()::contains)
                .map(at -> at - shot.start())
                .toList();
    }

    /** The same ready move for several shots, where nothing is heard. */
    public static Plan plan(Project project, Set<String> shotIds, ReadyMove move, MoveWish wish, double limitPercent) {
        return plan(project, shotIds, move, wish, limitPercent, LineUpBeats.NONE);
    }

    /** The same ready move for several shots. */
    public static Plan plan(
            Project project,
            Set<String> shotIds,
            ReadyMove move,
            MoveWish wish,
            double limitPercent,
            LineUpBeats heard) {
        Plan plan = plan(
                move.words().toLowerCase(Locale.ROOT),
                project,
                shotIds,
                shot -> stage(project, shot, limitPercent, heard),
                move.fills(),
                stage -> ReadyMoves.make(move, stage, wish));
        if (!move.ofTitles()) {
            return plan;
        }
        Map<String, TitleDressing> wearing = new LinkedHashMap<>();
        for (Shot shot : LineUpEdits.chosen(project, plan.cameras().keySet())) {
            wearing.put(shot.id(), TitleDressing.of(move, stage(project, shot, limitPercent, heard), wish, project));
        }
        return new Plan(plan.name(), plan.cameras(), plan.remarks(), false, wearing, List.of());
    }

    /**
     * A kept move for several shots.
     *
     * @param direction where the camera goes, or the inset, instead of where it went when the move was kept
     */
    public static Plan plan(
            Project project,
            Set<String> shotIds,
            OwnMove move,
            MoveWish wish,
            Optional<Direction> direction,
            double limitPercent) {
        return plan(
                "move \"" + move.name() + "\"",
                project,
                shotIds,
                plain(project, limitPercent),
                !move.inset(),
                stage -> move.make(stage, wish, direction));
    }

    /** A pan and zoom for a shot, from one place of its picture to another. */
    public static Plan between(
            Project project, String shotId, Place from, Place to, MoveWish wish, double limitPercent) {
        return plan(
                ReadyMove.PAN_AND_ZOOM.words().toLowerCase(Locale.ROOT),
                project,
                Set.of(shotId),
                plain(project, limitPercent),
                true,
                stage -> ReadyMoves.between(from, to, stage, wish));
    }

    /** Suitable moves for all of some shots, in order of time; titles stay as they are. */
    public static Plan arrange(Project project, Set<String> shotIds, long seed, double amount, double limitPercent) {
        return arrange(
                project,
                choices(project, shotIds, Map.of(), new ArrangedMoves(seed, amount), limitPercent),
                limitPercent,
                0);
    }

    /**
     * Which move each of some shots gets, in order of time; titles get none.
     *
     * @param locked the choices that stay
     */
    public static Map<String, ArrangedMoves.Choice> choices(
            Project project,
            Set<String> shotIds,
            Map<String, ArrangedMoves.Choice> locked,
            ArrangedMoves arrangement,
            double limitPercent) {
        Map<String, ArrangedMoves.Choice> choices = new LinkedHashMap<>();
        for (Shot shot : LineUpEdits.chosen(project, shotIds)) {
            ArrangedMoves.Choice kept = locked.get(shot.id());
            if (kept != null) {
                arrangement.keep(kept);
                choices.put(shot.id(), kept);
            } else if (!project.isTitle(shot)) {
                Stage stage = stage(project, shot, limitPercent);
                ArrangedMoves.Choice choice = uncut(stage, arrangement.next(stage));
                arrangement.keep(choice);
                choices.put(shot.id(), choice);
            }
        }
        return choices;
    }

    /** A choice, or the next of those that suit a picture which cuts no mark at rests. */
    private static ArrangedMoves.Choice uncut(Stage stage, ArrangedMoves.Choice choice) {
        ArrangedMoves.Choice tried = choice;
        for (int i = 0; i < ArrangedMoves.KINDS; i++) {
            if (!ReadyMoves.cuts(stage, ReadyMoves.make(tried.move(), stage, tried.wish()))) {
                return tried;
            }
            tried = tried.other(stage);
        }
        return choice;
    }

    /**
     * The moves of such choices.
     *
     * @param calm no move crosses the frame in fewer seconds than these, where less of it does; 0 for any
     */
    public static Plan arrange(
            Project project, Map<String, ArrangedMoves.Choice> choices, double limitPercent, double calm) {
        Map<String, CameraTrack> cameras = new LinkedHashMap<>();
        Map<String, String> remarks = new LinkedHashMap<>();
        choices.forEach((id, choice) -> {
            Shot shot = project.shot(id).orElseThrow();
            ReadyMoves.Made made = calmed(stage(project, shot, limitPercent), choice, calm);
            made.camera().ifPresent(camera -> cameras.put(id, camera));
            made.reason().ifPresent(reason -> remarks.put(id, reason));
        });
        return filling("arrange moves of " + choices.size() + " shots", project, cameras, remarks);
    }

    /** With less of the move where it would go faster than is wanted. */
    private static ReadyMoves.Made calmed(Stage stage, ArrangedMoves.Choice choice, double calm) {
        ReadyMoves.Made made = ReadyMoves.make(choice.move(), stage, choice.wish());
        if (calm <= 0 || made.camera().isEmpty()) {
            return made;
        }
        var take = new Take(made.camera().get(), stage.length(), stage.picture(), stage.frame());
        double across = PaceReport.of(take).greatest().crossingSeconds(stage.frame(), stage.rate());
        return across >= calm
                ? made
                : ReadyMoves.make(
                        choice.move(),
                        stage,
                        choice.wish().withAmount(Math.max(1, choice.wish().amount() * across / calm)));
    }

    /** Shots that are hit at each marker in them, or over them, on top of their moves. */
    public static Plan jolts(Project project, Set<String> shotIds, Jolts jolts, double limitPercent) {
        Map<String, CameraTrack> cameras = new LinkedHashMap<>();
        Map<String, String> remarks = new LinkedHashMap<>();
        for (Shot shot : LineUpEdits.chosen(project, shotIds)) {
            SortedSet<Integer> hits = markers(project, shot);
            if (hits.isEmpty()) {
                remarks.put(shot.id(), "it has no marker at which it could be hit");
                continue;
            }
            Size frame = project.frameSize();
            FrameRate rate = project.frame().rate();
            CameraTrack shaken = jolts.hit(shot.camera(), hits, shot.length(), rate, frame);
            ReadyMoves.Made made = project.judges(shot)
                    ? ReadyMoves.sealed(project.take(shot).withCamera(shaken), limitPercent)
                    : new ReadyMoves.Made(Optional.of(shaken), Optional.empty());
            made.camera().ifPresent(camera -> cameras.put(shot.id(), camera));
            made.reason().ifPresent(reason -> remarks.put(shot.id(), reason));
        }
        boolean fill = cameras.keySet().stream()
                .allMatch(id -> project.shot(id).orElseThrow().fillsFrame());
        return new Plan("jolts", cameras, remarks, fill, Map.of(), List.of());
    }

    private static SortedSet<Integer> markers(Project project, Shot shot) {
        var markers = new TreeSet<Integer>(
                within(shot, project.markers().stream().map(Marker::at).toList()));
        shot.markers().forEach(marker -> markers.add(marker.at()));
        return markers;
    }

    private static Function<Shot, Stage> plain(Project project, double limitPercent) {
        return shot -> stage(project, shot, limitPercent);
    }

    private static Plan plan(
            String name,
            Project project,
            Set<String> shotIds,
            Function<Shot, Stage> stages,
            boolean fills,
            Function<Stage, ReadyMoves.Made> make) {
        Map<String, CameraTrack> cameras = new LinkedHashMap<>();
        Map<String, String> remarks = new LinkedHashMap<>();
        for (Shot shot : LineUpEdits.chosen(project, shotIds)) {
            ReadyMoves.Made made = make.apply(stages.apply(shot));
            made.camera().ifPresent(camera -> cameras.put(shot.id(), camera));
            made.reason().ifPresent(reason -> remarks.put(shot.id(), reason));
        }
        return fills
                ? filling(name, project, cameras, remarks)
                : new Plan(name, cameras, remarks, fills, Map.of(), List.of());
    }

    private static Plan filling(
            String name, Project project, Map<String, CameraTrack> cameras, Map<String, String> remarks) {
        var plan = new Plan(name, cameras, remarks, true, Map.of(), List.of());
        return new Plan(name, cameras, remarks, true, Map.of(), behind(project, plan));
    }

    private static List<Edit> behind(Project project, Plan plan) {
        List<Edit> steps = new ArrayList<>();
        Project now = project;
        for (String id : plan.cameras().keySet()) {
            Shot before = project.shot(id).orElseThrow();
            if (project.isInPlanes(before)) {
                now = steps.isEmpty() ? plan.moves().apply(project) : now;
                Shot shot = now.shot(id).orElseThrow();
                Optional<PlaneSeal> planes = PlaneSeal.of(now, shot);
                if (planes.isPresent()) {
                    steps.add(planes.get().edit());
                    now = planes.get().edit().apply(now);
                }
            }
        }
        return steps;
    }
}
