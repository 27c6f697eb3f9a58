package amberlens.core.render;

import amberlens.core.colour.Colour;
import amberlens.core.edges.Conform;
import amberlens.core.edges.Judged;
import amberlens.core.edges.Margin;
import amberlens.core.footage.SourceFrames;
import amberlens.core.geometry.Mirror;
import amberlens.core.geometry.PictureArea;
import amberlens.core.geometry.Portion;
import amberlens.core.geometry.ProjectiveMap;
import amberlens.core.geometry.Size;
import amberlens.core.layering.Backdrop;
import amberlens.core.layering.BlendMode;
import amberlens.core.layering.Fade;
import amberlens.core.look.Appearance;
import amberlens.core.look.LookKinds;
import amberlens.core.model.LineUp;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Exposure;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Properties;
import amberlens.core.sampling.Pyramid;
import amberlens.core.time.Shutter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** What is seen in the frames of the line-up. */
public final class LineUpFrame {
    /** Where the pixels of media come from. */
    public interface Pictures {
        /**
         * The picture, or null while there is none; then it is left out.
         *
         * @param frame of footage; 0 for a still picture
         */
        @Nullable
        Pyramid of(Media media, int frame);
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
                .map(seen -> seen.shifted(-left, -top))
                .toList();
    }

    private List<Seen> at(double frame) {
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
        Appearance looks = Appearance.of(rig.looks(), rig.camera(), frame - rig.start());
        if (looks.isPlain() || below.isEmpty()) {
            return below;
        }
        Pose pose = project.ride(rig).on(project.pose(rig, frame - rig.start()), frame - rig.start());
        Seen all = below.size() == 1 ? below.getFirst() : new Seen.Group(below, 1, BlendMode.NORMAL);
        return new ArrayList<>(List.of(
                dressing(looks, project.mediaOf(rig).size(), pose, Mirror.NONE).of(all)));
    }

    private Dressing dressing(Appearance looks, Size picture, Pose pose, Mirror mirror) {
        return new Dressing(looks, picture, toOutput(picture, pose, mirror), project.frameSize(), output);
    }

    private ProjectiveMap toOutput(Size picture, Pose pose, Mirror mirror) {
        return toOutput(picture, pose, mirror, project.frameSize(), output);
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
                ? new Seen.Mix(filling(Pyramid.plain(colour.get())), seen, part)
                : new Seen.Tinted(seen, colour.get(), 1 - part);
    }

    private static double shown(Optional<Fade> fade, double frame) {
        return fade.map(found -> found.shown(frame)).orElse(1.0);
    }

    private static boolean isOver(Optional<Fade> fade) {
        return fade.filter(found -> found.through().isEmpty()).isPresent();
    }

    /**
     * A shot with what stands behind its picture, as one.
     *
     * @param passing what becomes of its light before it is laid over what is below
     */
    private Optional<Seen> whole(Shot shot, double frame, boolean lowest, double shown, UnaryOperator<Seen> passing) {
        double at = frame - shot.start();
        Media media = project.mediaOf(shot);
        SourceFrames source = project.sourceFrames(shot, at);
        Pyramid picture = pictures.of(media, source.first());
        if (picture == null) {
            return Optional.empty();
        }
        Mirror mirror = shot.settings().mirror();
        Pyramid second = source.part() > 0 ? pictures.of(media, source.second()) : null;
        List<Seen> instants = new ArrayList<>();
        boolean visible = false;
        for (double moment : moments(shot, at)) {
            Pose pose = pose(shot, moment);
            Appearance looks = Appearance.of(shot.looks(), shot.camera(), moment);
            Layer layer = layer(shot, picture, pose, looks, moment);
            visible |= layer.isVisible();
            Seen shownPicture = second == null
                    ? layer
                    : new Seen.Mix(layer, layer(shot, second, pose, looks, moment), source.part());
            instants.add(dressing(looks, picture.size(), pose, mirror).of(shownPicture));
        }
        List<Seen> parts = new ArrayList<>();
        if (!instants.stream().allMatch(Seen::hidesAllBelow)) {
            backdrop(shot, picture, lowest)
                    .map(behind -> behind(shot, behind, picture, at))
                    .ifPresent(parts::add);
        }
        if (visible) {
            parts.add(instants.size() == 1 ? instants.getFirst() : new Seen.Exposed(instants));
        }
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        double opacity =
                shown * Math.clamp(shot.camera().get(Properties.OPACITY).at(at) / 100, 0, 1);
        BlendMode blend = shot.layering().blend();
        Seen light = passing.apply(parts.size() == 1 ? parts.getFirst() : new Seen.Group(parts, 1, BlendMode.NORMAL));
        boolean plain = opacity == 1 && blend == BlendMode.NORMAL;
        return Optional.of(plain ? light : new Seen.Group(List.of(light), opacity, blend));
    }

