package amberlens.desktop.work.pictures;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.memo.RecentlyUsed;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.kit.style.Pictures;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.media.pixels.PixelCache;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import javafx.scene.image.Image;

/** Small pictures of framings and media, made in the background and kept. Lives on the interface thread. */
public final class Thumbnails {
    /** What all may hold together. */
    private static final long BYTES = 48L << 20;

    /**
     * A small picture.
     *
     * @param media what has a file tells its pixels by the frame
     */
    private record Wanted(
            Media media, int frameOfMedia, Pose pose, Mirror mirror, AppliedLooks looks, Size frame, Size size) {}

    private final RecentlyUsed<Wanted, Image> known = new RecentlyUsed<>(BYTES, Pictures::bytes);
    private double deviceScale = 1;
    private final Set<Wanted> underWay = new HashSet<>();
    private final PixelCache pictures;
    private final Rows rows;
    private final Background background;
    private final Runnable onNew;

    /**
     * @param onNew called when a picture that was asked for has become ready
     */
    public Thumbnails(PixelCache pictures, Rows rows, Background background, Runnable onNew) {
        this.pictures = pictures;
        this.rows = rows;
        this.background = background;
        this.onNew = onNew;
    }

    /** Makes them from now on for so many pixels of the screen per pixel of the interface; sizes are still those of the interface. */
    public void setDeviceScale(double scale) {
        if (scale != deviceScale) {
            deviceScale = scale;
            onNew.run();
        }
    }

    /**
     * What a shot's output shows at one of its frames, if that is ready.
     *
     * @param room what it fits into, in the shape of the project's frame
     */
    public Optional<Image> framing(Project project, Shot shot, int frame, Size room) {
        Media media = project.mediaOf(shot);
        int source = project.sourceFrames(shot, frame).first();
        Size device = Pictures.onDevice(project.frameSize().fittedInto(room.width(), room.height()), deviceScale);
        AppliedLooks looks = AppliedLooks.of(shot.looks(), shot.camera(), frame);
        return find(new Wanted(
                media,
                source,
                project.pose(shot, frame),
                shot.settings().mirror(),
                looks,
                project.frameSize(),
                device));
    }

    /** The whole of a picture, or of the first frame of footage, filling a small size, if that is ready. */
    public Optional<Image> whole(Media media, Size size) {
        Size device = Pictures.onDevice(size, deviceScale);
        Refit how = media.title().isPresent() ? Refit.FIT : Refit.FILL;
        return find(
                new Wanted(media, 0, how.pose(media.size(), device), Mirror.NONE, AppliedLooks.PLAIN, device, device));
    }

    private Optional<Image> find(Wanted wanted) {
        Media media = wanted.media;
        if (media.kind() == Media.Kind.RIG || !media.isSeen()) {
            return Optional.empty();
        }
        Image image = known.get(wanted);
        if (image == null && underWay.add(wanted)) {
            CompletableFuture<Picture> picture = Picture.without(media)
                    .map(CompletableFuture::completedFuture)
                    .orElseGet(() -> pictures.glance(PictureRef.of(media, wanted.frameOfMedia))
                            .thenApply(Picture.Pixels::new));
            background.whenEnded(picture, () -> make(wanted, picture));
        }
        return Optional.ofNullable(image);
    }

    /** Whether some that were asked for are not there yet. */
    public boolean isBusy() {
        return !underWay.isEmpty();
    }

    /** What cannot be read is asked for again when it is to be shown again. */
    private void make(Wanted wanted, CompletableFuture<Picture> picture) {
        background.start(Work.of(() -> drawn(wanted, picture.get()), frame -> show(wanted, frame), _ -> {})
                .forEveryProject()
                .atEnd(() -> underWay.remove(wanted)));
    }

    private FrameRaster drawn(Wanted wanted, Picture picture) {
        var seen = LineUpFrame.dressed(picture, wanted.pose, wanted.mirror, wanted.looks, wanted.frame, wanted.size);
        return Compositor.compose(List.of(seen), Colour.BLACK, wanted.size, rows);
    }

    private void show(Wanted wanted, FrameRaster frame) {
        known.put(wanted, Pictures.image(frame));
        underWay.remove(wanted);
        onNew.run();
    }
}
