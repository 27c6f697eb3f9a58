package amberlens.core.edit.edits;

import amberlens.core.model.lineup.Joining;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.lineup.Row;
import amberlens.core.model.lineup.ShotCuts;
import amberlens.core.model.project.FreshIds;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Changes of where shots lie and how they are cut. */
public final class LineUpEdits {
    /** The greatest number of a track. */
    public static final int TOP_TRACK = 1000;

    private LineUpEdits() {}

    /**
     * Moves shots in time and to other tracks, their distances kept, as far as there is room at the start and the bottom.
     *
     * @param byFrames later
     * @param byTracks up
     */
    public static Edit move(Set<String> shotIds, int byFrames, int byTracks, Laying laying) {
        return Edit.of(shotIds.size() == 1 ? "move shot" : "move " + shotIds.size() + " shots", project -> {
            List<Shot> moved = chosen(project, shotIds);
            if (moved.isEmpty()) {
                return project;
            }
            int time = Math.max(
                    byFrames, -moved.stream().mapToInt(Shot::start).min().orElse(0));
            int tracks = Math.clamp(
                    byTracks,
                    1 - moved.stream().mapToInt(Shot::track).min().orElse(1),
                    TOP_TRACK - moved.stream().mapToInt(Shot::track).max().orElse(1));
            return laying == Laying.OVERWRITE
                    ? overwritten(project, shotIds, moved, time, tracks)
                    : rippled(project, shotIds, moved, time, tracks);
        });
    }

    private static Project overwritten(Project project, Set<String> ids, List<Shot> moved, int time, int tracks) {
        Project cleared = project;
        List<Shot> laid = new ArrayList<>();
        for (Shot shot : moved) {
            Shot there = shot.withStart(shot.start() + time).withTrack(shot.track() + tracks);
            cleared = Row.cleared(cleared, there.track(), there.onLineUp(), ids);
            laid.add(there);
        }
        return Row.with(cleared, laid);
    }

    /**
     * The shots are taken out and the gaps they leave close; then room is made for them at the cut that is nearest to where their
     * beginning was put. Of several on one track a block is made.
     */
    private static Project rippled(Project project, Set<String> ids, List<Shot> moved, int time, int tracks) {
        Project out = Row.without(project, ids);
        for (Shot shot : moved.reversed()) {
            out = Row.shifted(out, shot.track(), shot.start(), -shot.length(), Set.of());
        }
        List<Shot> laid = new ArrayList<>();
        for (int track : new TreeSet<>(moved.stream().map(Shot::track).toList())) {
            List<Shot> block =
                    moved.stream().filter(shot -> shot.track() == track).toList();
            int length = block.stream().mapToInt(Shot::length).sum();
            int put = block.getFirst().start() + time;
            boolean behindItself = tracks == 0 && time > 0;
            int start = Row.nearestCut(
                    out,
                    track + tracks,
                    behindItself ? put - length + block.getFirst().length() : put);
            out = Row.shifted(out, track + tracks, start, length, Set.of());
            int at = start;
            for (Shot shot : block) {
                laid.add(shot.withStart(at).withTrack(track + tracks));
                at += shot.length();
            }
        }
        return Row.with(out, laid);
    }

    /**
     * Moves the first frame of a shot; its move stays where it is in time.
     *
     * @param by frames later, less than its length
     */
    public static Edit trimStart(String shotId, int by, Laying laying) {
        return Edit.of("trim shot", project -> project.shot(shotId)
                .map(shot -> {
                    int most = laying == Laying.OVERWRITE ? -shot.start() : -Shot.LONGEST;
                    int least = Math.max(most, earliest(project, shot));
                    int frames = Math.clamp(by, Math.min(0, least), shot.length() - 1);
                    Shot cut = ShotCuts.withoutFirst(project, shot, frames);
                    if (laying == Laying.OVERWRITE) {
                        return Row.with(
                                Row.cleared(project, shot.track(), cut.onLineUp(), Set.of(shotId)), List.of(cut));
                    }
                    Project shifted = Row.shifted(project, shot.track(), shot.start() + 1, -frames, Set.of(shotId));
                    return Row.with(shifted, List.of(cut.withStart(shot.start())));
                })
                .orElse(project));
    }

    /** How far a shot can begin earlier before its footage has begun. */
    private static int earliest(Project project, Shot shot) {
        return project.sourceTime(shot)
                .map(time -> {
                    double perFrame = time.place(0) - time.place(-1);
                    return perFrame > 0 ? -(int) Math.floor(shot.source().in() / perFrame + 1e-9) : -Shot.LONGEST;
                })
                .orElse(-Shot.LONGEST);
    }

    /** Moves the last frame of a shot, its move kept in time. */
    public static Edit trimEnd(String shotId, int by, Laying laying) {
        return Edit.of("trim shot", project -> project.shot(shotId)
                .map(shot -> {
                    Shot cut = ShotCuts.ofLength(shot, Math.max(1, shot.length() + by));
                    Project room = laying == Laying.OVERWRITE
                            ? Row.cleared(project, shot.track(), cut.onLineUp(), Set.of(shotId))
                            : Row.shifted(
                                    project,
                                    shot.track(),
                                    shot.start() + 1,
                                    cut.length() - shot.length(),
                                    Set.of(shotId));
                    return Row.with(room, List.of(cut));
                })
                .orElse(project));
    }

