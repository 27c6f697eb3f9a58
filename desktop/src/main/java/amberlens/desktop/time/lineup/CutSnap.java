package amberlens.desktop.time.lineup;

import amberlens.core.model.hearing.LineUpBeats;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;

/** The frames that the ends of dragged shots catch on: other cuts, ends of sounds, beats, markers, the playhead, the start. */
final class CutSnap {
    private static final double REACH = 8;

    private final Desk desk;
    private final TreeSet<Integer> frames = new TreeSet<>();

    /**
     * @param beats that are heard
     * @param moved shots and clips of sound that do not catch on themselves
     */
    CutSnap(Desk desk, LineUpBeats beats, Set<String> moved) {
        this.desk = desk;
        frames.addAll(beats.frames());
        Project project = desk.document().settled();
        project.shots().stream().filter(shot -> !moved.contains(shot.id())).forEach(shot -> {
            frames.add(shot.start());
            frames.add(shot.start() + shot.length());
        });
        project.sounds().stream().filter(clip -> !moved.contains(clip.id())).forEach(clip -> {
            frames.add((int) Math.round(clip.start().frames(project.frame().rate())));
            frames.add((int) Math.round(clip.end().frames(project.frame().rate())));
        });
        project.markers().stream().map(Marker::at).forEach(frames::add);
        frames.add(0);
        frames.add(desk.cursor().playhead());
    }

    /** How far a frame, and another one, have to go on so that one of them catches; empty when none is near. */
    OptionalInt correction(int first, int second, double perFrame) {
        if (!desk.preferences().snapping()) {
            return OptionalInt.empty();
        }
        int best = Integer.MAX_VALUE;
        for (int end : new int[] {first, second}) {
            for (Integer near : new Integer[] {frames.floor(end), frames.ceiling(end)}) {
                if (near != null && Math.abs(near - end) < Math.abs(best)) {
                    best = near - end;
                }
            }
        }
        return best != Integer.MAX_VALUE && Math.abs(best) * perFrame <= REACH
                ? OptionalInt.of(best)
                : OptionalInt.empty();
    }
}
