package amberlens.core.render.frame;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Shutter;
import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.edges.Margin;
import amberlens.core.material.footage.SourceFrames;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.Passing;
import amberlens.core.material.planes.Parallax;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Exposure;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import amberlens.core.pixels.drawing.DrawnWindow;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * What is seen of one shot.
 *
 * @param output the size to render at
 * @param most instants of an exposed frame
 */
record ShotSeen(Project project, Shot shot, Size output, int most, LineUpFrame.Pictures pictures) {
    /**
     * A shot with what stands behind its picture, as one.
     *
     * @param at frames from the shot's first
     * @param lowest whether nothing lies below
     * @param shown how much of it is shown, 0 … 1
     * @param passing what becomes of its light before it is laid over what is below
     */
    Optional<Seen> seen(double at, boolean lowest, double shown, UnaryOperator<Seen> passing) {
        Media media = project.mediaOf(shot);
        SourceFrames source = project.sourceFrames(shot, at);
        Optional<DeepPicture> deep = isDeep(project, shot, at) ? DeepPicture.of(media, pictures) : Optional.empty();
        Picture picture = deep.isPresent() && !blurs(project, shot)
                ? new Picture.Pixels(deep.get().ground())
                : pictures.of(PictureRef.of(media, source.first()));
        if (picture == null) {
            return Optional.empty();
        }
        Picture second = source.part() > 0 ? pictures.of(PictureRef.of(media, source.second())) : null;
        List<Seen> instants = new ArrayList<>();
        boolean visible = false;
        for (double moment : moments(at)) {
            Pose pose = pose(moment);
            AppliedLooks looks = AppliedLooks.of(shot.looks(), shot.camera(), moment);
            Seen placed = placed(picture, deep, pose, looks, moment);
            visible |= isVisible(placed);
            Seen shownPicture = second == null
                    ? placed
                    : new Seen.Mix(placed, placed(second, deep, pose, looks, moment), source.part());
            instants.add(dressing(looks, picture.size(), pose).of(shownPicture));
        }
        List<Seen> parts = new ArrayList<>();
        if (!instants.stream().allMatch(Seen::hidesAllBelow)) {
            backdrop(picture, lowest, at)
                    .map(behind -> behind(behind, picture, at))
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

    /** All values that decide what is seen of a shot in one of its frames. */
    static FrameSight.OfShot sight(Project project, Shot shot, double at, Size output) {
        var seen = new ShotSeen(project, shot, output, Shutter.MOST, _ -> null);
        double[] moments = project.isRig(shot) ? new double[] {at} : seen.moments(at);
        return new FrameSight.OfShot(
                shot.track(),
                project.mediaOf(shot).withMarks(List.of()).withTracks(List.of()),
                project.sourceFrames(shot, at),
                shot.layering().blend(),
                shot.settings(),
                FrameSight.Fading.of(shot.layering().enter(), at),
                FrameSight.Fading.of(shot.layering().leave(), shot.lastFrame() - at),
                shot.camera().get(Properties.OPACITY).at(at),
                project.parallax(shot, at),
                seen.isCropMoving(),
                project.judged(shot),
                project.judged(shot, at),
                Arrays.stream(moments).mapToObj(seen::pose).toList(),
                Arrays.stream(moments)
                        .mapToObj(moment -> AppliedLooks.of(shot.looks(), shot.camera(), moment))
                        .toList());
    }

    /** What a shot reads in one of its frames: not the whole of a picture of which only planes are seen. */
    static List<PictureRef> reads(Project project, Shot shot, double at) {
        Media media = project.mediaOf(shot);
        if (!media.hasPixels()) {
            return List.of();
        }
        List<PictureRef> reads = new ArrayList<>();
        boolean deep = isDeep(project, shot, at);
        if (deep) {
            reads.addAll(PictureRef.cutOuts(media));
        }
        if (!deep || blurs(project, shot)) {
            SourceFrames source = project.sourceFrames(shot, at);
            reads.add(PictureRef.of(media, source.first()));
            if (source.part() > 0) {
                reads.add(PictureRef.of(media, source.second()));
            }
        }
        return reads;
    }

    private static boolean isDeep(Project project, Shot shot, double at) {
        return !project.mediaOf(shot).planes().isEmpty() && project.parallax(shot, at) != 0;
    }

    /** Whether the picture as it is may stand blurred behind itself. */
    private static boolean blurs(Project project, Shot shot) {
        return switch (shot.settings().backdrop()) {
            case Backdrop.Blurred _ -> true;
            case Backdrop.Below _ -> project.frame().blurred();
            default -> false;
        };
    }

    /** The blurred picture behind a shot has its tones, and whatever stands there its vignettes. */
    private Seen behind(Pyramid backdrop, Picture picture, double at) {
        AppliedLooks looks = AppliedLooks.of(shot.looks(), shot.camera(), at);
        boolean ofPicture =
                picture instanceof Picture.Pixels pixels && pixels.pyramid().isSoftened(backdrop);
        return dressing(looks, picture.size(), pose(at))
                .behind(LineUpFrame.filling(backdrop, project.frameSize(), output), ofPicture);
    }

    private Pose pose(double at) {
        return project.ride(shot).on(project.pose(shot, at), at);
    }

    private double[] moments(double at) {
        double pxPerFramePx = (double) output.width() / project.frameSize().width();
        return Exposure.of(project.shutter(shot), pxPerFramePx)
                .withMost(most)
                .moments(at, moment -> pose(moment), project.frameSize());
    }

    /** What stands right behind a shot's picture; empty for what lies below. */
    private Optional<Pyramid> backdrop(Picture picture, boolean lowest, double at) {
        Backdrop backdrop = shot.settings().backdrop();
        for (Passing ground : AppliedLooks.of(shot.looks(), shot.camera(), at).grounds()) {
            backdrop = ground.on(backdrop);
        }
        return switch (backdrop) {
            case Backdrop.Blurred _ -> softened(picture);
            case Backdrop.Plain plain -> Optional.of(Pyramid.plain(plain.colour()));
            case Backdrop.Gradient gradient -> Optional.of(Grounds.of(gradient));
            case Backdrop.Clouds clouds -> Optional.of(Grounds.of(clouds));
            case Backdrop.Below _ -> lowest && project.frame().blurred() ? softened(picture) : Optional.empty();
        };
    }

    /** Letters are nothing to be blurred behind themselves. */
    private static Optional<Pyramid> softened(Picture picture) {
        return picture instanceof Picture.Pixels pixels
                ? Optional.of(pixels.pyramid().softened())
                : Optional.empty();
    }

    private Seen placed(Picture picture, Optional<DeepPicture> deep, Pose pose, AppliedLooks looks, double at) {
        return switch (picture) {
            case Picture.Pixels pixels -> pixels(pixels.pyramid(), deep, pose, looks, at);
            case Picture.Letters letters ->
                dressing(looks, letters.size(), pose)
                        .lettered(LineUpFrame.written(
                                letters, pose, shot.settings().mirror(), project.frameSize(), output));
        };
    }

    /** A picture, in planes where it lies in some. */
    private Seen pixels(Pyramid picture, Optional<DeepPicture> deep, Pose pose, AppliedLooks looks, double at) {
        return deep.<Seen>map(planes -> {
                    Size frame = project.frameSize();
                    Mirror mirror = shot.settings().mirror();
                    return planes.over(
                            layer(planes.ground(), pose, looks, at),
                            Parallax.of(
                                    LineUpFrame.toOutput(planes.size(), pose, mirror, frame, frame),
                                    planes.size(),
                                    frame,
                                    project.parallax(shot, at)),
                            LineUpFrame.toOutput(planes.size(), pose, mirror, frame, output),
                            looks.left());
                })
                .orElseGet(() -> finer(layer(picture, pose, looks, at)));
    }

    /** A drawing as large as it is seen, where that is larger than it is drawn otherwise, and drawn already. */
    private Layer finer(Layer layer) {
        Media media = project.mediaOf(shot);
        if (!media.isDrawing() || !layer.picture().size().equals(media.size())) {
            return layer;
        }
        return DrawnWindow.of(layer.toOutput(), media.size(), output)
                .flatMap(window -> drawn(media, window).map(pixels -> layer.with(pixels, window)))
                .orElse(layer);
    }

    private Optional<Pyramid> drawn(Media media, DrawnWindow window) {
        Size part = window.area(media.size()).size();
        Size wanted = new Size(part.width() * window.times(), part.height() * window.times());
        return pictures.of(new PictureRef.DrawnPart(media, window)) instanceof Picture.Pixels pixels
                        && pixels.size().equals(wanted)
                ? Optional.of(pixels.pyramid())
                : Optional.empty();
    }

    private static boolean isVisible(Seen placed) {
        return !(placed instanceof Layer layer) || layer.isVisible();
    }

    /**
     * One picture in one pose, cropped. Where the part of it that is judged fills the frame, only that part is read: its own border goes
     * on, and nothing of what lies beyond it mixes into the frame's.
     */
    private Layer layer(Pyramid picture, Pose pose, AppliedLooks looks, double at) {
        Size frame = project.frameSize();
        Mirror mirror = shot.settings().mirror();
        Judged judged = project.judged(shot);
        Judged now = project.judged(shot, at);
        boolean covers = judged.area().isWithin(picture.size())
                && Margin.of(now.of(pose), judged.picture(), frame).isSealed();
        Judged read = judged.picture().equals(picture.size()) ? steadilyLeft(picture, looks) : judged;
        if (!read.picture().equals(picture.size()) && covers) {
            PictureArea area = mirror.of(read.area(), picture.size());
            Portion left = looks.left().in(area, picture.size());
            return LineUpFrame.layer(picture.part(area), read.of(pose), mirror, frame, output)
                    .cropped(left, true);
        }
        Layer whole = LineUpFrame.layer(picture, pose, mirror, frame, output);
        return looks.left().isWhole() ? whole : whole.cropped(looks.left(), covers);
    }

    /** What a crop that stands still leaves, in whole pixels; one that moves would have to be read anew in every frame. */
    private Judged steadilyLeft(Pyramid picture, AppliedLooks looks) {
        PictureArea area = isCropMoving()
                ? PictureArea.whole(picture.size())
                : shot.settings().mirror().of(looks.left().pixels(picture.size()), picture.size());
        return new Judged(area, picture.size(), project.frameSize(), project.frameSize());
    }

    private boolean isCropMoving() {
        return shot.looks().stream()
                .filter(look -> look.kind().equals(LookKinds.CROP))
                .flatMap(look -> look.amounts().stream())
                .anyMatch(amount -> shot.camera().get(amount).animated());
    }

    private Dressing dressing(AppliedLooks looks, Size picture, Pose pose) {
        Size frame = project.frameSize();
        return new Dressing(
                looks,
                picture,
                LineUpFrame.toOutput(picture, pose, shot.settings().mirror(), frame, output),
                frame,
                output);
    }
}