    /** Moves the footage under a shot, by frames of the footage. */
    public static Edit slip(String shotId, double by) {
        return Edit.of("slip footage", project -> project.mapShot(shotId, shot -> ShotCuts.slipped(project, shot, by)));
    }

    /** Cuts shots in two at a frame of the line-up; those that it does not cut stay. */
    public static Edit split(Set<String> shotIds, int frame) {
        return Edit.of("split", project -> {
            Project cut = project;
            for (Shot shot : chosen(project, shotIds)) {
                int at = frame - shot.start();
                if (at >= 1 && at < shot.length()) {
                    String id = freshShotId(cut);
                    ShotCuts.Halves halves = ShotCuts.split(project, shot, at, id);
                    cut = Row.with(cut, List.of(halves.first(), halves.second()));
                }
            }
            return cut;
        });
    }

    private static String freshShotId(Project project) {
        return FreshIds.next("s", project.shots().stream().map(Shot::id).collect(Collectors.toSet()));
    }

    /**
     * Joins a shot with the following one of its track.
     *
     * @throws IllegalArgumentException by the edit, when they cannot be joined; it says why
     */
    public static Edit join(String firstId, String secondId) {
        return Edit.of("join shots", project -> {
            Shot first = project.shot(firstId).orElseThrow();
            Shot second = project.shot(secondId).orElseThrow();
            Shot joined = Joining.join(project, first, second);
            return Row.with(Row.without(project, Set.of(secondId)), List.of(joined));
        });
    }

    /** Puts copies of shots behind them; what comes later moves along. */
    public static Edit duplicate(Set<String> shotIds) {
        return Edit.of(shotIds.size() == 1 ? "copy shot" : "copy " + shotIds.size() + " shots", project -> {
            Project grown = project;
            for (int track : new TreeSet<>(
                    chosen(project, shotIds).stream().map(Shot::track).toList())) {
                List<Shot> block = chosen(project, shotIds).stream()
                        .filter(shot -> shot.track() == track)
                        .toList();
                int from = block.getFirst().start();
                int end = block.getLast().start() + block.getLast().length();
                grown = Row.shifted(grown, track, end, end - from, Set.of());
                for (Shot shot : block) {
                    Shot copy = shot.withId(freshShotId(grown)).withStart(shot.start() + end - from);
                    grown = Row.with(grown, List.of(copy));
                }
            }
            return grown;
        });
    }

    /** Removes shots, and closes the gaps they leave or not. */
    public static Edit delete(Set<String> shotIds, Laying laying) {
        return Edit.of(shotIds.size() == 1 ? "delete shot" : "delete " + shotIds.size() + " shots", project -> {
            Project rest = project;
            for (Shot shot : chosen(project, shotIds).reversed()) {
                rest = Row.without(rest, Set.of(shot.id()));
                if (laying == Laying.RIPPLE) {
                    rest = Row.shifted(rest, shot.track(), shot.start(), -shot.length(), Set.of());
                }
            }
            return rest;
        });
    }

    /** Closes all gaps of a track; dissolves stay as long as they are. */
    public static Edit closeGaps(int track) {
        return Edit.of("close gaps", project -> {
            List<Shot> laid = new ArrayList<>();
            int end = 0;
            int shift = 0;
            for (Shot shot : LineUp.track(project, track)) {
                shift += Math.max(0, shot.start() - shift - end);
                Shot there = shot.withStart(shot.start() - shift);
                end = Math.max(end, there.start() + there.length());
                laid.add(there);
            }
            return Row.with(project, laid);
        });
    }

    /** Gives shots one length each; later shots of their tracks move along. */
    public static Edit setLengths(Set<String> shotIds, int length, ShotEdits.Timing timing) {
        return Edit.of("change shot lengths", project -> {
            Project fitted = project;
            for (Shot shot : chosen(project, shotIds)) {
                fitted = ShotEdits.setLength(shot.id(), Math.clamp(length, 1, Shot.LONGEST), timing)
                        .apply(fitted);
            }
            return fitted;
        });
    }

    /** Stretches shots together so that they last a number of frames, each in proportion. */
    public static Edit fitTotal(Set<String> shotIds, int frames, ShotEdits.Timing timing) {
        return Edit.of("fit to total time", project -> {
            List<Shot> shots = chosen(project, shotIds);
            long whole = shots.stream().mapToLong(Shot::length).sum();
            Project fitted = project;
            long before = 0;
            for (Shot shot : shots) {
                long from = Math.round((double) frames * before / whole);
                before += shot.length();
                long to = Math.round((double) frames * before / whole);
                int length = Math.clamp(to - from, 1, Shot.LONGEST);
                fitted = ShotEdits.setLength(shot.id(), length, timing).apply(fitted);
            }
            return fitted;
        });
    }

    /** The shots with these ids, in order of time. */
    public static List<Shot> chosen(Project project, Set<String> shotIds) {
        var ids = new HashSet<>(shotIds);
        return LineUp.inTime(project).stream()
                .filter(shot -> ids.contains(shot.id()))
                .toList();
    }
}
