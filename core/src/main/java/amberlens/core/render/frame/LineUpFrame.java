package amberlens.core.render.frame;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.base.time.Shutter;
import amberlens.core.judge.edges.Margin;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.SequencedMap;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** What is seen in the frames of the line-up. */
public final class LineUpFrame {
    /** Where the pictures of media come from. */
    public interface Pictures {
        /** The picture, or null while there is none; then it is left out. */
        @Nullable
        Picture of(PictureRef ref);

        /** Told before a frame is put together what it reads, so that all of it can be kept until the next frame. */
        default void reads(Collection<PictureRef> refs) {}
    }

    private final Project project;
    private final Size output;
    private final int most;
    private final Pictures pictures;

    private LineUpFrame(Project project, Size output, int most, Pictures pictures) {
        this.project = project;
        this.output = output;
        this.most = most;
        this.pictures = pictures;
    }

    /**
     * What is seen in a line-up frame, the lowest first.
     *
     * @param frame also a place between two frames
     * @param output the size to render at; poses are in frame pixels and follow
     */
    public static List<Seen> layers(Project project, double frame, Size output, Pictures pictures) {
        return layers(project, frame, output, Shutter.MOST, pictures);
    }

    /**
     * Likewise, for playing.
     *
     * @param most instants of an exposed frame
     */
    public static List<Seen> layers(Project project, double frame, Size output, int most, Pictures pictures) {
        return new LineUpFrame(project, output, most, pictures).at(frame);
    }

    /**
     * Likewise, but only a part of the output.
     *
     * @param left where the part begins in the output
     * @param top likewise
     */
    public static List<Seen> layers(
            Project project, double frame, Size output, int most, double left, double top, Pictures pictures) {
        return layers(project, frame, output, most, pictures).stream()
                .map(seen -> seen.moved(Zoom.shift(-left, -top)))
                .toList();
    }

    /** What the shots that are seen in a frame read, the lowest first: all that has to be there for it. */
    public static SequencedMap<Shot, List<PictureRef>> reads(Project project, double frame) {
        var reads = new LinkedHashMap<Shot, List<PictureRef>>();
        for (Shot shot : LineUp.at(project, (int) Math.floor(frame))) {
            if (!project.isRig(shot)) {
                reads.put(shot, ShotSeen.reads(project, shot, frame - shot.start()));
            }
        }
        return reads;
    }

    private List<Seen> at(double frame) {
        pictures.reads(
                reads(project, frame).values().stream().flatMap(List::stream).toList());
        List<Seen> seen = new ArrayList<>();
        List<Shot> shots = LineUp.at(project, (int) Math.floor(frame));
        for (int i = 0; i < shots.size(); i++) {
            Shot shot = shots.get(i);
            if (project.isRig(shot)) {
                seen = underRig(shot, frame, seen);
                continue;
            }
            boolean overlapped = i + 1 < shots.size() && shots.get(i + 1).track() == shot.track();
            Optional<Seen> here = overlapped && dissolves(shots.get(i + 1), frame)
                    ? dissolve(shot, shots.get(++i), frame, seen.isEmpty())
                    : faded(shot, frame, seen.isEmpty());
            here.ifPresent(seen::add);
        }
        return seen;
    }

    /** The looks of a rig act on everything below it. */
    private List<Seen> underRig(Shot rig, double frame, List<Seen> below) {
        AppliedLooks looks = AppliedLooks.of(rig.looks(), rig.camera(), frame - rig.start());
        if (looks.isPlain() || below.isEmpty()) {
            return below;
        }
        Pose pose = project.ride(rig).on(project.pose(rig, frame - rig.start()), frame - rig.start());
        Seen all = below.size() == 1 ? below.getFirst() : new Seen.Group(below, 1, BlendMode.NORMAL);
        Size size = project.mediaOf(rig).size();
        ProjectiveMap map = toOutput(size, pose, Mirror.NONE, project.frameSize(), output);
        return new ArrayList<>(List.of(new Dressing(looks, size, map, project.frameSize(), output).ofGroup(all)));
    }

    private Optional<Seen> whole(Shot shot, double frame, boolean lowest, double shown, UnaryOperator<Seen> passing) {
        return new ShotSeen(project, shot, output, most, pictures).seen(frame - shot.start(), lowest, shown, passing);
    }

    /** Whether a shot that overlaps the one before it is still coming in over it. */
    private static boolean dissolves(Shot later, double frame) {
        return later.layering()
                .enter()
                .filter(fade -> fade.through().isEmpty() && frame - later.start() < fade.frames())
                .isPresent();
    }

