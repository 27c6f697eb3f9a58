package amberlens.core.edit.edits;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Insets: shots that lie over others and need not fill the frame. */
public final class InsetEdits {
    /** The lowest track that lies over another. */
    public static final int FIRST_TRACK = 2;

    /** The most that an inset takes of the frame's width and height when it is laid in. */
    private static final double WIDEST = 1 / 3.0;

    private static final double HIGHEST = 1 / 2.0;

    /** What several take together, and what they leave between each other. */
    private static final double TOGETHER = 0.92;

    private static final double GAP = 0.9;

    /** From one to the next of a pile, in parts of the frame's width, and how far they are turned, in degrees. */
    private static final double PILE = 0.03;

    private static final double[] TURNS = {-3, 2.5, -1.5, 4};

    private InsetEdits() {}

    /** How several insets lie. */
    public enum Order {
        SIDE_BY_SIDE("side by side"),
        STACKED("stacked"),
        ONE_AFTER_ANOTHER("one after the other");

        private final String words;

        Order(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Lays pictures in as insets, over whatever lies there; those with faces are cropped so that these stand in the middle.
     *
     * @param media with the marks that are seen in them
     * @param time a frame of the line-up, at which the first begins
     * @param track the lowest on which one may lie, at least {@value #FIRST_TRACK}; where that is taken, they lie above
     */
    public static Edit lay(List<Media> media, int time, int track, Order order) {
        return Edit.of(media.size() == 1 ? "add inset" : "add " + media.size() + " insets", project -> {
            Project laid = project;
            int start = time;
            int lowest = Math.max(FIRST_TRACK, track);
            for (int i = 0; i < media.size(); i++) {
                Shot fresh = ShotEdits.newShot(laid, media.get(i), Refit.FIT).withStart(start);
                Shot free = fresh.withTrack(freeTrack(laid, fresh, lowest));
                Optional<PictureBox> part = InsetCrop.of(media.get(i));
                Size shown = part.map(box -> new Size((int) Math.round(box.width()), (int) Math.round(box.height())))
                        .orElse(media.get(i).size());
                Pose pose = pose(media.get(i).size(), shown, project.frameSize(), order, i, media.size());
                Pose placed = part.map(box -> pose.withAnchor(box.middle())).orElse(pose);
                Shot inset =
                        free.withSettings(free.settings().withFillsFrame(false)).withCamera(CameraTrack.still(placed));
                List<Shot> all = new ArrayList<>(laid.shots());
                all.add(inset);
                laid = cropped(laid.withShots(all), inset, part);
                start = order == Order.ONE_AFTER_ANOTHER ? start + inset.length() : start;
                lowest = order == Order.ONE_AFTER_ANOTHER ? lowest : inset.track() + 1;
            }
            return laid;
        });
    }

    private static Project cropped(Project project, Shot inset, Optional<PictureBox> part) {
        return part.map(box -> LookEdits.add(
                                Set.of(inset.id()),
                                InsetCrop.look(box, project.mediaOf(inset).size(), project.frameSize(), inset.length()))
                        .apply(project))
                .orElse(project);
    }

    private static int freeTrack(Project project, Shot shot, int lowest) {
        FrameSpan span = shot.onLineUp();
        int track = lowest;
        while (LineUp.track(project, track).stream().anyMatch(other -> overlap(other.onLineUp(), span))) {
            track++;
        }
        return track;
    }

    private static boolean overlap(FrameSpan one, FrameSpan other) {
        return one.from() <= other.to() && other.from() <= one.to();
    }

    private static Pose pose(Size picture, Size shown, Size frame, Order order, int number, int of) {
        boolean beside = order == Order.SIDE_BY_SIDE && of > 1;
        double wide = beside ? Math.min(WIDEST, GAP * TOGETHER / of) : WIDEST;
        double percent =
                100 * Math.min(wide * frame.width() / shown.width(), HIGHEST * frame.height() / shown.height());
        Pose middle = Pose.neutral(picture, frame).withScale(Scale.uniform(percent));
        double place = number - (of - 1) / 2.0;
        return switch (order) {
            case ONE_AFTER_ANOTHER -> middle;
            case SIDE_BY_SIDE -> moved(middle, place * TOGETHER / of * frame.width(), 0);
            case STACKED ->
                moved(middle, place * PILE * frame.width(), place * PILE * frame.height())
                        .withDegrees(of == 1 ? 0 : TURNS[number % TURNS.length]);
        };
    }

    private static Pose moved(Pose pose, double x, double y) {
        return pose.withPosition(pose.position().plus(new FramePoint(x, y)));
    }

    /** Makes shots insets, or lets them fill the frame again: what they show stays as it is. */
    public static Edit set(Set<String> shotIds, boolean inset) {
        String what = shotIds.size() == 1 ? "shot" : shotIds.size() + " shots";
        return Edit.of(
                inset ? what + " as inset" : what + " to fill the frame",
                project -> project.withShots(project.shots().stream()
                        .map(shot -> shotIds.contains(shot.id()) && !project.isRig(shot) && !project.isTitle(shot)
                                ? shot.withSettings(shot.settings().withFillsFrame(!inset))
                                : shot)
                        .toList()));
    }
}