    /** The blurred picture behind a shot has its tones, and whatever stands there its vignettes. */
    private Seen behind(Shot shot, Pyramid backdrop, Pyramid picture, double at) {
        Appearance looks = Appearance.of(shot.looks(), shot.camera(), at);
        boolean ofPicture = picture.isSoftened(backdrop);
        return dressing(looks, picture.size(), pose(shot, at), shot.settings().mirror())
                .behind(filling(backdrop), ofPicture);
    }

    private Pose pose(Shot shot, double at) {
        return project.ride(shot).on(project.pose(shot, at), at);
    }

    private double[] moments(Shot shot, double at) {
        double pxPerFramePx = (double) output.width() / project.frameSize().width();
        return Exposure.of(project.shutter(shot), pxPerFramePx)
                .withMost(most)
                .moments(at, moment -> pose(shot, moment), project.frameSize());
    }

    /** What stands right behind a shot's picture; empty for what lies below. */
    private Optional<Pyramid> backdrop(Shot shot, Pyramid picture, boolean lowest) {
        return switch (shot.settings().backdrop()) {
            case Backdrop.Blurred _ -> Optional.of(picture.softened());
            case Backdrop.Plain plain -> Optional.of(Pyramid.plain(plain.colour()));
            case Backdrop.Gradient gradient -> Optional.of(Grounds.of(gradient));
            case Backdrop.Clouds clouds -> Optional.of(Grounds.of(clouds));
            case Backdrop.Below _ ->
                lowest && project.frame().blurred() ? Optional.of(picture.softened()) : Optional.empty();
        };
    }

    /** A picture laid in so that it just fills the frame. */
    private Layer filling(Pyramid picture) {
        return layer(picture, Conform.FILL.pose(picture.size(), project.frameSize()), project.frameSize(), output);
    }

    /**
     * One picture in one pose, cropped. Where the part of it that is judged fills the frame, only that part is read: its own border goes
     * on, and nothing of what lies beyond it mixes into the frame's.
     */
    private Layer layer(Shot shot, Pyramid picture, Pose pose, Appearance looks, double at) {
        Size frame = project.frameSize();
        Mirror mirror = shot.settings().mirror();
        Judged judged = project.judged(shot);
        Judged now = project.judged(shot, at);
        boolean covers = judged.area().isWithin(picture.size())
                && Margin.of(now.of(pose), judged.picture(), frame).isSealed();
        Judged read = judged.picture().equals(picture.size()) ? steadilyLeft(shot, picture, looks) : judged;
        if (!read.picture().equals(picture.size()) && covers) {
            PictureArea area = mirror.of(read.area(), picture.size());
            Portion left = looks.left().in(area, picture.size());
            return layer(picture.part(area), read.of(pose), mirror, frame, output)
                    .cropped(left, true);
        }
        Layer whole = layer(picture, pose, mirror, frame, output);
        return looks.left().isWhole() ? whole : whole.cropped(looks.left(), covers);
    }

    /** What a crop that stands still leaves, in whole pixels; one that moves would have to be read anew in every frame. */
    private Judged steadilyLeft(Shot shot, Pyramid picture, Appearance looks) {
        boolean moves = shot.looks().stream()
                .filter(look -> look.kind().equals(LookKinds.CROP))
                .flatMap(look -> look.amounts().stream())
                .anyMatch(amount -> shot.camera().get(amount).animated());
        PictureArea area = moves
                ? PictureArea.whole(picture.size())
                : shot.settings().mirror().of(looks.left().pixels(picture.size()), picture.size());
        return new Judged(area, picture.size(), project.frameSize(), project.frameSize());
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

    /** One picture in one pose with looks. */
    public static Seen dressed(Pyramid picture, Pose pose, Mirror mirror, Appearance looks, Size frame, Size output) {
        Layer layer = layer(picture, pose, mirror, frame, output);
        boolean covers = layer.covers() && looks.left().isWhole();
        return new Dressing(looks, picture.size(), layer.toOutput(), frame, output)
                .of(layer.cropped(looks.left(), covers));
    }

    private static Pose placed(Size picture, Pose pose, Size frame) {
        return pose.depth().setting().isPresent() ? pose : pose.in(picture, frame);
    }

    private static ProjectiveMap toOutput(Size picture, Pose pose, Mirror mirror, Size frame, Size output) {
        ProjectiveMap map = placed(picture, pose, frame)
                .map()
                .thenScaled((double) output.width() / frame.width(), (double) output.height() / frame.height());
        return mirror.of(picture).then(map);
    }
}