    private Optional<Seen> dissolve(Shot earlier, Shot later, double frame, boolean lowest) {
        double part = later.layering().enter().orElseThrow().shown(frame - later.start());
        Optional<Seen> from = whole(earlier, frame, lowest, 1, seen -> seen);
        Optional<Seen> to = whole(later, frame, lowest, 1, seen -> seen);
        return from.isPresent() && to.isPresent()
                ? Optional.of(new Seen.Mix(from.get(), to.get(), part))
                : to.or(() -> from);
    }

    /** A shot with its fades. */
    private Optional<Seen> faded(Shot shot, double frame, boolean lowest) {
        double at = frame - shot.start();
        Optional<Fade> enter = shot.layering().enter();
        Optional<Fade> leave = shot.layering().leave();
        double entered = shown(enter, at);
        double left = shown(leave, shot.lastFrame() - at);
        double over = (isOver(enter) ? entered : 1) * (isOver(leave) ? left : 1);
        return whole(
                shot, frame, lowest, over, seen -> through(shot, leave, left, through(shot, enter, entered, seen)));
    }

    /** What is seen of a shot, part of the way from the colour that a fade passes through. */
    private Seen through(Shot shot, Optional<Fade> fade, double part, Seen seen) {
        Optional<Colour> colour = fade.flatMap(Fade::through);
        if (part >= 1 || colour.isEmpty()) {
            return seen;
        }
        return shot.fillsFrame()
                ? new Seen.Mix(filling(Pyramid.plain(colour.get()), project.frameSize(), output), seen, part)
                : new Seen.Tinted(seen, colour.get(), 1 - part);
    }

    private static double shown(Optional<Fade> fade, double frame) {
        return fade.map(found -> found.shown(frame)).orElse(1.0);
    }

    private static boolean isOver(Optional<Fade> fade) {
        return fade.filter(found -> found.through().isEmpty()).isPresent();
    }

    /** A picture laid in so that it just fills the frame. */
    static Layer filling(Pyramid picture, Size frame, Size output) {
        return layer(picture, Refit.FILL.pose(picture.size(), frame), frame, output);
    }

    /** Whatever a shot shows in one pose. */
    public static Seen placed(Picture picture, Pose pose, Mirror mirror, Size frame, Size output) {
        return switch (picture) {
            case Picture.Pixels pixels -> layer(pixels.pyramid(), pose, mirror, frame, output);
            case Picture.Letters letters -> written(letters, pose, mirror, frame, output);
        };
    }

    static Written written(Picture.Letters letters, Pose pose, Mirror mirror, Size frame, Size output) {
        Pose placed = placed(letters.size(), pose, frame);
        ProjectiveMap map = toOutput(letters.size(), placed, mirror, frame, output);
        return new Written(letters.title(), letters.size(), map, placed.isSeen());
    }

    /** One picture in one pose. */
    public static Layer layer(Pyramid picture, Pose pose, Size frame, Size output) {
        return layer(picture, pose, Mirror.NONE, frame, output);
    }

    /** Likewise, as in a mirror. */
    public static Layer layer(Pyramid picture, Pose pose, Mirror mirror, Size frame, Size output) {
        Pose placed = placed(picture.size(), pose, frame);
        boolean covers = Margin.of(placed, picture.size(), frame).isSealed();
        return new Layer(
                picture,
                Portion.WHOLE,
                toOutput(picture.size(), placed, mirror, frame, output),
                covers,
                placed.isSeen());
    }

    /** Whatever a shot shows in one pose with looks. */
    public static Seen dressed(Picture picture, Pose pose, Mirror mirror, AppliedLooks looks, Size frame, Size output) {
        ProjectiveMap map = toOutput(picture.size(), pose, mirror, frame, output);
        var dressing = new Dressing(looks, picture.size(), map, frame, output);
        return switch (picture) {
            case Picture.Pixels pixels -> {
                Layer layer = layer(pixels.pyramid(), pose, mirror, frame, output);
                boolean covers = layer.covers() && looks.left().isWhole();
                yield dressing.of(layer.cropped(looks.left(), covers));
            }
            case Picture.Letters letters ->
                dressing.of(dressing.lettered(written(letters, pose, mirror, frame, output)));
        };
    }

    private static Pose placed(Size picture, Pose pose, Size frame) {
        return pose.depth().setting().isPresent() ? pose : pose.in(picture, frame);
    }

    static ProjectiveMap toOutput(Size picture, Pose pose, Mirror mirror, Size frame, Size output) {
        ProjectiveMap map = placed(picture, pose, frame)
                .map()
                .thenScaled((double) output.width() / frame.width(), (double) output.height() / frame.height());
        return mirror.of(picture).then(map);
    }
}
