package amberlens.exchange.move;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.Pose;
import java.util.List;

/** What a shot of a project does with its picture, with what rigs add. Looks, fades and opacity are not part of a move. */
public final class ShotMove {
    private final Project project;
    private final Shot shot;
    private final Media media;
    private final Take take;
    private final List<Pose> poses;

    private ShotMove(Project project, Shot shot) {
        this.project = project;
        this.shot = shot;
        media = project.mediaOf(shot);
        take = project.take(shot);
        poses = take.poses();
    }

    /**
     * The move of a shot.
     *
     * @throws FileProblem when the shot shows no picture that a file holds: a rig or a title
     */
    public static ShotMove of(Project project, Shot shot) throws FileProblem {
        if (project.isRig(shot)) {
            throw new FileProblem("\"" + shot.name()
                    + "\" is a rig, which has no picture; write the move of a shot below it, which holds the rig's.");
        }
        if (project.isTitle(shot)) {
            throw new FileProblem(
                    "\"" + shot.name()
                            + "\" shows a title, which no picture file holds; other formats cannot name it. Export it as a film.");
        }
        return new ShotMove(project, shot);
    }

    public Project project() {
        return project;
    }

    public Shot shot() {
        return shot;
    }

    public Media media() {
        return media;
    }

    /** Source pixels. */
    public Size picture() {
        return media.size();
    }

    /** Frame pixels. */
    public Size frame() {
        return project.frameSize();
    }

    public FrameRate rate() {
        return project.frame().rate();
    }

    public int length() {
        return shot.length();
    }

    Take take() {
        return take;
    }

    public Mirror mirror() {
        return shot.settings().mirror();
    }

    /** The pose at one of its frames, of the picture as it is mirrored. */
    public Pose pose(int frame) {
        return poses.get(frame);
    }

    /** From source pixels to frame pixels at one of its frames, mirrored if the shot is. */
    public ProjectiveMap map(int frame) {
        return mirror().of(picture()).then(pose(frame).map());
    }

    /** Whether it shows numbered pictures, not a film file. */
    public boolean isSequence() {
        return media.kind() == Media.Kind.SEQUENCE;
    }

    /** Whether the picture never leans and no corner is pulled. */
    public boolean isFlat() {
        return poses.stream().allMatch(Pose::isFlat);
    }

    /** Whether a frame shows something beside the picture. */
    public boolean isOpen() {
        return !EdgeReport.of(take).isSealed();
    }

    /**
     * Refuses a move that leans.
     *
     * @param format by its name
     */
    public void requireFlat(String format) throws FileProblem {
        if (!isFlat()) {
            throw new FileProblem("\"" + shot.name() + "\" has pitch, yaw or pulled corners, which " + format
                    + " cannot express; css, csv, ffmpeg and otio can.");
        }
    }
}
