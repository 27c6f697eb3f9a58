package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.List;
import java.util.Optional;

/**
 * Where the shots lie in the Line-up band, in its own pixels.
 *
 * @param width of the band
 * @param height of the band
 * @param from the line-up frame at the left end, which may be fractional
 * @param shown how many frames are shown
 * @param open whether there is a row above all others, for what is dropped
 */
record LineUpLayout(Project project, double width, double height, double from, double shown, boolean open) {
    static final double LEFT = 88;
    static final double RIGHT = 28;
    static final double AIR = 5;

    /** The height that the band takes for so many tracks. */
    private static final double ONE_TRACK = 62;

    private static final double MORE_TRACK = 22;

    /** How many times as high as others the first track is. */
    private static final double FIRST = 1.7;

    private static final double HIGHEST = 190;

    /** What the names of markers need above the rows. */
    private static final double NAMES = 12;

    /** Each row of sounds. */
    private static final double SOUND = 25;

    private static final double HIGHEST_SOUNDS = 150;

    /** Everything at once. */
    LineUpLayout(Project project, double width, double height) {
        this(project, width, height, 0, wholeFrames(project), false);
    }

    /** All frames in which a shot or a sound lies, at least one. */
    static double wholeFrames(Project project) {
        double heard = project.sounds().stream()
                .mapToDouble(clip -> clip.end().frames(project.frame().rate()))
                .max()
                .orElse(0);
        return Math.max(1, Math.max(LineUp.length(project), Math.ceil(heard)));
    }

    static double bandHeight(Project project, boolean open) {
        return ofShots(project, open) + ofSounds(project);
    }

    private static double ofShots(Project project, boolean open) {
        return Math.min(HIGHEST, ONE_TRACK + MORE_TRACK * (rows(project, open) - 1) + names(project));
    }

    private static int rows(Project project, boolean open) {
        return LineUp.tracks(project) + (open ? 1 : 0);
    }

    private static double names(Project project) {
        return project.markers().isEmpty() ? 0 : NAMES;
    }

    private int rows() {
        return rows(project, open);
    }

    /** The top of the uppermost row. */
    private double above() {
        return AIR + names(project);
    }

    private static double ofSounds(Project project) {
        return Math.min(HIGHEST_SOUNDS, SOUND * SoundEdits.tracks(project));
    }

    /** How much of the band is rows of sounds, 0 … 1. */
    static double soundsPart(Project project, boolean open) {
        return ofSounds(project) / bandHeight(project, open);
    }

    /** Where the rows of shots end, and those of sounds begin. */
    double shotsHeight() {
        return height * ofShots(project, open) / bandHeight(project, open);
    }

    SoundRows sounds() {
        return new SoundRows(this);
    }

    double perFrame() {
        return Math.max(1, width - LEFT - RIGHT) / Math.max(1, shown);
    }

    double x(double frame) {
        return LEFT + (frame - from) * perFrame();
    }

    int frame(double x) {
        return (int) Math.floor(from + (x - LEFT) / perFrame());
    }

    /** The top of a shot: higher tracks lie above. */
    double top(Shot shot) {
        return top(shot.track());
    }

    double top(int track) {
        return track == 1 ? shotsHeight() - AIR - rowHeight(1) : above() + (rows() - track) * rowHeight(track);
    }

    /** The track at a height: one more than there are above the uppermost. */
    int track(double y) {
        return y >= top(1)
                ? 1
                : Math.clamp(rows() - (int) Math.floor((y - above()) / rowHeight(2)), 2, LineUp.tracks(project) + 1);
    }

    /** The first track, where most of it happens, is higher than those above. */
    double rowHeight(int track) {
        double whole = shotsHeight() - AIR - above();
        double others = whole / (rows() - 1 + FIRST);
        return track == 1 ? whole - others * (rows() - 1) : others;
    }

    /** Whether any of a shot is seen. */
    boolean shows(Shot shot) {
        return x(shot.start() + (double) shot.length()) >= LEFT && x(shot.start()) <= width;
    }

    /** The uppermost shot at a place. */
    Optional<Shot> shotAt(double x, double y) {
        List<Shot> here = LineUp.at(project, frame(x)).reversed();
        return here.stream()
                .filter(shot -> y >= top(shot) && y < top(shot) + rowHeight(shot.track()))
                .findFirst();
    }

    /** The shot whose picture a drop at a place would replace: one whose middle half is under it. */
    Optional<Shot> replacedBy(double x, double y) {
        return shotAt(x, y)
                .filter(shot -> Math.abs(x - x(shot.start() + shot.length() / 2.0)) < shot.length() * perFrame() / 4);
    }

    /** The place among the shots of a track that a drop at x means, leaving one shot out. */
    int place(double x, int track, Optional<String> without) {
        int place = 0;
        for (Shot shot : LineUp.track(project, track)) {
            boolean counted = without.map(id -> !id.equals(shot.id())).orElse(true);
            if (counted && x(shot.start() + shot.length() / 2.0) < x) {
                place++;
            }
        }
        return place;
    }
}
